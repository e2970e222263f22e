<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\User;
use App\Store\InTurn;
use DateTimeImmutable;
use Illuminate\Support\Str;
use Spindle\Planning\Slot;
use Spindle\Planning\Task;

/** Lays tasks on the board: one by hand, or what was proposed in one go. What lies there is never moved by another. */
final readonly class LayTasks
{
    /** Quarters of an hour that are looked back for an open one: a fortnight. */
    private const STEPS_BACK = 1344;

    public function __construct(private User $by)
    {
    }

    /** Where it was laid; it takes the place of where it lay before. */
    public function lay(Job $job, Task $task, ?int $person, string $place, DateTimeImmutable $start, float $hours): BoardSlot
    {
        $calendar = DayBoard::calendar();
        $start = $calendar->next($start);

        return InTurn::do(fn (): BoardSlot => $this->put(
            new Slot($job->id, $task, $person, $place, $start, $calendar->add($start, $hours)),
        ));
    }

    /** To another time or other hands, as long as before. */
    public function move(BoardSlot $slot, DateTimeImmutable $start, ?int $person): BoardSlot
    {
        $calendar = DayBoard::calendar();
        $hours = $calendar->between($slot->starts_at->toDateTimeImmutable(), $slot->ends_at->toDateTimeImmutable());
        // What is moved back over a break, a night or a closed day lands before it.
        $isEarlier = $start < $slot->starts_at->toDateTimeImmutable();
        for ($i = 0; $isEarlier && $i < self::STEPS_BACK && $calendar->next($start) > $start; $i++) {
            $start = $start->modify('-15 minutes');
        }
        $start = $calendar->next($start);

        return InTurn::do(fn (): BoardSlot => $this->put(new Slot(
            $slot->clutch_job_id, Task::from($slot->task), $person, $slot->place, $start, $calendar->add($start, $hours),
        )));
    }

    /** @param  string|null  $with  what was laid in one go with it; what is laid or moved by hand stands by itself */
    private function put(Slot $slot, ?string $with = null): BoardSlot
    {
        return BoardSlot::query()->updateOrCreate(
            ['clutch_job_id' => $slot->job, 'task' => $slot->task->value],
            [...DayBoard::row($slot), 'by_name' => $this->by->name, 'laid_with' => $with],
        );
    }

    /** Off the board. */
    public function lift(BoardSlot $slot): void
    {
        InTurn::do(static fn (): ?bool => $slot->delete());
    }

    /**
     * What was proposed, if it is still what would be.
     *
     * @return bool whether it was laid
     */
    public function propose(DateTimeImmutable $from, string $mark): bool
    {
        return InTurn::do(function () use ($from, $mark): bool {
            $would = WouldLay::of($from);
            if (! hash_equals($would->mark(), $mark)) {
                return false;
            }
            $with = (string) Str::ulid();
            foreach ($would->slots as $slot) {
                $this->put($slot, $with);
            }

            return true;
        });
    }

    /**
     * What was laid in one go is taken off again, but for what somebody moved since.
     *
     * @return int how many tasks
     */
    public function takeBack(string $with): int
    {
        return InTurn::do(static fn (): int => BoardSlot::query()->where('laid_with', $with)->get()
            ->each(static fn (BoardSlot $slot): ?bool => $slot->delete())->count());
    }
}
