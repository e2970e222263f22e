<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Demand\Duty;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Mark;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** Checks of a kit against the vehicle it shall go into. One that is out, and the kit does not fit. */
final class Fit
{
    /** How far the outside diameters of shaft and hub splines may differ, mm. Default from memory [M]. */
    private const SPLINE_TOLERANCE = 0.2;

    /** @param  list<string>  $classes  what the kit is made for */
    public static function vehicleClass(?VehicleClass $vehicle, array $classes): Finding
    {
        return match (true) {
            $vehicle === null => Finding::unmeasured('kit.class', 'Class of the vehicle not entered.', 'vehicle.class'),
            $classes === [] => Finding::unmeasured('kit.class', 'The kit does not say which class of vehicle it is for.', 'kit.classes'),
            in_array($vehicle->value, $classes, true) => Finding::of('kit.class', Verdict::Within, 'Made for this class.'),
            default => Finding::of('kit.class', Verdict::Out, 'Made for another class of vehicle.'),
        };
    }

    public static function releaseDirection(?Actuation $actuation, ?string $kit): Finding
    {
        $wanted = $actuation === Actuation::Pull ? 'pull' : 'push';

        return match (true) {
            $actuation === null => Finding::unmeasured(
                'kit.release',
                'Actuation not entered: push or pull cannot be checked.',
                'vehicle.actuation',
            ),
            $kit === null => Finding::unmeasured('kit.release', 'The kit does not say whether it is pushed or pulled.', 'kit.release'),
            $kit === $wanted => Finding::of('kit.release', Verdict::Within, ucfirst($kit).'-type release.'),
            default => Finding::of('kit.release', Verdict::Out, "A {$kit}-type cover; this vehicle needs {$wanted}."),
        };
    }

    public static function splineCount(?int $shaft, ?int $hub): Finding
    {
        return match (true) {
            $shaft === null => Finding::unmeasured('kit.spline_count', 'Count the splines on the shaft.', 'vehicle.spline_count'),
            $hub === null => Finding::unmeasured('kit.spline_count', 'Count the splines in the hub.', 'kit.spline_count'),
            $shaft === $hub => Finding::of('kit.spline_count', Verdict::Within, "{$hub} splines."),
            default => Finding::of('kit.spline_count', Verdict::Out, "{$hub} splines in the hub, {$shaft} on the shaft."),
        };
    }

    public static function splineDiameter(?Length $shaft, ?Length $hub, Display $display): Finding
    {
        if ($shaft === null) {
            return Finding::unmeasured('kit.spline_diameter', 'Measure the shaft over its splines.', 'vehicle.spline_diameter');
        }
        if ($hub === null) {
            return Finding::unmeasured('kit.spline_diameter', 'The spline diameter of the hub is not known.', 'kit.spline_diameter');
        }
        $limit = Limit::between(
            'kit.spline_diameter',
            $shaft->minus(Length::mm(self::SPLINE_TOLERANCE)),
            $shaft->plus(Length::mm(self::SPLINE_TOLERANCE)),
            LimitSource::Practice,
            Mark::FromMemory,
        );
        $fits = $limit->judge($hub) === Verdict::Within;

        return Finding::of(
            'kit.spline_diameter',
            $fits ? Verdict::Within : Verdict::Out,
            'Hub '.$display->quantity($hub, 0.1).', shaft '.$display->quantity($shaft, 0.1).' over the splines.',
        )->against($limit);
    }

    public static function liningOnFlywheel(?Length $face, ?Length $lining, Display $display): Finding
    {
        return match (true) {
            $face === null => Finding::unmeasured(
                'kit.lining_outer',
                'Measure the friction face of the flywheel.',
                'vehicle.friction_outer',
            ),
            $lining === null => Finding::unmeasured(
                'kit.lining_outer',
                'The outer diameter of the lining is not known.',
                'kit.lining_outer',
            ),
            $lining->value <= $face->value + 1e-9 => Finding::of(
                'kit.lining_outer',
                Verdict::Within,
                'Lining '.$display->quantity($lining, 1.0).' on a face of '.$display->quantity($face, 1.0).'.',
            ),
            default => Finding::of(
                'kit.lining_outer',
                Verdict::Out,
                'Lining '.$display->quantity($lining, 1.0).' stands over the face of '.$display->quantity($face, 1.0).'.',
            ),
        };
    }

    /** A dual-mass flywheel damps by itself and wants a rigid disc; a solid one wants a sprung hub. Common practice, no source. */
    public static function damper(?FlywheelKind $flywheel, ?string $hub, ?Duty $duty = null): Finding
    {
        if ($flywheel === null || $hub === null) {
            return Finding::unmeasured(
                'kit.damper',
                $hub === null ? 'The kit does not say whether the hub is sprung.' : 'Kind of flywheel not entered.',
                $hub === null ? 'kit.damper' : 'vehicle.flywheel',
            );
        }
        $wanted = $flywheel === FlywheelKind::DualMass ? 'rigid' : 'sprung';

        return match (true) {
            $hub === $wanted => Finding::of('kit.damper', Verdict::Within, ucfirst($hub).' hub suits the flywheel.'),
            $hub === 'rigid' && $duty === Duty::Competition => Finding::of(
                'kit.damper',
                Verdict::Within,
                'A rigid hub, as competition wants it.',
            ),
            $hub === 'rigid' => Finding::of('kit.damper', Verdict::Near, 'A rigid hub on a solid flywheel is for competition only.'),
            default => Finding::of('kit.damper', Verdict::Out, 'A dual-mass flywheel wants a rigid hub.'),
        };
    }
}
