<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shop_limits', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->index();
            // The classes of the built-in row it takes the place of, with commas.
            $table->string('classes');
            // As typed; both empty puts common practice back.
            $table->string('least')->default('');
            $table->string('greatest')->default('');
            $table->string('by_name');
            $table->dateTime('at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shop_limits');
    }
};
