<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Each page with readings knows what its reader measured with last: found without going through everybody's readings. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            'create index if not exists readings_by_person on readings (user_id, id, field, instrument) where instrument is not null',
        );
    }

    public function down(): void
    {
        DB::statement('drop index if exists readings_by_person');
    }
};
