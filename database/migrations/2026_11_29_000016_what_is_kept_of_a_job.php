<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A waiver says which readings, values and kit it was given for; what a job was worked out to is kept with it until something changes,
 * and what other pages say of it stands with its facts.
 */
return new class extends Migration
{
    /** What of a waiver is written once. */
    private const FIXED = ['id', 'clutch_job_id', 'finding', 'reason', 'withdrawn', 'by_name', 'at', 'stated', 'reach', 'asked',
        'seconded_by', 'found', 'version', 'basis'];

    public function up(): void
    {
        if (! Schema::hasColumn('waivers', 'basis')) {
            Schema::table('waivers', fn (Blueprint $table) => $table->string('basis')->default(''));
        }
        DB::statement('drop trigger if exists waivers_never_changed');
        DB::statement('create trigger waivers_never_changed before update of "'.implode('", "', self::FIXED).'" on waivers '
            ."begin select raise(abort, 'rows of waivers are never changed'); end");
        if (! Schema::hasColumn('job_facts', 'told')) {
            Schema::table('job_facts', fn (Blueprint $table) => $table->text('told')->nullable());
        }
        if (! Schema::hasTable('job_assessments')) {
            Schema::create('job_assessments', function (Blueprint $table): void {
                $table->foreignId('clutch_job_id')->primary()->constrained()->cascadeOnDelete();
                $table->string('stamp');
                $table->binary('data');
            });
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
