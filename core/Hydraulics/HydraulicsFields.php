<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Set: the pedal against a blocked slave, and how a bleeding was proved. */
final class HydraulicsFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $set = Station::Set;
        $rule = Instrument::SteelRule;

        return [
            Make::fromZero('hydraulics.blocked_travel', $set, 'Pedal travel with the slave blocked', Dimension::Length, 400, $rule),
            Make::quantity('hydraulics.blocked_pressure', $set, 'Line pressure with the slave blocked', Dimension::Pressure, 1, 20_000),
            Make::choice(
                'hydraulics.proof',
                $set,
                'Proof of the bleeding',
                BleedProof::cases(),
                'the pedal against a blocked slave, or firm and without bubbles twice running',
            ),
        ];
    }
}
