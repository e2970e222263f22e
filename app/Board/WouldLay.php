<?php

declare(strict_types=1);

namespace App\Board;

use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\User;
use App\Page\JobPlanning;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Spindle\Planning\Hold;
use Spindle\Planning\PlanningError;
use Spindle\Planning\Proposal;
use Spindle\Planning\Slot;
use Spindle\Planning\ToLay;
use Spindle\Sheet\Station;

/** What a proposal would lay on the board from a moment on, to be looked at before it is laid. */
final readonly class WouldLay
{
    private const MOST_JOBS = 30;

    /** The grid of the board, minutes: a proposal begins on it, and stays the same until the next. */
    private const GRID = 15;

    /** Stations behind which a vehicle is in pieces, or was. */
    private const APART = [Station::Strip, Station::Kit, Station::Bench, Station::Fit, Station::Set, Station::Prove];

    /**
     * @param  list<Slot>  $slots
     * @param  Collection<int, Job>  $jobs  that were looked at, by id
     * @param  list<Job>  $left  jobs with open tasks for which no place comes free
     * @param  list<Job>  $unplanned  jobs that cannot be shown or planned
     */
    private function __construct(
        public DateTimeImmutable $from,
        public array $slots,
        public Collection $jobs,
        public array $left,
        public array $unplanned,
    ) {
    }

    /** @throws PlanningError when the shop never works */
    public static function of(DateTimeImmutable $from): self
    {
        $calendar = DayBoard::calendar();
        $from = $calendar->next(self::onGrid($from));
        $laid = DayBoard::laid($from);
        $gone = DayBoard::gone($laid);
        $jobs = self::jobs($laid, $gone);
        [$wanted, $unplanned] = [[], []];
        foreach ($jobs as $job) {
            try {
                $wanted[] = JobPlanning::toLay(AssessedJob::of($job), $from, $job->standing?->stage());
            } catch (JobCannotBeShown|PlanningError) {
                // One that cannot be planned keeps nobody else's from the board.
                $unplanned[] = $job;
            }
        }
        /** @var list<int> $people */
        $people = array_values(User::active()->orderBy('id')->pluck('id')->map(static fn ($id): int => (int) $id)->all());
        $slots = (new Proposal($calendar, $people, DayBoard::places(), $laid, $gone))->of($wanted, $from);

        return new self($from, $slots, $jobs, self::left($wanted, $laid, $slots, $jobs), $unplanned);
    }

    private static function onGrid(DateTimeImmutable $from): DateTimeImmutable
    {
        $over = $from->getTimestamp() % (60 * self::GRID);

        return $over === 0 ? $from : $from->modify('+'.(60 * self::GRID - $over).' seconds');
    }

    /**
     * Those that take up a place and were not said to leave it, then the earliest promise, of those without one what is in pieces already.
     *
     * @param  list<Slot>  $laid
     * @param  list<int>  $gone
     * @return Collection<int, Job>
     */
    private static function jobs(array $laid, array $gone): Collection
    {
        $stuck = array_map(static fn (Hold $h): int => $h->job, array_filter(Hold::of($laid, $gone), static fn (Hold $h): bool => $h->until
            === null));
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()->with([...Job::WHOLE, 'standing'])->where('is_open', true)
            ->orderByRaw('promised_on is null')->orderBy('promised_on')->orderBy('id')->limit(self::MOST_JOBS)->get();
        $rank = static fn (Job $job): array => [
            (int) ! in_array($job->id, $stuck, true), $job->promised_on ?? '9999',
            (int) ! in_array($job->standing?->stage(), self::APART, true), $job->id,
        ];

        return $jobs->sort(static fn (Job $a, Job $b): int => $rank($a) <=> $rank($b))->keyBy('id');
    }

    /**
     * @param  list<ToLay>  $wanted
     * @param  list<Slot>  $laid
     * @param  list<Slot>  $slots
     * @param  Collection<int, Job>  $jobs
     * @return list<Job>
     */
    private static function left(array $wanted, array $laid, array $slots, Collection $jobs): array
    {
        $known = array_map(static fn (Slot $s): string => "{$s->job} {$s->task->value}", [...$laid, ...$slots]);
        $left = array_filter($wanted, static fn (ToLay $one): bool => array_diff(
            array_map(static fn (string $task): string => "{$one->job} {$task}", array_keys($one->hours)), $known,
        ) !== []);

        return array_values(array_map(static fn (ToLay $one): Job => $jobs[$one->job] ?? new Job(), $left));
    }

    /** Tells this proposal from any other: what was looked at is what is laid. */
    public function mark(): string
    {
        return hash('xxh128', serialize($this->slots));
    }

    public function names(): TaskNames
    {
        return TaskNames::ofJobs($this->jobs->keys()->all());
    }

    /** @return list<BoardSlot> as they would stand there */
    public function rows(): array
    {
        return array_map(function (Slot $slot): BoardSlot {
            $row = new BoardSlot(DayBoard::row($slot));
            $row->setRelation('job', $this->jobs[$slot->job] ?? null);

            return $row;
        }, $this->slots);
    }
}
