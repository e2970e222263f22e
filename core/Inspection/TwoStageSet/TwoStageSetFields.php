<?php

declare(strict_types=1);

namespace Spindle\Inspection\TwoStageSet;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Strip: the two-stage set of a tractor. */
final class TwoStageSetFields
{
    /** An adjusting bolt is not turned further at once, whatever was typed. From memory [M]. */
    private const MOST_TURNS = 10.0;

    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $feeler = Instrument::FeelerGauge;
        $rule = Instrument::SteelRule;
        $mm = Dimension::Length;
        $set = Nature::measured(Whose::OldClutch, Place::UnderVehicle, 3)->reading();
        $seen = Nature::measured(Whose::OldClutch, Place::OpenedHousing)->reading();

        return [
            Make::lengths('two_stage.lever_heights', $strip, 'Lever heights, both stages', 200, 6)->takenWith(Instrument::DepthGauge)
                ->how('every lever, in order around the cover')->is($set->drawn(Drawing::Levers, 'levers')),
            Make::quantity('two_stage.travel_total', $strip, 'Release travel, whole', Range::of($mm, 0.5, 200))->takenWith($rule)
                ->how('at the bearing, from touching to the stop bolt')->is($set->drawn(Drawing::Levers, 'travel')),
            Make::quantity('two_stage.travel_to_first', $strip, 'Travel to the first release', Range::of($mm, 0.1, 200))->takenWith($rule)
                ->how('at the bearing, until the travel disc turns freely')->is($set->drawn(Drawing::Levers, 'first release')),
            Make::lengths('two_stage.air_gap_travel', $strip, 'Air gap, travel disc', 10, 2)->takenWith($feeler)
                ->how('each face, at half travel')
                ->is($set->drawn(Drawing::Levers, 'travel disc')),
            Make::lengths('two_stage.air_gap_take_off', $strip, 'Air gap, take-off disc', 10, 2)->takenWith($feeler)
                ->how('each face, at full travel')
                ->is($set->drawn(Drawing::Levers, 'take-off disc')),
            Make::lengths('two_stage.bolt_gap', $strip, 'Bolts of the second stage, gap to the plate', 20, 6)->takenWith($feeler)
                ->how('every bolt, in order around the cover')->is($set->drawn(Drawing::Levers, 'bolts')),
            Make::quantity('two_stage.bolt_pitch', $strip, 'Bolts of the second stage, thread pitch', Range::of($mm, 0.2, 5))
                ->is(Nature::makers(Whose::OldClutch)->ofModel()->reading()),
            (new Field('two_stage.bolt_turns', Kind::Quantities, $strip, 'Bolts of the second stage, turns made', Dimension::Ratio,
                Range::between(Ratio::of(-self::MOST_TURNS), Ratio::of(self::MOST_TURNS)), 6, how: 'in the same order; + screws it in'))
                ->is($set->step('stage_bolts')),
            TwoStageSetSubject::conditions()->field($seen),
        ];
    }
}
