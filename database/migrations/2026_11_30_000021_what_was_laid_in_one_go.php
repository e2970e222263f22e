<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a proposal laid on the board in one go can be taken back in one go. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('board_slots', 'laid_with')) {
            Schema::table('board_slots', function (Blueprint $table): void {
                $table->string('laid_with', 40)->nullable()->index();
            });
        }
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
