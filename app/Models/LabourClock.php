<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Spindle\Planning\Task;

/**
 * A task somebody is at just now. A person is at one task at a time.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property int $user_id
 * @property string $task
 * @property Carbon $started_at
 * @property-read User $user
 * @property-read Job $job
 */
final class LabourClock extends Row
{
    public $timestamps = false;

    protected $table = 'labour_clocks';

    protected $fillable = ['clutch_job_id', 'user_id', 'task', 'started_at'];

    /** What somebody is at, in words. */
    public function label(): string
    {
        return Task::from($this->task)->label();
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }

    protected function casts(): array
    {
        return ['started_at' => 'datetime'];
    }
}
