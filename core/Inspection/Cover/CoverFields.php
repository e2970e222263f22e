<?php

declare(strict_types=1);

namespace Spindle\Inspection\Cover;

use Spindle\Inspection\MarkedFace;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Strip: the old cover. */
final class CoverFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $depth = Instrument::DepthGauge;

        return [
            Make::words('cover.kind', Kind::Word, $strip, 'Cover has', [
                'diaphragm' => 'A diaphragm: fingers',
                'levers' => 'Coil springs: levers',
            ]),
            Make::lengths(
                'cover.flatness',
                $strip,
                'Pressure plate flatness',
                5,
                3,
                Instrument::FeelerGauge,
                'straight-edge and feeler, three directions',
            ),
            Make::lengths('cover.finger_wear', $strip, 'Finger tip wear', 10, 1, $depth, "depth of the bearing's track"),
            Make::lengths(
                'cover.finger_heights',
                $strip,
                'Finger or lever heights',
                150,
                6,
                $depth,
                'every finger or lever, or as many places evenly around',
            ),
            Make::fromZero('cover.clamp_load', $strip, 'Clamp load on the press', Dimension::Force, 200_000, how: 'at working height'),
            Make::quantity(
                'cover.clamp_load_new',
                $strip,
                'Clamp load when new',
                Dimension::Force,
                100,
                200_000,
                how: "the maker's figure of the old cover",
            ),
            Make::lengths(
                'cover.spring_lengths',
                $strip,
                'Free length of the coil springs',
                300,
                6,
                Instrument::Calliper,
                'every spring',
            ),
            Make::flag('cover.marked', $strip, 'Cover marked to the flywheel', 'before it came off, for balance'),
            MarkedFace::field('cover', 'Pressure plate'),
            CoverSubject::conditions()->field(),
        ];
    }
}
