<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

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

/** Strip: the disc, and the second one of a twin-disc truck or a two-stage tractor. */
final class DiscFields
{
    /** The discs a vehicle may have; the second stands under the same names with another first word. */
    public const DISCS = ['disc', 'disc2'];

    /** @return list<Field> */
    public static function all(): array
    {
        return [
            ...self::of('disc', 'Disc'),
            Make::choice('disc.oil', Station::Strip, 'Oil on the disc is', OilOnDisc::cases())
                ->how('by smell and colour; it says which leak')
                ->is(Nature::measured(Whose::OldClutch, Place::Bench)->onlyOpen()->reading()),
            ...self::of('disc2', 'Second disc'),
        ];
    }

    /** @return list<Field> */
    private static function of(string $part, string $disc): array
    {
        $strip = Station::Strip;
        $mm = Dimension::Length;
        $dial = Instrument::DialIndicator;
        $depth = Instrument::DepthGauge;
        $new = Nature::makers(Whose::OldClutch)->reading()->ofModel();
        $worn = Nature::measured(Whose::OldClutch, Place::Bench)->onlyOpen()->reading();

        return [
            Make::quantity("{$part}.thickness_new", $strip, "{$disc} thickness, new", Range::of($mm, 2, 40))
                ->takenWith(Instrument::Calliper)->how('from the maker, or the new disc')->is($new->asKit('thickness_new')),
            Make::lengths("{$part}.thickness", $strip, "{$disc} thickness now", 40, 3)->takenWith(Instrument::Calliper)
                ->how('three places around; the least counts')->is($worn->minutes(2)->drawn(Drawing::Disc, 'lining')),
            (new Field(
                "{$part}.usable_per_side",
                Kind::Quantities,
                $strip,
                $part === 'disc' ? 'Usable lining a side, new' : "{$disc}, usable lining a side, new",
                $mm,
                Make::quantity('', $strip, '', Range::of($mm, 0.1, 15))->range,
                1,
                $depth,
                how: 'groove depth, or height above the rivets, on a new disc',
            ))->is($new->onlyOpen()->asKit('usable_per_side')),
            Make::lengths(
                "{$part}.rivet_depth_flywheel", $strip,
                $part === 'disc' ? 'Depth to rivets, flywheel side' : "{$disc}, depth to rivets, flywheel side", 15, 3,
            )
                ->takenWith($depth)
                ->how('three places; the least counts')->is($worn->minutes(2)->drawn(Drawing::Disc, 'rivets, flywheel side')),
            Make::lengths(
                "{$part}.rivet_depth_cover", $strip,
                $part === 'disc' ? 'Depth to rivets, cover side' : "{$disc}, depth to rivets, cover side", 15, 3,
            )
                ->takenWith($depth)
                ->how('three places; the least counts')->is($worn->minutes(2)->drawn(Drawing::Disc, 'rivets, cover side')),
            Make::fromZero("{$part}.runout", $strip, "{$disc} runout at the rim", $mm, 20)->takenWith($dial)->how('dial, on the shaft')
                ->is($worn->minutes(3)->drawn(Drawing::Disc, 'rim')),
            Make::fromZero(
                "{$part}.hub_play", $strip,
                $part === 'disc' ? 'Hub play on the shaft, at the rim' : "{$disc}, hub play on the shaft, at the rim", $mm, 20,
            )
                ->takenWith($dial)->is($worn->minutes(2)->drawn(Drawing::Disc, 'hub')),
            DiscSubject::conditions($part, $disc)->field($worn),
        ];
    }
}
