<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** How the driver is shown that it is driven: for the customer's page, and for no judgement. */
final class HabitFields
{
    public const MOST_REVS = 6000.0;

    public const MOST_HELD = 300.0;

    public const MOST_HARD = 3000;

    public const MOST_TRAILER = 40_000.0;

    /** @return list<Field> */
    public static function all(): array
    {
        $kit = Station::Kit;

        return array_map(static fn (Field $f): Field => $f->is(Nature::chosen(Whose::Job)->reading()), [
            Make::quantity(Habit::Revs->reading(), $kit, 'Driven: revs at the start', Range::of(Dimension::Speed, 300, self::MOST_REVS)),
            Make::fromZero(Habit::Held->reading(), $kit, 'Driven: held on the hill a day', Dimension::Duration, self::MOST_HELD / 3600)
                ->in('s'),
            Make::fromZero(Habit::HardStarts->reading(), $kit, 'Driven: hard starts a year', Dimension::Ratio, self::MOST_HARD),
            Make::fromZero(Habit::Trailer->reading(), $kit, 'Driven: with a trailer of', Dimension::Mass, self::MOST_TRAILER),
        ]);
    }
}
