<?php

declare(strict_types=1);

namespace Spindle\Inspection\TruckSet;

use Spindle\Limit\Instrument;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Strip: the intermediate plate of a twin-disc truck. */
final class TruckSetFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $feeler = Instrument::FeelerGauge;

        return [
            Make::lengths(
                'intermediate.pin_clearance',
                $strip,
                'Clearance of the plate on its pins',
                5,
                4,
                $feeler,
                'the same side of every pin',
            ),
            Make::lengths(
                'intermediate.flatness',
                $strip,
                'Intermediate plate flatness',
                5,
                3,
                $feeler,
                'straight-edge and feeler, three directions',
            ),
            TruckSetSubject::conditions()->field(),
        ];
    }
}
