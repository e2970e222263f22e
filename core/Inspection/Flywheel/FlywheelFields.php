<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Inspection\MarkedFace;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Length;
use Spindle\Quantity\Range;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Strip: the flywheel, its face read around the clock, and what machining it would take. */
final class FlywheelFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $strip = Station::Strip;
        $mm = Dimension::Length;
        $dial = Instrument::DialIndicator;
        $calliper = Instrument::Calliper;
        $worn = Nature::measured(Whose::Vehicle, Place::Flywheel)->reading();
        $makers = Nature::makers(Whose::Vehicle)->reading()->ofModel();
        $cut = $worn->foundOnly();

        return [
            Make::lengths('flywheel.face_runout', $strip, 'Face runout', 10, 1)->takenWith($dial)
                ->how('dial, one full turn, end play held to one side')
                ->is($worn->minutes(4)->drawn(Drawing::Flywheel, 'face')),
            Make::quantity('flywheel.measuring_diameter', $strip, 'Diameter the dial runs on', Range::of($mm, 50, 600))
                ->takenWith(Instrument::SteelRule)
                ->is(Nature::chosen(Whose::Vehicle)->lasting()->reading()->ofModel()),
            ...self::dial(),
            Make::lengths('flywheel.flatness', $strip, 'Flatness, dish or step', 5, 3)->takenWith(Instrument::FeelerGauge)
                ->how('straight-edge, three directions')->is($worn->minutes(2)->drawn(Drawing::Flywheel, 'face')),
            Make::quantity('flywheel.thickness', $strip, 'Flywheel thickness now', Range::of($mm, 2, 300))->takenWith($calliper)
                ->is($worn->minutes(2)->drawn(Drawing::Flywheel, 'section')),
            Make::quantity('flywheel.thickness_min', $strip, 'Least thickness after machining', Range::of($mm, 1, 300))
                ->how("the maker's figure only")->is($makers->target()->drawn(Drawing::Flywheel, 'section')),
            Make::fromZero('flywheel.machined', $strip, 'Cut taken off, or planned', $mm, 20)->takenWith($calliper)
                ->is($cut->drawn(Drawing::Flywheel, 'section')),
            Make::quantity('flywheel.pot_depth', $strip, 'Depth of the pot now', Range::of($mm, 1, 200))
                ->takenWith(Instrument::DepthGauge)->how('mounting face down to the friction face')
                ->is($worn->drawn(Drawing::Flywheel, 'section')),
            Make::quantity('flywheel.pot_depth_wanted', $strip, 'Depth of the pot wanted', Range::of($mm, 1, 200))
                ->how("the maker's figure, or as it was before the cut")->is($makers->target()->drawn(Drawing::Flywheel, 'section')),
            Make::fromZero('flywheel.mounting_cut', $strip, 'Cut taken off the mounting face', $mm, 20)->takenWith($calliper)
                ->how('as much as off the friction face, to keep the depth')->is($cut->drawn(Drawing::Flywheel, 'section')),
            Make::fromZero('flywheel.crack_depth', $strip, 'Depth of the deepest crack', $mm, 50)->takenWith(Instrument::DepthGauge)
                ->how('a crack deeper than the cut ends the flywheel')->is($cut->drawn(Drawing::Flywheel, 'face')),
            Make::fromZero('flywheel.scoring_depth', $strip, 'Depth of the deepest score', $mm, 20)->takenWith(Instrument::DepthGauge)
                ->how('the cut has to go as deep')->is($cut->drawn(Drawing::Flywheel, 'face')),
            Make::fromZero('flywheel.free_play', $strip, 'Dual-mass, turning free play', Dimension::Angle, 1)->in('°')
                ->how('between the stops, by hand')->is($worn->minutes(2)),
            Make::fromZero('flywheel.rock', $strip, 'Dual-mass, rock at the rim', $mm, 50)->takenWith($dial)->is($worn->minutes(2)),
            (new Field(
                'flywheel.bolt_torque',
                Kind::Quantities,
                $strip,
                'Bolt tightness before removal',
                Dimension::Torque,
                Make::fromZero('', $strip, '', Dimension::Torque, 2000)->range,
                1,
                Instrument::TorqueWrench,
                how: 'torque wrench; a loose flywheel judders',
            ))->is($cut->minutes(2)),
            Make::words(
                'flywheel.school', Kind::Word, $strip, 'Machining school',
                ['grinder' => 'Always a grinder', 'lathe' => 'Lathe for a soft, unmarked face'],
            )
                ->how('a grinder when left out; spots are ground in either')->is(Nature::chosen(Whose::Job)->lasting()->reading()),
            MarkedFace::field('flywheel', 'Flywheel', $worn->drawn(Drawing::Flywheel, 'face')),
            FlywheelSubject::conditions()->field($worn),
        ];
    }

    /** @return list<Field> one box for each place of the clock, so that a gap stays a gap */
    private static function dial(): array
    {
        return array_map(
            static fn (string $clock, string $key): Field => (new Field(
                $key,
                Kind::Quantity,
                Station::Strip,
                "Dial at {$clock}",
                Dimension::Length,
                Range::between(Length::mm(-10.0), Length::mm(10.0)),
                1,
                Instrument::DialIndicator,
            ))->is(Nature::measured(Whose::Vehicle, Place::Flywheel, 0.5)->reading()->placeOf('flywheel.face_runout')->foundOnly()
                ->drawn(Drawing::Flywheel, $clock)),
            FaceDial::CLOCK,
            self::dialKeys(),
        );
    }

    /** @return list<string> in the order of FaceDial::CLOCK */
    public static function dialKeys(): array
    {
        /** @var list<string>|null $keys asked for many times for each sheet */
        static $keys = null;

        return $keys ??= array_map(
            static fn (string $clock): string => 'flywheel.dial_'.str_replace([':00', ':'], ['', '_'], $clock),
            FaceDial::CLOCK,
        );
    }
}
