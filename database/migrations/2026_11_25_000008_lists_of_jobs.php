<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the bay sorts and filters by stands with the job, with an index for each way through the list. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('clutch_jobs', function (Blueprint $table): void {
            $table->string('state')->default('open');
            $table->boolean('is_open')->default(true);
            $table->string('promised_on')->nullable();
            $table->index('updated_at');
            $table->index(['state', 'updated_at']);
            $table->index(['is_open', 'updated_at']);
            $table->index(['is_open', 'promised_on']);
        });
        Schema::table('job_standings', function (Blueprint $table): void {
            $table->text('complaint')->default('');
        });
        // What is signed already; the rest follows with `standings:rebuild`.
        DB::table('clutch_jobs')
            ->whereIn('id', DB::table('signed_sheets')->select('clutch_job_id'))
            ->update(['state' => 'signed', 'is_open' => false]);
    }

    public function down(): void
    {
        Schema::table('job_standings', fn (Blueprint $table) => $table->dropColumn('complaint'));
        Schema::table('clutch_jobs', function (Blueprint $table): void {
            foreach ([['updated_at'], ['state', 'updated_at'], ['is_open', 'updated_at'], ['is_open', 'promised_on']] as $columns) {
                $table->dropIndex($columns);
            }
            $table->dropColumn(['state', 'is_open', 'promised_on']);
        });
    }
};
