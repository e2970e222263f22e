<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

use Spindle\Limit\PracticeLimits;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Units;

/** The names of all computed figures with the unit each is given in. Fixed: never rename, only add. */
final class FigureUnits
{
    private const UNITS = [
        'demand.engine_torque' => 'N·m',
        'demand.required_torque' => 'N·m',
        'demand.basis' => '',
        'demand.reserve' => '–',
        'capacity.faces' => '–',
        'capacity.radius_new' => 'mm',
        'capacity.radius_run_in' => 'mm',
        'capacity.new' => 'N·m',
        'capacity.run_in' => 'N·m',
        'capacity.worn' => 'N·m',
        'capacity.hot' => 'N·m',
        'capacity.margin' => '–',
        'capacity.floor_margin' => '–',
        'capacity.lining_pressure' => 'kPa',
        'capacity.implied_mu' => '–',
        'launch.inertia' => 'kg·m²',
        'launch.slip_time' => 's',
        'launch.energy' => 'J',
        'launch.energy_per_area' => 'J/cm²',
        'launch.plate_rise' => 'K',
        'launch.holding_time' => 's',
        'wear.used' => 'mm',
        'wear.percent' => '%',
        'wear.remaining' => 'mm',
        'wear.remaining_distance' => 'km',
        'wear.remaining_time' => 'h',
        'wear2.used' => 'mm',
        'wear2.percent' => '%',
        'wear2.remaining' => 'mm',
        'wear2.remaining_distance' => 'km',
        'wear2.remaining_time' => 'h',
        'cover.clamp_load_percent' => '%',
        'pilot.play' => 'mm',
        'two_stage.first_release_percent' => '%',
        'flywheel.face_runout' => 'mm',
        'flywheel.tilt' => 'mm',
        'flywheel.wave' => 'mm',
        'flywheel.cut_room' => 'mm',
        'flywheel.flatness' => 'mm',
        'flywheel.thickness_after' => 'mm',
        'flywheel.fork_end_shift' => 'mm',
        'release.clearance' => 'mm',
        'release.clearance_spread' => 'mm',
        'release.shim' => 'mm',
        'release.clearance_shimmed' => 'mm',
        'release.wear_budget' => 'mm',
        'release.clearance_from_play' => 'mm',
        'release.bearing_travel' => 'mm',
        'release.lift' => 'mm',
        'release.air_gap' => 'mm',
        'release.air_gap_face' => 'mm',
        'release.take_up_percent' => '%',
        'release.pedal_force' => 'N',
        'release.line_pressure' => 'kPa',
        'release.free_play_turns' => 'turns',
        'truck.action' => '',
        'truck.ring_notches' => '–',
        'hydraulics.trapped_air' => 'mm³',
    ];

    /** Figures that a given limit is used for though no built-in row has their name: their limit follows the duty or the lining. */
    private const JUDGED_BY_GIVEN = ['capacity.margin', 'capacity.lining_pressure'];

    /** Whether a figure of this name is worked out and shown, and no check holds it against a limit. */
    public static function isOnlyShown(string $name): bool
    {
        return isset(self::UNITS[$name]) && ! in_array($name, self::JUDGED_BY_GIVEN, true) && Dictionary::find($name)?->dimension === null && ! PracticeLimits::has($name);
    }

    /** @throws \OutOfBoundsException when the code names a figure that does not exist */
    public static function of(string $name): string
    {
        return self::UNITS[$name] ?? throw new \OutOfBoundsException("no figure {$name}");
    }

    /** The dimension a limit on this figure has; a figure in per cent is limited as a share. */
    public static function dimension(string $name): ?Dimension
    {
        $unit = self::UNITS[$name] ?? null;

        return match ($unit) {
            null, '' => null,
            '–', '%' => Dimension::Ratio,
            'turns' => Dimension::Angle,
            's' => Dimension::Duration,
            default => Units::named($unit)->dimension,
        };
    }

    public static function isPercent(string $name): bool
    {
        return (self::UNITS[$name] ?? '') === '%';
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::UNITS);
    }
}
