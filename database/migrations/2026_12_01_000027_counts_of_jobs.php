<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The bay says how many jobs there are of each state: kept as they change, not counted with each look at it. */
return new class extends Migration
{
    private const TAKE = 'update job_counts set jobs = jobs - 1 where state = old.state;';

    private const ADD = 'insert or ignore into job_counts (state, jobs) values (new.state, 0); '
        .'update job_counts set jobs = jobs + 1 where state = new.state;';

    private const TRIGGERS = [
        'counted' => ['after insert on clutch_jobs', self::ADD],
        'counted_anew' => ['after update of state on clutch_jobs when old.state is not new.state', self::TAKE.' '.self::ADD],
        'counted_no_more' => ['after delete on clutch_jobs', self::TAKE],
    ];

    public function up(): void
    {
        if (! Schema::hasTable('job_counts')) {
            Schema::create('job_counts', static function (Blueprint $table): void {
                $table->string('state')->primary();
                $table->unsignedInteger('jobs');
            });
        }
        $this->dropTriggers();
        DB::statement('delete from job_counts');
        DB::statement('insert into job_counts (state, jobs) select state, count(*) from clutch_jobs group by state');
        foreach (self::TRIGGERS as $name => [$when, $what]) {
            DB::statement("create trigger clutch_jobs_{$name} {$when} begin {$what} end");
        }
    }

    public function down(): void
    {
        $this->dropTriggers();
        Schema::dropIfExists('job_counts');
    }

    private function dropTriggers(): void
    {
        foreach (array_keys(self::TRIGGERS) as $name) {
            DB::statement("drop trigger if exists clutch_jobs_{$name}");
        }
    }
};
