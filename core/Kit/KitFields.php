<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** What is known of a kit. Any of it may be missing. */
final class KitFields
{
    /** One kit is told from another by these. */
    private const TELLING = ['kit.number'];

    /** @return list<Field> */
    public static function all(): array
    {
        $maker = Nature::makers(Whose::FittedClutch)->anew();

        return array_map(static fn (Field $f): Field => $f->is(in_array($f->key, self::TELLING, true) ? $maker->tellsTheKit()
            : $maker), [
                ...self::article(), ...self::fit(), ...self::flywheel(),
            ]);
    }

    /** @return list<Field> how it is called and bought, and what it moves */
    private static function article(): array
    {
        $kit = Station::Kit;
        $mm = Dimension::Length;
        $classes = [];
        foreach (VehicleClass::cases() as $class) {
            $classes[$class->value] = $class->label();
        }

        return [
            Make::text('kit.number', $kit, "Maker's number"),
            Make::text('kit.description', $kit, 'Description'),
            Make::text('kit.contents', $kit, 'Contents'),
            Make::text('kit.vehicles', $kit, 'Vehicles it is listed for'),
            Make::text('kit.original_numbers', $kit, 'Numbers of the parts it replaces'),
            Make::words('kit.classes', Kind::Words, $kit, 'For', $classes),
            Make::quantity('kit.thickness_new', $kit, 'Disc thickness, new', Range::of($mm, 2, 40)),
            Make::quantity('kit.release_load', $kit, 'Release load at the bearing', Range::of(Dimension::Force, 20, 50_000)),
            Make::quantity('kit.release_travel_max', $kit, 'Greatest bearing travel', Range::of($mm, 1, 100)),
            Make::count('kit.spline_count', $kit, 'Splines in the hub', 60),
            Make::quantity('kit.spline_diameter', $kit, 'Spline outside diameter', Range::of($mm, 8, 120)),
            Make::words('kit.release', Kind::Word, $kit, 'Release', ['push' => 'Push', 'pull' => 'Pull']),
            Make::quantity('kit.finger_height', $kit, 'Finger height from the flywheel face', Range::of($mm, 5, 300)),
            Make::quantity('kit.burst_speed', $kit, 'Burst speed', Range::of(Dimension::Speed, 500, 40_000)),
            Make::text('kit.price', $kit, 'Price')->how('a number; the currency stands beside it'),
            Make::text('kit.currency', $kit, 'Currency'),
            Make::fromZero('kit.lead_days', $kit, 'Lead time, days', Dimension::Ratio, 1000),
            Make::text('kit.lead_time', $kit, 'Lead time'),
        ];
    }

    /** @return list<Field> what it must meet in the vehicle */
    private static function fit(): array
    {
        $kit = Station::Kit;
        $mm = Dimension::Length;
        $parts = [];
        foreach (KitPart::cases() as $part) {
            $parts[$part->value] = $part->label();
        }

        return [
            Make::words('kit.includes', Kind::Words, $kit, 'In the box', $parts),
            Make::words('kit.left_out', Kind::Words, $kit, 'Not in the box', $parts),
            Make::words('kit.stages', Kind::Word, $kit, 'Stages', ['single' => 'Single', 'two' => 'Two: travel and take-off']),
            Make::quantity('kit.take_off_speed', $kit, 'Speed of the take-off', Range::of(Dimension::Speed, 50, 3000)),
            Make::words('kit.for_flywheel', Kind::Word, $kit, 'Made for a flywheel that is', ['flat' => 'Flat', 'pot' => 'Pot type']),
            Make::fromZero('kit.hub_flywheel', $kit, 'Hub beyond the lining, flywheel side', $mm, 150),
            Make::fromZero('kit.hub_gearbox', $kit, 'Hub beyond the lining, gearbox side', $mm, 200),
            Make::fromZero('kit.damper_flywheel', $kit, 'Damper beyond the lining, flywheel side', $mm, 150),
            Make::quantity('kit.cover_window', $kit, 'Disc that the cover takes', Range::of($mm, 80, 700)),
            Make::quantity('kit.cover_outer', $kit, 'Cover, outer diameter', Range::of($mm, 100, 800)),
            Make::count('kit.bolt_count', $kit, 'Cover bolts', 24),
            Make::quantity('kit.bolt_circle', $kit, 'Circle of the cover bolts', Range::of($mm, 80, 800)),
            Make::text('kit.bolt_size', $kit, 'Size of the cover bolts'),
            Make::fromZero('kit.dowels', $kit, 'Dowel holes', Dimension::Ratio, 12),
            Make::words('kit.bearing_kind', Kind::Word, $kit, 'Release bearing', ['fork' => 'On a fork', 'concentric' => 'Concentric']),
            Make::quantity('kit.bearing_bore', $kit, 'Bore of the release bearing', Range::of($mm, 8, 150)),
            Make::words('kit.bearing_face', Kind::Word, $kit, 'Face of the release bearing', ['flat' => 'Flat', 'rounded' => 'Rounded']),
            Make::words('kit.finger_shape', Kind::Word, $kit, 'Finger tips', ['flat' => 'Flat', 'curved' => 'Curved']),
            Make::quantity('kit.pilot_bore', $kit, 'Bore of the pilot', Range::of($mm, 4, 80)),
            Make::quantity('kit.pilot_outer', $kit, 'Pilot, outer diameter', Range::of($mm, 6, 120)),
            Make::quantity('kit.disc_mass', $kit, 'Mass of the disc', Range::of(Dimension::Mass, 0.1, 60)),
        ];
    }

    /** @return list<Field> of a flywheel in the kit */
    private static function flywheel(): array
    {
        $kit = Station::Kit;
        $mm = Dimension::Length;

        return [
            Make::choice('kit.flywheel_kind', $kit, 'Flywheel in the kit', FlywheelKind::cases()),
            Make::words('kit.flywheel_material', Kind::Word, $kit, 'It is of', ['iron' => 'Cast iron', 'steel' => 'Steel']),
            Make::quantity('kit.flywheel_outer', $kit, 'Flywheel, outer diameter', Range::of($mm, 100, 800)),
            Make::quantity('kit.flywheel_thickness', $kit, 'Flywheel, thickness', Range::of($mm, 5, 150)),
            Make::quantity('kit.flywheel_mass', $kit, 'Flywheel, mass', Range::of(Dimension::Mass, 1, 200)),
            Make::quantity('kit.flywheel_friction_outer', $kit, 'Its friction face, outer diameter', Range::of($mm, 80, 700)),
            Make::quantity('kit.flywheel_friction_inner', $kit, 'Its friction face, inner diameter', Range::of($mm, 20, 600)),
            Make::fromZero('kit.flywheel_crank_bolt_clearance', $kit, 'From its face to the crank-bolt heads', $mm, 150),
            Make::count('kit.ring_teeth', $kit, 'Teeth of its ring gear', 300),
            Make::quantity('kit.ring_outer', $kit, 'Ring gear, outer diameter', Range::of($mm, 100, 800)),
            Make::count('kit.crank_bolt_count', $kit, 'Crank bolts', 24),
            Make::quantity('kit.crank_bolt_circle', $kit, 'Circle of the crank bolts', Range::of($mm, 20, 300)),
            Make::words('kit.balance', Kind::Word, $kit, 'Balance', ['internal' => 'Internal', 'external' => 'External']),
        ];
    }
}
