<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The jobs of one vehicle, and whether it was here since: found without going through everybody's jobs. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('create index if not exists clutch_jobs_of_vehicle on clutch_jobs (vehicle_id, id)');
    }

    public function down(): void
    {
        DB::statement('drop index if exists clutch_jobs_of_vehicle');
    }
};
