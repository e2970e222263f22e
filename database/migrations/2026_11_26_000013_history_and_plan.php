<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a job comes to, for the history and the plan; clocks that run; the board of the day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('job_facts', function (Blueprint $table): void {
            $table->foreignId('clutch_job_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('vehicle_id')->constrained()->cascadeOnDelete();
            $table->string('class');
            $table->string('model');
            $table->string('duty')->nullable();
            $table->string('outcome');
            $table->string('kit')->default('');
            $table->double('meter')->nullable();
            $table->double('since')->nullable();
            $table->double('worn')->nullable();
            $table->double('usable')->nullable();
            $table->double('planned')->nullable();
            $table->double('taken')->nullable();
            $table->text('hours');
            $table->text('causes');
            $table->text('marks');
            $table->text('figures');
            $table->string('check_on')->nullable();
            $table->double('check_at')->nullable();
            $table->dateTime('signed_at')->nullable();
            $table->index(['vehicle_id', 'signed_at']);
            $table->index(['model', 'signed_at']);
            $table->index(['class', 'signed_at']);
            $table->index('signed_at');
            $table->index('check_on');
        });
        // By what the facts of a job were written last: most entries leave them as they are.
        Schema::table('job_standings', function (Blueprint $table): void {
            $table->string('facts')->default('');
        });
        Schema::create('labour_clocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('task');
            $table->dateTime('started_at');
            $table->unique('user_id');
        });
        Schema::create('board_slots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('clutch_job_id')->constrained()->cascadeOnDelete();
            $table->string('task');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('place')->default('');
            $table->dateTime('starts_at');
            $table->dateTime('ends_at');
            $table->string('by_name');
            $table->timestamps();
            $table->unique(['clutch_job_id', 'task']);
            $table->index(['starts_at', 'ends_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('board_slots');
        Schema::dropIfExists('labour_clocks');
        Schema::dropIfExists('job_facts');
        Schema::table('job_standings', fn (Blueprint $table) => $table->dropColumn('facts'));
    }
};
