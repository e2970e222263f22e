<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Strip: pilot, shaft, seals and what stands around them. */
final class ShaftFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $mm = Dimension::Length;
        $worn = Nature::measured(Whose::Vehicle, Place::Flywheel)->reading();
        $leak = Nature::chosen(Whose::Job)->lasting()->reading();

        return [
            Make::words('pilot.kind', Kind::Word, $strip, 'Pilot is', ['bush' => 'A plain bush', 'rolling' => 'A rolling bearing'])
                ->is(Nature::measured(Whose::OldClutch, Place::Flywheel)->lasting()->reading()),
            Make::lengths('pilot.play', $strip, 'Play of the shaft in the pilot', 10, 1)->takenWith(Instrument::DialIndicator)
                ->is($worn->minutes(2)->drawn(Drawing::Pilot, 'play')),
            Make::quantity('pilot.bore', $strip, 'Bore of the pilot', Range::of($mm, 3, 80))->takenWith(Instrument::Calliper)
                ->how('where the play is not taken with a dial')->is($worn->drawn(Drawing::Pilot, 'bore')),
            Make::quantity('shaft.tip_diameter', $strip, 'Tip of the shaft', Range::of($mm, 3, 80))->takenWith(Instrument::Calliper)
                ->how('where it runs in the pilot')->is($worn->drawn(Drawing::Pilot, 'tip')),
            ShaftSubject::pilot()->field($worn),
            ShaftSubject::shaft()->field($worn),
            ShaftSubject::seals()->field($worn),
            Make::choice('seals.leak', $strip, 'Oil on the disc came from', Leak::cases())->how('named before anything new goes in')
                ->is($leak),
            Make::flag('seals.leak_mended', $strip, 'Leak mended')->is($leak),
            ShaftSubject::surroundings()->field($worn),
        ];
    }
}
