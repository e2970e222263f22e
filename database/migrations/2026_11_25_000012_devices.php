<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Instruments that send their readings themselves: each with a token of its own, the field somebody armed for it, and all it ever sent. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('personal_access_tokens', function (Blueprint $table): void {
            $table->id();
            $table->morphs('tokenable');
            $table->text('name');
            $table->string('token', 64)->unique();
            $table->text('abilities')->nullable();
            $table->timestamp('last_used_at')->nullable();
            $table->timestamp('expires_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('devices', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('instrument');
            $table->string('by_name');
            $table->dateTime('revoked_at')->nullable();
            $table->timestamps();
        });
        Schema::create('armed_fields', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('device_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('clutch_job_id')->constrained('clutch_jobs')->cascadeOnDelete();
            $table->string('field');
            $table->unsignedInteger('position');
            $table->unsignedInteger('shown')->default(0);
            $table->dateTime('armed_at');
            $table->dateTime('expires_at');
        });
        Schema::create('device_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('device_id')->constrained()->restrictOnDelete();
            // The instrument's own number of the reading: the same one sent twice is one.
            $table->string('number', 64)->nullable();
            $table->string('text', 100);
            $table->dateTime('taken_at')->nullable();
            $table->string('outcome', 20);
            $table->string('said', 400)->default('');
            $table->foreignId('clutch_job_id')->nullable()->constrained('clutch_jobs')->nullOnDelete();
            $table->string('field')->nullable();
            $table->unsignedInteger('position')->nullable();
            $table->dateTime('at');
            $table->unique(['device_id', 'number']);
        });
    }

    public function down(): void
    {
        foreach (['device_readings', 'armed_fields', 'devices', 'personal_access_tokens'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
