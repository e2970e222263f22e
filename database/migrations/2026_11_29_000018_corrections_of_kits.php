<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the shop corrected of a kit's data; a list that comes in again does not write over it. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('kit_details', 'corrected')) {
            Schema::table('kit_details', fn (Blueprint $table) => $table->text('corrected')->nullable());
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
