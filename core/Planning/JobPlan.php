<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Quantity\Duration;
use Spindle\Sheet\JobSheet;

/**
 * A job's tasks laid over the shop's hours at their likeliest, one after the other as one person does them, while deliveries and the
 * machinist run beside. The promise is that of many such plans, each with the spread of its tasks and waits.
 */
final readonly class JobPlan
{
    /** Hours by which moments that are whole seconds may differ from hours of work that are not. */
    private const ROUNDING = 2 / 3600;

    /**
     * @param  list<PlannedTask>  $tasks  in order
     * @param  DateTimeImmutable  $likely  half of all are done
     * @param  DateTimeImmutable  $safe  nine in ten are done
     * @param  bool  $isDeliveryOpen  parts are on their way, and when they come is not said: counted from now
     * @param  DateTimeImmutable|null  $partsOn  when what was ordered is there, where the orders say so
     * @param  DateTimeImmutable|null  $lateFrom  the day the flywheel was to be back, where that has passed
     */
    private function __construct(
        public array $tasks,
        public DateTimeImmutable $likely,
        public DateTimeImmutable $safe,
        public float $workHours,
        public float $workHoursSd,
        public bool $isDeliveryOpen,
        private Promise $promise,
        public ?DateTimeImmutable $partsOn = null,
        public ?DateTimeImmutable $lateFrom = null,
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
        $left = WorkLeft::of($sheet, $own);
        $waits = Waits::of($sheet, $calendar, $from, $partsOn);
        $tasks = self::lay($calendar, $from, $left, $waits);
        $expected = Machinist::of($sheet)->expected($calendar);
        $promise = Promise::of(new WorkLine($calendar, $calendar->next($from)), $left, $waits);

        return new self(
            $tasks, $tasks === [] ? $from : $promise->by(Promise::LIKELY), $tasks === [] ? $from : $promise->by(Promise::SAFE),
            array_sum(array_map(static fn (ThreePoint $t): float => $t->expected(), $left->hours)),
            sqrt(array_sum(array_map(static fn (ThreePoint $t): float => $t->variance(), $left->hours))),
            $waits->isDeliveryOpen($left->isDone(Task::Ordering) && isset($left->hours[Task::Bench->value])), $promise, $partsOn,
            $expected !== null && $expected->modify('+1 day') <= $from ? $expected : null,
        );
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

    /** @return list<PlannedTask> */
    private static function lay(WorkCalendar $calendar, DateTimeImmutable $from, WorkLeft $left, Waits $waits): array
    {
        $times = [];
        $hours = $left->likeliest();
        $now = $calendar->next($from);
        $arrivals = new Arrivals($calendar, $waits, array_map(Task::from(...), array_keys($hours)), $now);
        foreach ($hours as $name => $needed) {
            $task = Task::from($name);
            $ready = $arrivals->readyFor($task);
            [$ready, $why] = $ready === null || $ready <= $from ? [null, ''] : [$ready, Arrivals::waitsFor($task)];
            $start = $calendar->next($ready !== null && $ready > $now ? $ready : $now);
            $end = $calendar->add($start, $needed);
            $times[$name] = [$start, $end, $arrivals->ends($task, $end), $ready, $why];
            $now = $end;
        }
        $network = self::network($calendar, $from, $times, $hours);

        return array_map(
            static fn (string $name): PlannedTask => new PlannedTask(
                Task::from($name), $hours[$name], $times[$name][0], $times[$name][1], $network->slack($name) < self::ROUNDING,
                $network->slack($name),
                $times[$name][3], $times[$name][4],
            ),
            array_keys($times),
        );
    }

    /**
     * The tasks and the waits beside them in hours of work, as they fall in this plan: the network that says what decides the end.
     *
     * @param  array<string, array{DateTimeImmutable, DateTimeImmutable, DateTimeImmutable|null, DateTimeImmutable|null, string}>  $times
     * @param  array<string, float>  $hours
     */
    private static function network(WorkCalendar $calendar, DateTimeImmutable $from, array $times, array $hours): Network
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
            $ready = $times[$for->value][3] ?? null;
            if ($ready === null) {
                continue;
            }
            // What comes on a day, or is on its way already, is waited for from the beginning.
            if (! isset($durations["{$task->value}, wait"])) {
                $durations["{$task->value}, wait"] = $calendar->between($from, $ready);
                $after["{$task->value}, wait"] = [];
            }
            $after[$for->value][] = "{$task->value}, wait";
        }

        return Network::of($durations, $after);
    }

    /** The share of all runs that is done by a moment, from nought to one. */
    public function kept(DateTimeImmutable $by): float
    {
        return $this->tasks === [] ? 1.0 : $this->promise->kept($by);
    }

    /** @return list<PlannedTask> what decides the end */
    public function critical(): array
    {
        return array_values(array_filter($this->tasks, static fn (PlannedTask $t): bool => $t->isCritical));
    }
}
