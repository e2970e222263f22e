<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/**
 * A job's tasks laid over the shop's hours, one after the other as one person does them, while deliveries and the machinist run beside. The
 * promise: likely with every task at its likeliest hours; safe in nine of ten, expected hours of the three-point rule and 1.28 standard
 * deviations of the work on the critical path.
 */
final readonly class JobPlan
{
    /** Standard deviations beyond which one in ten lies, of the normal distribution. */
    private const NINE_OF_TEN = 1.2816;

    /** Hours by which moments that are whole seconds may differ from hours of work that are not. */
    private const ROUNDING = 2 / 3600;

    /** Days a delivery takes where neither the kit nor anybody says. From memory [M]. */
    private const USUAL_DELIVERY = 1;

    /** @param  list<PlannedTask>  $tasks  in order */
    private function __construct(
        public array $tasks,
        public DateTimeImmutable $likely,
        public DateTimeImmutable $safe,
        public float $workHours,
        public float $workHoursSd,
    ) {
    }

    /**
     * @param  array<string, ThreePoint>  $own  the shop's own hours by task, in place of the built-in; what is entered for the job wins
     * @param  DateTimeImmutable|null  $partsOn  when what was ordered already is there, where the job itself does not say
     *
     * @throws PlanningError when the shop never works
     */
    public static function of(JobSheet $sheet, DateTimeImmutable $from, array $own = [], ?DateTimeImmutable $partsOn = null): self
    {
        $calendar = WorkCalendar::of($sheet);
        $done = $sheet->values->words(PlanningFields::DONE);
        $hours = array_diff_key(self::hours($sheet, $own), array_fill_keys($done, true));
        $partsOn = self::partsOn($sheet, $calendar) ?? $partsOn;
        $waits = new Waits(self::deliveryDays($sheet), $sheet->values->count('plan.machining_days'), $partsOn);
        $likely = self::lay($calendar, $from, array_map(static fn (ThreePoint $t): float => $t->likeliest, $hours), $waits);
        $likelyEnd = self::end($likely, $from);

        return new self(
            $likely, $likelyEnd,
            // A spread of nothing does not make the safe day an earlier one than the likely.
            max($likelyEnd, ...self::safe($calendar, $from, $hours, $waits)),
            array_sum(array_map(static fn (ThreePoint $t): float => $t->expected(), $hours)),
            sqrt(array_sum(array_map(static fn (ThreePoint $t): float => $t->variance(), $hours))),
        );
    }

    /** @param  list<PlannedTask>  $tasks */
    private static function end(array $tasks, DateTimeImmutable $from): DateTimeImmutable
    {
        return $tasks === [] ? $from : $tasks[count($tasks) - 1]->end;
    }

    /**
     * Nine in ten of each way through the job: the work alone, through the delivery, by the machinist. The latest counts, so that a longer
     * wait never makes an earlier promise because the work it hides has a spread.
     *
     * @param  array<string, ThreePoint>  $hours
     * @return list<DateTimeImmutable>
     */
    private static function safe(WorkCalendar $calendar, DateTimeImmutable $from, array $hours, Waits $waits): array
    {
        $by = static function (Waits $waits, ?Task $hidden) use ($calendar, $from, $hours): DateTimeImmutable {
            $on = array_filter($hours, static fn (string $name): bool => $name !== $hidden?->value, ARRAY_FILTER_USE_KEY);
            $sd = sqrt(array_sum(array_map(static fn (ThreePoint $t): float => $t->variance(), $on)));
            $expected = array_map(static fn (ThreePoint $t): float => $t->expected(), $on);
            $tasks = self::lay($calendar, $from, $expected, $waits);

            return $calendar->add(self::end($tasks, $from), self::NINE_OF_TEN * $sd);
        };

        return [
            $by(new Waits, null), $by(new Waits($waits->delivery, null, $waits->partsOn), Task::Machining),
            ...($waits->machining === null ? [] : [$by(new Waits(null, $waits->machining), Task::Bench)]),
        ];
    }

    /**
     * @param  array<string, ThreePoint>  $own
     * @return array<string, ThreePoint> by task, in order
     */
    public static function hours(JobSheet $sheet, array $own = []): array
    {
        $layout = Layout::of($sheet);
        $hours = [];
        foreach (Task::of($sheet) as $task) {
            $entered = $sheet->values->one(Duration::class, $task->key());
            $hours[$task->value] = $entered === null
                ? $own[$task->value] ?? ThreePoint::around($task->usual($sheet->vehicleClass(), $layout)->value)
                : ThreePoint::around($entered->value);
        }

        return $hours;
    }

    /** As said for the job, as the kit's supplier says, or as usual. */
    private static function deliveryDays(JobSheet $sheet): int
    {
        return $sheet->values->count('plan.delivery_days')
            ?? (int) round($sheet->values->one(Ratio::class, 'kit.lead_days')->value ?? self::USUAL_DELIVERY);
    }

    /**
     * @param  array<string, float>  $hours  by task, in order
     * @return list<PlannedTask>
     */
    private static function lay(WorkCalendar $calendar, DateTimeImmutable $from, array $hours, Waits $waits): array
    {
        $times = [];
        $now = $calendar->next($from);
        foreach ($hours as $name => $needed) {
            $task = Task::from($name);
            [$ready, $why] = $task === Task::Bench && ! isset($hours[Task::Ordering->value]) && $waits->partsOn !== null
                ? [$waits->partsOn, 'the delivery'] : self::ready($task, $times);
            $start = $calendar->next($ready !== null && $ready > $now ? $ready : $now);
            $end = $calendar->add($start, $needed);
            $times[$name] = [$start, $end, match ($task) {
                Task::Ordering => $waits->delivery === null ? null : $calendar->daysLater($end, $waits->delivery),
                Task::Machining => $waits->machining === null ? null : $calendar->workingDaysLater($end, $waits->machining),
                default => null,
            }, $ready, $why];
            $now = $end;
        }
        $network = self::network($calendar, $times, $hours);

        return array_map(
            static fn (string $name): PlannedTask => new PlannedTask(
                Task::from($name), $hours[$name], $times[$name][0], $times[$name][1], $network->slack($name) < self::ROUNDING,
                $network->slack($name),
                $times[$name][3], $times[$name][4],
            ),
            array_keys($times),
        );
    }

    /** The opening of the day on which the parts are said to be there. */
    private static function partsOn(JobSheet $sheet, WorkCalendar $calendar): ?DateTimeImmutable
    {
        $day = $sheet->values->word(PlanningFields::PARTS_ON);
        $on = $day === null || strlen($day) !== 10 ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $day, $calendar->zone);

        return $on === false ? null : $on;
    }

    /**
     * What a task waits for beside the work before it.
     *
     * @param  array<string, array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable|null, DateTimeImmutable|null, string}>  $times
     * @return array{DateTimeImmutable|null, string}
     */
    private static function ready(Task $task, array $times): array
    {
        return match (true) {
            $task === Task::Bench && isset($times[Task::Ordering->value]) => [$times[Task::Ordering->value][2], 'the delivery'],
            $task === Task::Fitting && isset($times[Task::Machining->value]) => [$times[Task::Machining->value][2], 'the flywheel'],
            default => [null, ''],
        };
    }

    /**
     * The tasks and the waits beside them in hours of work, as they fall in this plan: the network that says what decides the end.
     *
     * @param  array<string, array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable|null, DateTimeImmutable|null, string}>  $times
     * @param  array<string, float>  $hours
     */
    private static function network(WorkCalendar $calendar, array $times, array $hours): Network
    {
        [$durations, $after, $before] = [$hours, [], null];
        foreach ($times as $name => [, $end, $there]) {
            $after[$name] = $before === null ? [] : [$before];
            if ($there !== null) {
                $durations["{$name}, wait"] = $calendar->between($end, $there);
                $after["{$name}, wait"] = [$name];
            }
            $before = $name;
        }
        foreach ([[Task::Ordering, Task::Bench], [Task::Machining, Task::Fitting]] as [$task, $for]) {
            if (isset($durations["{$task->value}, wait"], $times[$for->value])) {
                $after[$for->value][] = "{$task->value}, wait";
            }
        }

        return Network::of($durations, $after);
    }

    /** @return list<PlannedTask> what decides the end */
    public function critical(): array
    {
        return array_values(array_filter($this->tasks, static fn (PlannedTask $t): bool => $t->isCritical));
    }
}
