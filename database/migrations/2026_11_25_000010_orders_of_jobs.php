<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was asked of the parts counter for a job and what it said, one row a step; the last row of a part counts. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('order_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->restrictOnDelete();
            $table->string('part');
            $table->string('number');
            $table->string('supplier')->default('');
            $table->unsignedSmallInteger('quantity')->default(1);
            $table->unsignedSmallInteger('arrived')->default(0);
            $table->double('price')->nullable();
            $table->string('currency')->default('');
            $table->string('state');
            $table->string('due_on')->nullable();
            $table->string('reference')->default('');
            $table->string('said')->default('');
            $table->string('by_name');
            $table->dateTime('at');
            $table->index(['clutch_job_id', 'part']);
        });
        if (DB::getDriverName() === 'sqlite') {
            foreach (['UPDATE' => 'changed', 'DELETE' => 'deleted'] as $what => $word) {
                DB::statement("CREATE TRIGGER order_steps_never_{$word} BEFORE {$what} ON order_steps BEGIN SELECT RAISE(ABORT, ".
                    "'rows of order_steps are never {$word}'); END");
            }
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('order_steps');
    }
};
