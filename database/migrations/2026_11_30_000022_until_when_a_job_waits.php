<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The day until which a job waits, for the first look of the day. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('clutch_jobs', 'waits_until')) {
            Schema::table('clutch_jobs', function (Blueprint $table): void {
                $table->string('waits_until', 40)->nullable();
            });
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
