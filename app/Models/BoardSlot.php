<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Spindle\Planning\Slot;
use Spindle\Planning\Task;

/**
 * A task of a job where it lies on the board. A plan, not a record: it may be moved and lifted off.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $task
 * @property int|null $user_id
 * @property string $place
 * @property Carbon $starts_at
 * @property Carbon $ends_at
 * @property string $by_name
 * @property string|null $laid_with  what it was laid in one go with, and nobody has moved since
 * @property-read Job $job
 * @property-read User|null $user
 */
final class BoardSlot extends Row
{
    protected $table = 'board_slots';

    protected $fillable = ['clutch_job_id', 'task', 'user_id', 'place', 'starts_at', 'ends_at', 'by_name', 'laid_with'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function work(): Task
    {
        return Task::from($this->task);
    }

    public function toSlot(): Slot
    {
        return new Slot($this->clutch_job_id, $this->work(), $this->user_id, $this->place,
            $this->starts_at->toDateTimeImmutable(), $this->ends_at->toDateTimeImmutable());
    }

    protected function casts(): array
    {
        return ['starts_at' => 'datetime', 'ends_at' => 'datetime'];
    }
}
