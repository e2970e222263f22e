<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a signed job says of how a lining wears stands beside what else it came to, by lining and duty. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('job_facts', 'wear_k')) {
            Schema::table('job_facts', function (Blueprint $table): void {
                $table->string('wear_of')->nullable();
                $table->double('wear_k')->nullable();
                $table->index(['wear_of', 'wear_k'], 'job_facts_wear');
            });
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
