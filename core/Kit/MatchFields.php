<?php

declare(strict_types=1);

namespace Spindle\Kit;

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

/** Strip: what a new kit must meet. Read while the old clutch is in hand, and asked only where a kit depends on it. */
final class MatchFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Strip;
        $mm = Dimension::Length;
        $size = Nature::measured(Whose::Vehicle, Place::Flywheel)->lasting()->reading();
        $box = Nature::measured(Whose::Vehicle, Place::OpenedHousing)->lasting()->reading();
        $old = Nature::measured(Whose::OldClutch, Place::Bench)->reading();
        [$calliper, $depth, $rule] = [Instrument::Calliper, Instrument::DepthGauge, Instrument::SteelRule];

        return [
            Make::text('match.part_number', $at, 'Numbers on the old disc and cover')->how('as stamped, several with commas')
                ->is($old->lasting()->minutes(2)),
            Make::quantity('match.friction_inner', $at, 'Friction face, inner diameter', Range::of($mm, 20, 600))->takenWith($calliper)
                ->is($size->asKit('flywheel_friction_inner')->drawn(Drawing::Flywheel, 'face')),
            Make::count('match.bolt_count', $at, 'Cover bolts', 24)->is($size),
            Make::lengths('match.bolt_circle', $at, 'Circle of the cover bolts', 800, 2)->takenWith($calliper)
                ->how('two where the flywheel is drilled twice')->is($size->minutes(2)),
            Make::text('match.bolt_size', $at, 'Size of the cover bolts')->how('such as M8')->is($size),
            Make::fromZero('match.dowels', $at, 'Cover dowels', Dimension::Ratio, 12)->is($size),
            Make::fromZero('match.crank_bolt_clearance', $at, 'Friction face down to crank-bolt heads', $mm, 150)->takenWith($depth)
                ->how('or to the pilot, whichever stands higher')->is(Nature::measured(Whose::Vehicle, Place::Flywheel)->reading()),
            Make::quantity('match.spline_length', $at, 'Usable length of the splines', Range::of($mm, 5, 300))->takenWith($calliper)
                ->is($box),
            Make::quantity('match.stack_height', $at, 'Flywheel face to finger tips', Range::of($mm, 5, 300))->takenWith($depth)
                ->how('the old clutch, before it comes off')->is(Nature::measured(Whose::OldClutch, Place::OpenedHousing)->reading()),
            Make::quantity('match.release_load', $at, 'Release load of the old cover', Range::of(Dimension::Force, 20, 50_000))
                ->how("the maker's figure, or on the press")->is(Nature::makers(Whose::OldClutch)->reading()->asKit('release_load')),
            Make::quantity('match.sleeve_outer', $at, 'Guide sleeve, outer diameter', Range::of($mm, 8, 150))->takenWith($calliper)
                ->is($box),
            Make::words('match.release', Kind::Word, $at, 'The old cover is', ['push' => 'Pushed', 'pull' => 'Pulled'])
                ->how('by the bearing, whatever moves it')->is($old->lasting()->asKit('release')),
            Make::words('match.bearing_face', Kind::Word, $at, 'Face of the release bearing', ['flat' => 'Flat', 'rounded' => 'Rounded'])
                ->is($old->lasting()->asKit('bearing_face')),
            Make::quantity('match.pilot_seat', $at, 'Seat of the pilot', Range::of($mm, 6, 120))->takenWith($calliper)->is($size),
            Make::count('match.ring_teeth', $at, 'Teeth of the ring gear', 300)->is($size->asKit('ring_teeth')),
            Make::quantity('match.ring_outer', $at, 'Ring gear, outer diameter', Range::of($mm, 100, 800))->takenWith($rule)
                ->is($size->asKit('ring_outer')),
            Make::count('match.crank_bolt_count', $at, 'Crank bolts', 24)->is($size),
            Make::quantity('match.crank_bolt_circle', $at, 'Circle of the crank bolts', Range::of($mm, 20, 300))->takenWith($calliper)
                ->is($size),
            Make::words('match.balance', Kind::Word, $at, 'Balance of the engine', ['internal' => 'Internal', 'external' => 'External'])
                ->is($size),
            Make::words('match.flywheel_material', Kind::Word, $at, 'Flywheel is of', ['iron' => 'Cast iron', 'steel' => 'Steel'])
                ->is($size->asKit('flywheel_material')),
            Make::quantity('match.flywheel_mass', $at, 'Mass of the flywheel', Range::of(Dimension::Mass, 1, 200))
                ->is($size->asKit('flywheel_mass')),
            Make::quantity('match.disc_mass', $at, 'Mass of the old disc', Range::of(Dimension::Mass, 0.1, 60))
                ->is($old->lasting()->asKit('disc_mass')),
            Make::flag('match.containment', $at, 'Bell housing contains a burst')->is($box),
            Make::quantity('match.housing_room', $at, 'What the housing takes, at its narrowest', Range::of($mm, 100, 900))
                ->takenWith($rule)
                ->is($box->minutes(2)),
        ];
    }
}
