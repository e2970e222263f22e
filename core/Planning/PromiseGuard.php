<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Closure;
use DateTimeImmutable;
use Spindle\Limit\Said;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/**
 * Whether a promised day still stands, why not, and what would save it: parts sooner, longer days, a second pair of hands. Each is the
 * whole plan run again with that one thing otherwise.
 */
final readonly class PromiseGuard
{
    /** So much longer a day the shop may work for a promise, hours. From memory [M]. */
    private const OVERTIME = 2;

    /** What is left of the hours where two are at the gearbox. From memory [M]. */
    private const FOR_TWO = 0.65;

    /** Parts are looked for on so many days from now. */
    private const DAYS = 14;

    /**
     * @param  float  $kept  of all runs
     * @param  list<Said>  $saves  what would make it likely again, each by itself
     * @param  Closure(JobSheet, array<string, ThreePoint>, ?DateTimeImmutable): bool  $keeps  whether the plan, run again, keeps the day
     * @param  array<string, ThreePoint>  $own
     */
    private function __construct(
        public float $kept,
        public Said $why,
        public array $saves,
        private JobSheet $sheet,
        private Closure $keeps,
        private array $own,
    ) {
    }

    /**
     * @param  DateTimeImmutable  $by  the end of the promised day
     * @param  array<string, ThreePoint>  $own  the shop's own hours by task
     */
    public static function of(JobSheet $sheet, JobPlan $plan, DateTimeImmutable $by, DateTimeImmutable $from, array $own): self
    {
        $kept = $plan->kept($by);
        $again = static function (JobSheet $s, array $hours, ?DateTimeImmutable $parts) use ($from, $by): bool {
            /** @var array<string, ThreePoint> $hours */
            return JobPlan::of($s, $from, $hours, $parts)->kept($by) >= Promise::LIKELY;
        };

        return new self($kept, self::why($plan), $kept >= Promise::LIKELY ? [] : array_values(array_filter([
            self::parts($sheet, $plan, $from, static fn (DateTimeImmutable $on): bool => $again(self::without($sheet), $own, $on)),
            $again(self::longerDays($sheet), $own, $plan->partsOn) ? PlanningSentences::overtimeSaves(self::OVERTIME) : null,
            self::hands($sheet, $own, static fn (array $hours): bool => $again(
                $sheet->leavingOut(Task::Access->key(), Task::Closing->key()), $hours, $plan->partsOn,
            )),
        ])), $sheet, $again, $own);
    }

    public function isLikely(): bool
    {
        return $this->kept >= Promise::LIKELY;
    }

    public function isSafe(): bool
    {
        return $this->kept >= Promise::SAFE;
    }

    /**
     * The longest delivery that would make the day likely again, if the kit were ordered anew now. Nothing where it is likely, where none
     * is waited for, or where not even a kit that is there today would do.
     */
    public function savingDelivery(): ?int
    {
        if ($this->isLikely() || ! $this->keepsWithin(0)) {
            return null;
        }
        [$most, $tooMany] = [0, self::DAYS + 1];
        while ($tooMany - $most > 1) {
            $days = intdiv($most + $tooMany, 2);
            [$most, $tooMany] = $this->keepsWithin($days) ? [$days, $tooMany] : [$most, $days];
        }

        return $most;
    }

    /** Whether a kit that takes so many days, ordered now, would make it likely. */
    public function keepsWithin(int $days): bool
    {
        $kit = FieldValues::ofBase($this->sheet->dictionary, ['kit.lead_days' => (float) $days]);

        return ($this->keeps)(self::without($this->sheet)->withKit($kit), $this->own, null);
    }

    private static function why(JobPlan $plan): Said
    {
        $before = null;
        foreach ($plan->tasks as $task) {
            // Hands are free and what is waited for is not there: else it is the work that takes the time.
            if ($task->ready !== null && $task->isCritical && $before !== null && $task->ready > $before->end) {
                return PlanningSentences::decidesTheEnd($task->waitsFor);
            }
            $before = $task;
        }

        return PlanningSentences::hoursLeft($plan->workHours);
    }

    /** @param  Closure(DateTimeImmutable): bool  $keeps */
    private static function parts(JobSheet $sheet, JobPlan $plan, DateTimeImmutable $from, Closure $keeps): ?Said
    {
        $waits = array_filter($plan->tasks, static fn (PlannedTask $t): bool => $t->task === Task::Bench && $t->ready !== null);
        if ($waits === [] || ! $keeps($from)) {
            return null;
        }
        $calendar = WorkCalendar::of($sheet);
        $last = $from;
        for ($day = 1; $day <= self::DAYS; $day++) {
            $on = $from->modify("+{$day} days")->setTime(0, 0);
            if ($calendar->isOpenOn($on) && ! $keeps($on)) {
                break;
            }
            $last = $calendar->isOpenOn($on) ? $on : $last;
        }

        return PlanningSentences::partsSave($last);
    }

    /** Without what the job itself says of the delivery. */
    private static function without(JobSheet $sheet): JobSheet
    {
        return $sheet->leavingOut('plan.parts_on', 'plan.delivery_days');
    }

    private static function longerDays(JobSheet $sheet): JobSheet
    {
        return $sheet->saying(WorkCalendar::NAME, WorkCalendar::of($sheet)->longer(self::OVERTIME));
    }

    /**
     * @param  array<string, ThreePoint>  $own
     * @param  Closure(array<string, ThreePoint>): bool  $keeps
     */
    private static function hands(JobSheet $sheet, array $own, Closure $keeps): ?Said
    {
        $hours = JobPlan::hours($sheet, $own);
        $for = array_intersect_key($hours, [Task::Access->value => true, Task::Closing->value => true]);
        $forTwo = array_map(static fn (ThreePoint $t): ThreePoint => $t->times(self::FOR_TWO), $for);

        return $for !== [] && $keeps([...$own, ...$forTwo]) ? PlanningSentences::handsSave(self::FOR_TWO) : null;
    }
}
