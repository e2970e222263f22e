<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Practice has a database of its own, made like the shop's. One row says which of the two this is, once and for all; a job of practice
 * bears its mark, and the database takes no other where practice is kept, and none of it where real work is. Practice is never signed.
 */
return new class extends Migration
{
    private const APART = 'practice and real work are kept apart';

    public function up(): void
    {
        if (! Schema::hasTable('grounds')) {
            Schema::create('grounds', function (Blueprint $table): void {
                $table->unsignedInteger('id')->primary();
                $table->boolean('is_practice');
            });
            DB::table('grounds')->insert(['id' => 1, 'is_practice' => false]);
        }
        if (! Schema::hasColumn('clutch_jobs', 'is_practice')) {
            Schema::table('clutch_jobs', fn (Blueprint $table) => $table->boolean('is_practice')->default(false));
        }
        if (! Schema::hasTable('practice_jobs')) {
            Schema::create('practice_jobs', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('clutch_job_id')->unique()->constrained('clutch_jobs')->restrictOnDelete();
                $table->foreignId('user_id')->constrained('users')->restrictOnDelete();
                $table->unsignedInteger('seed');
                $table->string('level', 20);
                // The class that was asked for; empty where any was.
                $table->string('class', 20)->default('');
                $table->string('tell', 20);
                $table->boolean('is_shown')->default(false);
                $table->dateTime('began_at');
                $table->dateTime('ended_at')->nullable();
                // How it went, in words and figures, once it is over.
                $table->text('summary')->nullable();
            });
            Schema::create('practice_steps', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('practice_job_id')->constrained('practice_jobs')->cascadeOnDelete();
                $table->string('kind', 20);
                $table->string('what', 120);
                $table->unsignedInteger('minutes');
                $table->dateTime('at');
            });
        }
        $grounds = '(select is_practice from grounds)';
        foreach ([
            'grounds_one' => 'insert on grounds when (select count(*) from grounds) > 0',
            'grounds_for_good' => 'update on grounds when exists (select 1 from clutch_jobs)',
            'grounds_stay' => 'delete on grounds',
            'practice_jobs_apart' => "insert on clutch_jobs when new.is_practice <> {$grounds}",
            'practice_jobs_marked' => 'update of is_practice on clutch_jobs when new.is_practice <> old.is_practice',
            'practice_rows_apart' => "insert on practice_jobs when {$grounds} <> 1",
            'practice_is_not_signed' => "insert on signed_sheets when {$grounds} <> 0",
        ] as $name => $when) {
            DB::statement("create trigger if not exists {$name} before {$when} begin select raise(abort, '".self::APART."'); end");
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
