<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Strip: what a new kit must meet. Read while the old clutch is in hand, and asked only where a kit depends on it. */
final class MatchFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Strip;
        $mm = Dimension::Length;
        [$calliper, $depth, $rule] = [Instrument::Calliper, Instrument::DepthGauge, Instrument::SteelRule];

        return [
            Make::quantity('match.friction_inner', $at, 'Friction face, inner diameter', $mm, 20, 600, $calliper),
            Make::count('match.bolt_count', $at, 'Cover bolts', 24),
            Make::lengths('match.bolt_circle', $at, 'Circle of the cover bolts', 800, 2, $calliper,
                'two where the flywheel is drilled twice'),
            Make::text('match.bolt_size', $at, 'Size of the cover bolts', 'such as M8'),
            Make::fromZero('match.dowels', $at, 'Cover dowels', Dimension::Ratio, 12),
            Make::fromZero('match.crank_bolt_clearance', $at, 'Friction face down to crank-bolt heads', $mm, 150, $depth,
                how: 'or to the pilot, whichever stands higher'),
            Make::quantity('match.spline_length', $at, 'Usable length of the splines', $mm, 5, 300, $calliper),
            Make::quantity('match.stack_height', $at, 'Flywheel face to finger tips', $mm, 5, 300, $depth,
                how: 'the old clutch, before it comes off'),
            Make::quantity('match.release_load', $at, 'Release load of the old cover', Dimension::Force, 20, 50_000,
                how: "the maker's figure, or on the press"),
            Make::quantity('match.sleeve_outer', $at, 'Guide sleeve, outer diameter', $mm, 8, 150, $calliper),
            Make::words('match.bearing_face', Kind::Word, $at, 'Face of the release bearing', ['flat' => 'Flat', 'rounded' => 'Rounded']),
            Make::quantity('match.pilot_seat', $at, 'Seat of the pilot', $mm, 6, 120, $calliper),
            Make::count('match.ring_teeth', $at, 'Teeth of the ring gear', 300),
            Make::quantity('match.ring_outer', $at, 'Ring gear, outer diameter', $mm, 100, 800, $rule),
            Make::count('match.crank_bolt_count', $at, 'Crank bolts', 24),
            Make::quantity('match.crank_bolt_circle', $at, 'Circle of the crank bolts', $mm, 20, 300, $calliper),
            Make::words('match.balance', Kind::Word, $at, 'Balance of the engine', ['internal' => 'Internal', 'external' => 'External']),
            Make::words('match.flywheel_material', Kind::Word, $at, 'Flywheel is of', ['iron' => 'Cast iron', 'steel' => 'Steel']),
            Make::quantity('match.flywheel_mass', $at, 'Mass of the flywheel', Dimension::Mass, 1, 200),
            Make::quantity('match.disc_mass', $at, 'Mass of the old disc', Dimension::Mass, 0.1, 60),
            Make::flag('match.containment', $at, 'Bell housing contains a burst'),
            Make::quantity('match.housing_room', $at, 'What the housing takes, at its narrowest', $mm, 100, 900, $rule),
        ];
    }
}
