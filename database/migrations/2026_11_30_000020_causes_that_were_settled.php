<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a signed job says of its settled cause, and of the signs and tests before it, stands beside what else it came to. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('job_facts', 'solved')) {
            Schema::table('job_facts', function (Blueprint $table): void {
                $table->string('solved_cause')->nullable();
                $table->text('solved')->nullable();
                $table->index(['solved_cause', 'signed_at'], 'job_facts_solved');
            });
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
