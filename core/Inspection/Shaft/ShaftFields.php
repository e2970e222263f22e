<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Strip: pilot, shaft, seals and what stands around them. */
final class ShaftFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $mm = Dimension::Length;

        return [
            Make::words('pilot.kind', Kind::Word, $strip, 'Pilot is', ['bush' => 'A plain bush', 'rolling' => 'A rolling bearing']),
            Make::lengths('pilot.play', $strip, 'Play of the shaft in the pilot', 10, 1, Instrument::DialIndicator),
            Make::quantity(
                'pilot.bore',
                $strip,
                'Bore of the pilot',
                $mm,
                3,
                80,
                Instrument::Calliper,
                how: 'where the play is not taken with a dial',
            ),
            Make::quantity(
                'shaft.tip_diameter',
                $strip,
                'Tip of the shaft',
                $mm,
                3,
                80,
                Instrument::Calliper,
                how: 'where it runs in the pilot',
            ),
            ShaftSubject::pilot()->field(),
            ShaftSubject::shaft()->field(),
            ShaftSubject::seals()->field(),
            Make::choice('seals.leak', $strip, 'Oil on the disc came from', Leak::cases(), 'named before anything new goes in'),
            Make::flag('seals.leak_mended', $strip, 'Leak mended'),
            ShaftSubject::surroundings()->field(),
        ];
    }
}
