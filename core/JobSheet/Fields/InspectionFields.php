<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Fields;

use Spindle\Inspection\Leak;
use Spindle\JobSheet\Field;
use Spindle\JobSheet\Kind;
use Spindle\JobSheet\Station;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;

/** Strip: cover, bearing, fork, pilot, shaft, seals and what stands around them; the plates of trucks and tractors. */
final class InspectionFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [...DiscFields::all(), ...self::cover(), ...FlywheelFields::all(), ...self::release(), ...self::shaft(), ...self::heavy()];
    }

    /** @return list<Field> */
    private static function cover(): array
    {
        $strip = Station::Strip;
        $depth = Instrument::DepthGauge;

        return [
            Make::words('cover.kind', Kind::Word, $strip, 'Cover has', ['diaphragm' => 'A diaphragm: fingers', 'levers' => 'Coil springs: levers']),
            Make::lengths('cover.flatness', $strip, 'Pressure plate flatness', 5, 3, Instrument::FeelerGauge, 'straight-edge and feeler, three directions'),
            Make::lengths('cover.finger_wear', $strip, 'Finger tip wear', 10, 1, $depth, "depth of the bearing's track"),
            Make::lengths('cover.finger_heights', $strip, 'Finger or lever heights', 150, 6, $depth, 'every finger or lever, or as many places evenly around'),
            Make::fromZero('cover.clamp_load', $strip, 'Clamp load on the press', Dimension::Force, 200_000, how: 'at working height'),
            Make::quantity('cover.clamp_load_new', $strip, 'Clamp load when new', Dimension::Force, 100, 200_000, how: "the maker's figure of the old cover"),
            Make::lengths('cover.spring_lengths', $strip, 'Free length of the coil springs', 300, 6, Instrument::Calliper, 'every spring'),
            Make::flag('cover.marked', $strip, 'Cover marked to the flywheel', 'before it came off, for balance'),
            FlywheelFields::marks('cover', 'Pressure plate'),
            Make::conditions('cover', 'Cover'),
        ];
    }

    /** @return list<Field> */
    private static function release(): array
    {
        return [
            Make::fromZero('bearing.play', Station::Strip, 'Play in the bearing', Dimension::Length, 10, Instrument::DialIndicator, how: 'plain bearing; beyond the feel of a new one'),
            Make::conditions('bearing', 'Release bearing'),
            Make::conditions('fork', 'Fork and pivot'),
            Make::conditions('sleeve', 'Guide sleeve'),
        ];
    }

    /** @return list<Field> */
    private static function shaft(): array
    {
        $strip = Station::Strip;
        $mm = Dimension::Length;

        return [
            Make::words('pilot.kind', Kind::Word, $strip, 'Pilot is', ['bush' => 'A plain bush', 'rolling' => 'A rolling bearing']),
            Make::lengths('pilot.play', $strip, 'Play of the shaft in the pilot', 10, 1, Instrument::DialIndicator),
            Make::quantity('pilot.bore', $strip, 'Bore of the pilot', $mm, 3, 80, Instrument::Calliper, how: 'where the play is not taken with a dial'),
            Make::quantity('shaft.tip_diameter', $strip, 'Tip of the shaft', $mm, 3, 80, Instrument::Calliper, how: 'where it runs in the pilot'),
            Make::conditions('pilot', 'Pilot'),
            Make::conditions('shaft', 'Shaft and splines'),
            Make::conditions('seals', 'Seals'),
            Make::choice('seals.leak', $strip, 'Oil on the disc came from', Leak::cases(), 'named before anything new goes in'),
            Make::flag('seals.leak_mended', $strip, 'Leak mended'),
            Make::conditions('surroundings', 'Surroundings'),
        ];
    }

    /** @return list<Field> */
    private static function heavy(): array
    {
        $strip = Station::Strip;
        $feeler = Instrument::FeelerGauge;
        $rule = Instrument::SteelRule;
        $mm = Dimension::Length;

        return [
            Make::lengths('intermediate.pin_clearance', $strip, 'Clearance of the plate on its pins', 5, 4, $feeler, 'the same side of every pin'),
            Make::lengths('intermediate.flatness', $strip, 'Intermediate plate flatness', 5, 3, $feeler, 'straight-edge and feeler, three directions'),
            Make::conditions('intermediate', 'Intermediate plate'),
            Make::lengths('two_stage.lever_heights', $strip, 'Lever heights, both stages', 200, 6, Instrument::DepthGauge, 'every lever, in order around the cover'),
            Make::quantity('two_stage.travel_total', $strip, 'Release travel, whole', $mm, 0.5, 200, $rule, how: 'at the bearing, from touching to the stop bolt'),
            Make::quantity('two_stage.travel_to_first', $strip, 'Travel to the first release', $mm, 0.1, 200, $rule, how: 'at the bearing, until the travel disc turns freely'),
            Make::lengths('two_stage.air_gap_travel', $strip, 'Air gap, travel disc', 10, 2, $feeler, 'each face, at half travel'),
            Make::lengths('two_stage.air_gap_take_off', $strip, 'Air gap, take-off disc', 10, 2, $feeler, 'each face, at full travel'),
            Make::conditions('two_stage', 'Two-stage set'),
        ];
    }
}
