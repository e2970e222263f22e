<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Spindle\Practice\Hidden;
use Spindle\Practice\Level;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Practice\Tell;
use Spindle\Vehicle\VehicleClass;

/**
 * What a job that is practised on was drawn from, and how it is learned from.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property int $user_id
 * @property int $seed
 * @property Level $level
 * @property string $class that was asked for; empty where any was
 * @property Tell $tell
 * @property bool $is_shown to the lead; the learner says so
 * @property Carbon $began_at
 * @property Carbon|null $ended_at
 * @property array<string, mixed>|null $summary how it went
 * @property Job $job
 * @property Collection<int, PracticeStep> $steps
 */
final class PracticeJob extends Row
{
    public $timestamps = false;

    protected $table = 'practice_jobs';

    protected $fillable = ['clutch_job_id', 'user_id', 'seed', 'level', 'class', 'tell', 'is_shown', 'began_at', 'ended_at', 'summary'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }

    /** @return HasMany<PracticeStep, $this> in their order */
    public function steps(): HasMany
    {
        return $this->hasMany(PracticeStep::class)->orderBy('id');
    }

    /** @throws PracticeError when this version has no such vehicle */
    public function hidden(): Hidden
    {
        return Hidden::of(Seed::of($this->seed), $this->level, VehicleClass::tryFrom($this->class));
    }

    protected function casts(): array
    {
        return ['level' => Level::class, 'tell' => Tell::class, 'is_shown' => 'boolean', 'began_at' => 'datetime', 'ended_at' => 'datetime',
            'summary' => 'array'];
    }
}
