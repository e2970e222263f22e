<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\LabourClock;
use App\Models\User;
use App\Readings\CurrentReadings;
use App\Store\InTurn;
use Spindle\Assessment\Subjects;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

/** Starts and stops the clock of a task. What it shows is entered with the job when it stops, as if somebody had typed it. */
final class KeepLabour
{
    /** Less than this was a slip of the finger, in seconds; more than a long day was forgotten, in hours. */
    private const LEAST = 30;

    public const LONGEST = 14.0;

    /** Somebody who begins a task ends the one before. */
    public static function start(Job $job, Task $task, User $by): void
    {
        self::stop($by);
        // Pressed twice at once it is one clock all the same.
        InTurn::do(static fn (): LabourClock => LabourClock::query()->updateOrCreate(['user_id' => $by->id], [
            'clutch_job_id' => $job->id, 'task' => $task->value, 'started_at' => now(),
        ]));
    }

    /** Every clock on a job that is being signed. */
    public static function stopOn(int $job): void
    {
        foreach (LabourClock::query()->with('user')->where('clutch_job_id', $job)->get() as $clock) {
            self::stop($clock->user);
        }
    }

    /** Whoever works at another station of the job the clock runs on is at another task: the clock follows. */
    public static function follow(Job $job, Station $station, User $by): void
    {
        // With every entry: one word is asked for and no model made.
        $task = LabourClock::query()->toBase()->where('user_id', $by->id)->where('clutch_job_id', $job->id)->value('task');
        if (! is_string($task) || Task::from($task)->station() === $station) {
            return;
        }
        $next = array_values(array_filter(Task::cases(), static fn (Task $t): bool => $t->station() === $station))[0] ?? null;
        if ($next !== null) {
            self::start($job, $next, $by);
        }
    }

    /** @return string what became of it, in words; empty where no clock ran */
    public static function stop(User $by): string
    {
        $clock = LabourClock::query()->where('user_id', $by->id)->first();
        if ($clock === null) {
            return '';
        }
        $seconds = (int) $clock->started_at->diffInSeconds(now());
        $hours = $seconds / 3600;
        $task = Task::from($clock->task);
        // Whoever takes the clock away keeps what it showed; pressed twice, only one does.
        if (InTurn::do(static fn (): int => LabourClock::query()->whereKey($clock->id)->delete()) === 0) {
            return '';
        }

        return match (true) {
            $seconds < self::LEAST => 'Not kept: the clock ran for less than half a minute.',
            $hours > self::LONGEST => "Not kept: the clock of “{$task->label()}” ran for ".(int) round($hours)
                .' hours, so it was forgotten. Enter by hand what it took.',
            default => self::keep($clock->clutch_job_id, $task, $hours, $by),
        };
    }

    private static function keep(int $job, Task $task, float $hours, User $by): string
    {
        $field = Subjects::dictionary()->get(PlanningFields::taken($task));
        $typed = sprintf('%.2f h', max(0.01, $hours));
        $kept = false;
        try {
            ChangeJob::do($job, static function (Job $whole) use ($field, $typed, $by, &$kept): void {
                if ($whole->isSigned()) {
                    return;
                }
                $current = new CurrentReadings($whole->readings);
                $filled = $current->filled($field->key);
                $place = 0;
                while (isset($filled[$place])) {
                    $place++;
                }
                $kept = (new RecordEntry($whole->id, $by))
                    ->take($whole, $field, $place, $typed, $current->row($field->key, $place)->seq ?? 0, null)->isKept();
            });
        } catch (SheetError $e) {
            return "Not kept: {$typed} of “{$task->label()}”; {$e->reason}. Enter it by hand.";
        }

        return $kept ? "{$typed} of “{$task->label()}” kept."
            : "Not kept: {$typed} of “{$task->label()}”; the job is signed or has no place left for it.";
    }
}
