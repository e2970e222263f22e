<?php

declare(strict_types=1);

namespace Spindle\Inspection\Cover;

use Spindle\Inspection\MarkedFace;
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

/** Strip: the old cover. */
final class CoverFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $depth = Instrument::DepthGauge;
        $worn = Nature::measured(Whose::OldClutch, Place::Bench)->onlyOpen()->reading();

        return [
            Make::words('cover.kind', Kind::Word, $strip, 'Cover has', [
                'diaphragm' => 'A diaphragm: fingers',
                'self_adjusting' => 'A diaphragm that adjusts itself',
                'levers' => 'Coil springs: levers',
            ])->is($worn->lasting()->asKit('spring', ['coil' => 'levers'])),
            Make::lengths('cover.flatness', $strip, 'Pressure plate flatness', 5, 3)->takenWith(Instrument::FeelerGauge)
                ->how('straight-edge and feeler, three directions')->is($worn->minutes(2)->drawn(Drawing::Cover, 'plate')),
            Make::lengths('cover.finger_wear', $strip, 'Finger tip wear', 10, 1)->takenWith($depth)->how("depth of the bearing's track")
                ->is($worn->drawn(Drawing::Cover, 'fingers')),
            Make::lengths('cover.finger_heights', $strip, 'Finger or lever heights', 150, 6)->takenWith($depth)
                ->how('every finger or lever, or as many places evenly around')->is($worn->minutes(3)->drawn(Drawing::Cover, 'fingers')),
            Make::fromZero('cover.clamp_load', $strip, 'Clamp load on the press', Dimension::Force, 200_000)->how('at working height')
                ->is($worn->minutes(5)),
            Make::quantity('cover.clamp_load_new', $strip, 'Clamp load when new', Range::of(Dimension::Force, 100, 200_000))
                ->how("the maker's figure of the old cover")
                ->is(Nature::makers(Whose::OldClutch)->reading()->ofModel()->asKit('clamp_load')),
            Make::lengths('cover.spring_lengths', $strip, 'Free length of the coil springs', 300, 6)->takenWith(Instrument::Calliper)
                ->how('every spring')->is($worn->minutes(4)->drawn(Drawing::Cover, 'springs')),
            Make::flag('cover.marked', $strip, 'Cover marked to the flywheel')->how('before it came off, for balance')
                ->is(Nature::measured(Whose::OldClutch, Place::OpenedHousing)->reading()),
            MarkedFace::field('cover', 'Pressure plate', $worn->drawn(Drawing::Cover, 'plate')),
            CoverSubject::conditions()->field($worn),
        ];
    }
}
