<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('vehicles', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->default('');
            $table->string('plate')->default('')->index();
            $table->string('number')->default('')->index();
            $table->string('class');
            // Name, plate and number in lower case, the latter two also without blanks and hyphens.
            $table->string('search_text', 1000)->default('');
            $table->timestamps();
        });
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->string('number')->unique();
            $table->string('name');
            $table->string('class')->index();
            $table->json('data');
            $table->timestamps();
        });
        Schema::create('clutch_jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('vehicle_id')->constrained()->restrictOnDelete();
            $table->string('units')->default('metric');
            // What an imported file held that this application has no field for.
            $table->longText('base_sheet')->nullable();
            $table->string('opened_by');
            $table->timestamps();
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('seq');
            $table->string('field');
            $table->unsignedSmallInteger('position')->default(0);
            $table->string('kind')->default('entry');
            $table->text('typed');
            $table->double('value')->nullable();
            $table->string('unit')->nullable();
            $table->boolean('is_number')->default(false);
            $table->string('instrument')->nullable();
            $table->unsignedInteger('supersedes')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('by_name');
            $table->dateTime('at');
            $table->unique(['clutch_job_id', 'seq']);
            $table->index(['clutch_job_id', 'field', 'position']);
        });
        Schema::create('kit_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->restrictOnDelete();
            $table->foreignId('kit_id')->nullable()->constrained()->nullOnDelete();
            // The kit as it was when chosen; later changes to the catalogue do not reach back.
            $table->json('data')->nullable();
            $table->string('by_name');
            $table->dateTime('at');
        });
        Schema::create('waivers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->restrictOnDelete();
            $table->string('finding');
            $table->text('reason');
            $table->boolean('withdrawn')->default(false);
            $table->string('by_name');
            $table->dateTime('at');
        });
        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->restrictOnDelete();
            $table->string('station');
            $table->text('text');
            $table->string('by_name');
            $table->dateTime('at');
        });
        Schema::create('signed_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->unique()->constrained()->restrictOnDelete();
            $table->longText('json');
            $table->string('sha256', 64);
            $table->boolean('elsewhere')->default(false);
            $table->string('by_name');
            $table->dateTime('at');
        });
    }

    public function down(): void
    {
        foreach (['signed_sheets', 'notes', 'waivers', 'kit_choices', 'readings', 'clutch_jobs', 'kits', 'vehicles'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
