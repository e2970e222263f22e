<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\Material;
use Spindle\Capacity\SpringKind;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;
use Spindle\Vehicle\VehicleClass;

/** What is known of a kit. Any of it may be missing. */
final class KitFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        $kit = Station::Kit;
        $mm = Dimension::Length;
        $classes = [];
        foreach (VehicleClass::cases() as $class) {
            $classes[$class->value] = $class->label();
        }

        return [
            Make::text('kit.name', $kit, 'Kit'),
            Make::text('kit.number', $kit, "Maker's number"),
            Make::text('kit.description', $kit, 'Description'),
            Make::text('kit.contents', $kit, 'Contents'),
            Make::words('kit.classes', Kind::Words, $kit, 'For', $classes),
            Make::count('kit.discs', $kit, 'Discs', 6),
            Make::quantity('kit.lining_outer', $kit, 'Lining, outer diameter', $mm, 80, 600),
            Make::quantity('kit.lining_inner', $kit, 'Lining, inner diameter', $mm, 40, 600),
            Make::choice('kit.material', $kit, 'Material', Material::cases()),
            Make::quantity('kit.mu', $kit, 'Friction coefficient', Dimension::Ratio, 0.05, 1.2),
            Make::quantity('kit.mu_hot', $kit, 'Friction coefficient, hot', Dimension::Ratio, 0.05, 1.2),
            Make::quantity('kit.coverage', $kit, 'Share of the ring the pads cover', Dimension::Ratio, 0.05, 1, unit: '%'),
            Make::count('kit.pads', $kit, 'Pads a face', 24),
            Make::quantity('kit.thickness_new', $kit, 'Disc thickness, new', $mm, 2, 40),
            Make::quantity('kit.usable_per_side', $kit, 'Groove depth, new, a side', $mm, 0.1, 15),
            Make::quantity('kit.clamp_load', $kit, 'Clamp load, new', Dimension::Force, 100, 200_000),
            Make::quantity('kit.clamp_load_worn', $kit, 'Clamp load at the wear limit', Dimension::Force, 100, 200_000),
            Make::choice('kit.spring', $kit, 'Springs', SpringKind::cases()),
            Make::quantity('kit.spring_rate', $kit, 'Spring rate, all springs', Dimension::Stiffness, 1, 50_000),
            Make::quantity('kit.wear_travel', $kit, 'Lining wear at the wear limit', $mm, 0.1, 30),
            Make::quantity('kit.diaphragm_outer', $kit, 'Diaphragm, outer diameter', $mm, 50, 600),
            Make::quantity('kit.diaphragm_inner', $kit, 'Diaphragm, diameter at the slot roots', $mm, 20, 600),
            Make::quantity('kit.diaphragm_thickness', $kit, 'Diaphragm, thickness', $mm, 0.5, 20),
            Make::quantity('kit.diaphragm_height', $kit, 'Diaphragm, free cone height', $mm, 0.5, 60),
            Make::quantity('kit.diaphragm_set', $kit, 'Diaphragm, deflection when new', $mm, 0.1, 60, how: 'where it presses the plate'),
            Make::quantity('kit.diaphragm_plate', $kit, 'Diaphragm, diameter where it presses the plate', $mm, 50, 600),
            Make::quantity('kit.diaphragm_pivot', $kit, 'Diaphragm, diameter of its pivot ring', $mm, 20, 600),
            Make::quantity('kit.claimed_torque', $kit, 'Claimed torque rating', Dimension::Torque, 5, 10_000),
            Make::quantity('kit.release_load', $kit, 'Release load at the bearing', Dimension::Force, 20, 50_000),
            Make::quantity('kit.release_travel_max', $kit, 'Greatest bearing travel', $mm, 1, 100),
            Make::count('kit.spline_count', $kit, 'Splines in the hub', 60),
            Make::quantity('kit.spline_diameter', $kit, 'Spline outside diameter', $mm, 8, 120),
            Make::words('kit.damper', Kind::Word, $kit, 'Hub', ['sprung' => 'Sprung', 'rigid' => 'Rigid']),
            Make::words('kit.release', Kind::Word, $kit, 'Release', ['push' => 'Push', 'pull' => 'Pull']),
            Make::quantity('kit.finger_height', $kit, 'Finger height from the flywheel face', $mm, 5, 300),
            Make::quantity('kit.burst_speed', $kit, 'Burst speed', Dimension::Speed, 500, 40_000),
            Make::text('kit.price', $kit, 'Price'),
            Make::text('kit.lead_time', $kit, 'Lead time'),
        ];
    }
}
