<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** What is said of a job's plan, and what its tasks took. */
final class PlanningFields
{
    public const DONE = 'plan.done';

    public const PARTS_ON = 'plan.parts_on';

    public const BACK_ON = 'plan.back_on';

    /** The day the flywheel went to the machinist. */
    public const OUT_ON = 'plan.out_on';

    /** The day it came back. */
    public const RETURNED_ON = 'plan.returned_on';

    /** Pieces of a task that are offered to be typed; the clock goes on after them. */
    private const PIECES = 2;

    /** A task that takes longer was typed in another unit. */
    private const MOST_HOURS = 200.0;

    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Intake;
        $job = Nature::chosen(Whose::Job);

        return [
            Make::choice('plan.layout', $at, 'Plan as', Layout::cases())->how('by the driven wheels when left out')->is($job),
            Make::count('plan.delivery_days', $at, 'Days a delivery takes', 120, least: 0.0)
                ->how('as the supplier counts, 0 of what is on the shelf; as the kit says when left out')
                ->is($job),
            Make::count('plan.machining_days', $at, 'Days the machinist takes', 60)->how('only where the flywheel goes there')->is($job),
            Make::words(self::DONE, Kind::Words, $at, 'Done already', Task::labels())->is($job),
            (new Field(self::PARTS_ON, Kind::Date, $at, 'Parts there on', how: 'a day; as ordered when left out'))->is($job),
            (new Field(self::OUT_ON, Kind::Date, $at, 'Flywheel out on', how: 'the day it went to the machinist'))->is($job),
            (new Field(self::BACK_ON, Kind::Date, $at, 'Flywheel back on', how: 'a day, as the machinist says'))->is($job),
            (new Field(self::RETURNED_ON, Kind::Date, $at, 'Flywheel came back on', how: 'once it is here'))->is($job),
            ...array_map(static fn (Task $t): Field => Make::fromZero(
                $t->key(), $at, "{$t->label()}: hours", Dimension::Duration, self::MOST_HOURS,
            )
                ->in('h')->how('as usual when left out')->is($job), Task::cases()),
            ...array_map(static fn (Task $t): Field => (new Field(self::taken($t), Kind::Quantities, $t->station(), "{$t->label()}: taken",
                Dimension::Duration, Make::fromZero('', $at, '', Dimension::Duration, self::MOST_HOURS)->range, self::PIECES, unit: 'h',
                how: 'each piece of it'))->is($job), Task::cases()),
        ];
    }

    /** Where it is recorded what a task took. */
    public static function taken(Task $task): string
    {
        return "plan.taken.{$task->value}";
    }
}
