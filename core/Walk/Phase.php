<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Sheet\Field;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;

/** What is done before what; within one of them the order is that of hands and tools. Order of the trade: common practice, no source. */
enum Phase: int
{
    /** The vehicle as it came, and its papers. */
    case AsItCame = 0;

    /** The clutch apart. */
    case Apart = 1;

    /** What goes in is chosen. */
    case Choose = 2;

    /** What came in the box, beside what came out. */
    case Compare = 3;

    /** As long as the housing is open. */
    case Fit = 4;

    /** The gearbox on. */
    case Set = 5;

    case Prove = 6;

    case Record = 7;

    public static function of(Field $field): self
    {
        $place = $field->nature()->place;

        // A setting that is read at the open housing is read before it is closed; what is read from below, with the gearbox on.
        return match (true) {
            $field->station === Station::Strip && $place === Place::UnderVehicle => self::Set,
            $field->station === Station::Set && $place->isOpen() => self::Fit,
            default => self::at($field->station),
        };
    }

    public static function at(Station $station): self
    {
        return match ($station) {
            Station::Intake, Station::Triage, Station::Demand => self::AsItCame,
            Station::Strip => self::Apart,
            Station::Kit => self::Choose,
            Station::Bench => self::Compare,
            Station::Fit => self::Fit,
            Station::Set => self::Set,
            Station::Prove => self::Prove,
            Station::Record => self::Record,
        };
    }
}
