<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Fields;

use Spindle\Inspection\Condition;
use Spindle\JobSheet\Field;
use Spindle\JobSheet\Kind;
use Spindle\JobSheet\Station;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;

/** Strip: what is measured and seen on each part. */
final class InspectionFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $mm = Dimension::Length;
        $dial = Instrument::DialIndicator;
        $depth = Instrument::DepthGauge;

        return [
            Make::quantity('disc.thickness_new', $strip, 'Disc thickness, new', $mm, 40, Instrument::Calliper, how: 'from the maker, or the new disc'),
            Make::lengths('disc.thickness', $strip, 'Disc thickness now', 40, 3, Instrument::Calliper, 'three places around; the least counts'),
            new Field('disc.usable_per_side', Kind::Quantities, $strip, 'Usable lining a side, new', $mm, Make::quantity('', $strip, '', $mm, 15)->range, 1, $depth, how: 'groove depth, or height above the rivets, on a new disc'),
            Make::lengths('disc.rivet_depth_flywheel', $strip, 'Depth to rivets, flywheel side', 15, 3, $depth, 'three places; the least counts'),
            Make::lengths('disc.rivet_depth_cover', $strip, 'Depth to rivets, cover side', 15, 3, $depth, 'three places; the least counts'),
            Make::fromZero('disc.runout', $strip, 'Disc runout at the rim', $mm, 20, $dial, how: 'dial, on the shaft'),
            Make::fromZero('disc.hub_play', $strip, 'Hub play on the shaft, at the rim', $mm, 20, $dial),
            self::conditions('disc', 'Disc'),

            Make::lengths('cover.flatness', $strip, 'Pressure plate flatness', 5, 3, Instrument::FeelerGauge, 'straight-edge and feeler, three directions'),
            Make::lengths('cover.finger_wear', $strip, 'Finger tip wear', 10, 1, $depth, "depth of the bearing's track"),
            Make::lengths('cover.finger_heights', $strip, 'Finger or lever heights', 150, 4, $depth, 'every finger or lever'),
            self::conditions('cover', 'Cover'),

            Make::lengths('flywheel.face_runout', $strip, 'Face runout', 10, 1, $dial, 'dial, one full turn, end play held to one side'),
            Make::quantity('flywheel.measuring_diameter', $strip, 'Diameter the dial runs on', $mm, 600, Instrument::SteelRule),
            Make::lengths('flywheel.flatness', $strip, 'Flatness, dish or step', 5, 3, Instrument::FeelerGauge, 'straight-edge, three directions'),
            Make::quantity('flywheel.thickness', $strip, 'Flywheel thickness now', $mm, 300, Instrument::Calliper),
            Make::quantity('flywheel.thickness_min', $strip, 'Least thickness after machining', $mm, 300, how: "the maker's figure only"),
            Make::fromZero('flywheel.machined', $strip, 'Cut taken off, or planned', $mm, 20, Instrument::Calliper),
            Make::fromZero('flywheel.free_play', $strip, 'Dual-mass, turning free play', Dimension::Angle, 1, unit: '°', how: 'between the stops, by hand'),
            Make::fromZero('flywheel.rock', $strip, 'Dual-mass, rock at the rim', $mm, 50, $dial),
            Make::words('flywheel.school', Kind::Word, $strip, 'Machining school', ['grinder' => 'Always a grinder', 'lathe' => 'Lathe for a soft, unmarked face'], 'a grinder when left out; spots are ground in either'),
            self::conditions('flywheel', 'Flywheel'),

            Make::lengths('pilot.play', $strip, 'Play of the shaft in the pilot', 10, 1, $dial),
            self::conditions('pilot', 'Pilot'),
            self::conditions('bearing', 'Release bearing'),
        ];
    }

    private static function conditions(string $part, string $label): Field
    {
        $options = [Condition::NONE => 'looked, nothing found'];
        foreach (Condition::of($part) as $condition) {
            $options[$condition->word] = $condition->label;
        }

        return Make::words("{$part}.conditions", Kind::Words, Station::Strip, "{$label}: what is seen", $options);
    }
}
