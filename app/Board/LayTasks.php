<?php

declare(strict_types=1);

namespace App\Board;

use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\User;
use App\Page\JobPlanning;
use App\Store\InTurn;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Spindle\Planning\PlannedTask;
use Spindle\Planning\PlanningError;
use Spindle\Planning\Proposal;
use Spindle\Planning\Slot;
use Spindle\Planning\Task;
use Spindle\Sheet\Station;

/** Lays tasks on the board: one by hand, or what several jobs still need by the proposal. What lies there is never moved by another. */
final readonly class LayTasks
{
    private const MOST_JOBS = 30;

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

        return $this->put(new Slot($job->id, $task, $person, $place, $start, $calendar->add($start, $hours)));
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

        return $this->put(new Slot($slot->clutch_job_id, Task::from($slot->task), $person, $slot->place, $start,
            $calendar->add($start, $hours)));
    }

    private function put(Slot $slot): BoardSlot
    {
        return InTurn::do(fn (): BoardSlot => BoardSlot::query()->updateOrCreate(
            ['clutch_job_id' => $slot->job, 'task' => $slot->task->value],
            ['user_id' => $slot->person, 'place' => $slot->place, 'starts_at' => DayBoard::stored($slot->start),
                'ends_at' => DayBoard::stored($slot->end), 'by_name' => $this->by->name],
        ));
    }

    /** Off the board. */
    public function lift(BoardSlot $slot): void
    {
        InTurn::do(static fn (): ?bool => $slot->delete());
    }

    /** @return int how many tasks were laid */
    public function propose(DateTimeImmutable $from): int
    {
        $people = User::active()->orderBy('id')->pluck('id')->map(static fn ($id): int => (int) $id)->all();
        $proposal = new Proposal(DayBoard::calendar(), array_values($people), DayBoard::places(), DayBoard::laid($from));
        $slots = $proposal->of(self::jobs($from), $from);
        InTurn::do(fn (): array => array_map($this->put(...), $slots));

        return count($slots);
    }

    /**
     * Earliest promise first, of those without one what is in pieces already.
     *
     * @return array<int, list<array{0: Task, 1: float, 2: DateTimeImmutable|null}>>
     */
    private static function jobs(DateTimeImmutable $from): array
    {
        $apart = [Station::Strip, Station::Kit, Station::Bench, Station::Fit, Station::Set, Station::Prove];
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()->with([...Job::WHOLE, 'standing'])->where('is_open', true)
            ->orderByRaw('promised_on is null')->orderBy('promised_on')->orderBy('id')->limit(self::MOST_JOBS)->get();
        $sorted = $jobs->sort(static fn (Job $a, Job $b): int => [
            $a->promised_on ?? '9999', (int) ! in_array($a->standing?->stage(), $apart, true), $a->id,
        ] <=> [$b->promised_on ?? '9999', (int) ! in_array($b->standing?->stage(), $apart, true), $b->id]);
        $tasks = [];
        foreach ($sorted as $job) {
            try {
                $plan = JobPlanning::of(AssessedJob::of($job), $from)->plan;
            } catch (JobCannotBeShown|PlanningError) {
                // One that cannot be planned keeps nobody else's from the board.
                continue;
            }
            $stage = $job->standing?->stage();
            $tasks[$job->id] = array_map(
                static fn (PlannedTask $t): array => [$t->task, $t->hours, $t->ready],
                array_values(array_filter($plan->tasks, static fn (PlannedTask $t): bool => $stage === null
                    || $t->task->station()->number() >= $stage->number())),
            );
        }

        return $tasks;
    }
}
