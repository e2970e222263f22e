<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The bay shows what the lead is asked to let pass: few of all waivers, found without going through every open job. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasIndex('waivers', ['asked', 'withdrawn'])) {
            Schema::table('waivers', fn (Blueprint $table) => $table->index(['asked', 'withdrawn']));
        }
    }

    public function down(): void
    {
        Schema::table('waivers', fn (Blueprint $table) => $table->dropIndex(['asked', 'withdrawn']));
    }
};
