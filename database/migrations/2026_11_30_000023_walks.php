<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What cannot be taken just now on a walk, and who walks where. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasTable('walk_put_behind')) {
            Schema::create('walk_put_behind', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('clutch_job_id')->constrained('clutch_jobs')->cascadeOnDelete();
                $table->string('field', 120);
                $table->string('why', 40);
                $table->string('by_name');
                $table->dateTime('at');
                $table->unique(['clutch_job_id', 'field']);
            });
        }
        if (! Schema::hasTable('walkers')) {
            Schema::create('walkers', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('clutch_job_id')->constrained('clutch_jobs')->cascadeOnDelete();
                $table->foreignId('user_id')->constrained('users')->cascadeOnDelete();
                $table->string('place', 40);
                $table->dateTime('at');
                $table->unique('user_id');
            });
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
