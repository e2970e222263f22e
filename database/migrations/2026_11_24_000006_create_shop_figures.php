<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shop_figures', function (Blueprint $table): void {
            $table->id();
            // The section of a job sheet it goes into, uncertainties or causes, and its name there.
            $table->string('section');
            $table->string('name');
            // As typed; empty puts the built-in figure back.
            $table->string('value')->default('');
            $table->string('by_name');
            $table->dateTime('at');
            $table->index(['section', 'name']);
        });
        Schema::create('model_figures', function (Blueprint $table): void {
            $table->id();
            // Make and model as the shop calls it, folded so that spelling does not matter; and as it was written.
            $table->string('model')->index();
            $table->string('written');
            $table->string('field');
            // As typed, with its unit; empty takes the figure out of the book.
            $table->string('value')->default('');
            $table->string('by_name');
            $table->dateTime('at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('model_figures');
        Schema::dropIfExists('shop_figures');
    }
};
