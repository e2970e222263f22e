<?php

declare(strict_types=1);

namespace Spindle\Inspection\TruckSet;

use Spindle\Limit\Instrument;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Strip: the intermediate plate of a twin-disc truck. */
final class TruckSetFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $feeler = Instrument::FeelerGauge;
        $worn = Nature::measured(Whose::Vehicle, Place::Flywheel, 3)->reading();

        return [
            Make::lengths('intermediate.pin_clearance', $strip, 'Clearance of the plate on its pins', 5, 4)->takenWith($feeler)
                ->how('the same side of every pin')->is($worn),
            Make::lengths('intermediate.flatness', $strip, 'Intermediate plate flatness', 5, 3)->takenWith($feeler)
                ->how('straight-edge and feeler, three directions')->is($worn),
            TruckSetSubject::conditions()->field($worn),
        ];
    }
}
