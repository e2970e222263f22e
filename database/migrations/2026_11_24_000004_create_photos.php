<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->restrictOnDelete();
            $table->string('station');
            $table->string('caption');
            $table->string('file')->unique();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->string('by_name');
            $table->dateTime('at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
    }
};
