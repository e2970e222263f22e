<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/**
 * Which fields a job asks for. What its vehicle cannot have is left out, with the reason; while class, actuation or flywheel
 * are not known, nothing is left out on their account except what only one class has.
 */
final class Asked
{
    /** Why a field is not asked on this vehicle; empty where it is. */
    public static function whyNot(string $key, JobSheet $sheet): string
    {
        $key = str_starts_with($key, AsLeft::PREFIX) ? substr($key, strlen(AsLeft::PREFIX)) : $key;
        [$part] = explode('.', $key);
        // A part's price, state and chance stand under "open.", its name up to the last underscore.
        $open = $part === 'open' && str_contains($key, '_') ? substr($key, 5, (int) strrpos($key, '_') - 5) : '';

        $reasons = array_filter([
            self::byClass($key, $part, $sheet->vehicleClass()),
            self::byBuild($key, $part, $open, $sheet),
            self::byActuation($key, $part, $open, $sheet->actuation()),
            self::byFlywheel($key, $sheet->flywheel()),
        ], static fn (string $reason): bool => $reason !== '');

        return array_values($reasons)[0] ?? '';
    }

    public static function is(string $key, JobSheet $sheet): bool
    {
        return self::whyNot($key, $sheet) === '';
    }

    private static function byClass(string $key, string $part, ?VehicleClass $class): string
    {
        $tractor = $class === VehicleClass::Tractor;
        $light = $class?->isLight() ?? false;

        return match (true) {
            ! $tractor && ($part === 'two_stage' || in_array($key, ['vehicle.stages', 'vehicle.take_off', 'vehicle.take_off_speed', 'vehicle.rotation'], true)) => 'only tractors have it',
            $class !== VehicleClass::Truck && ($part === 'intermediate' || $part === 'truck' || in_array($key, ['vehicle.adjusting', 'vehicle.discs'], true)) => 'only trucks have it',
            $tractor && in_array($key, ['odometer', 'odometer_at_fitting', 'distance_since_fitted', 'vehicle.drive'], true) => 'a tractor counts hours',
            $light && in_array($key, ['hour_meter', 'hour_meter_at_fitting', 'time_since_fitted'], true) => 'cars and vans count distance',
            $light && $key === 'cover.spring_lengths' => 'cars and vans have a diaphragm',
            default => '',
        };
    }

    private static function byBuild(string $key, string $part, string $open, JobSheet $sheet): string
    {
        $known = $sheet->vehicleClass() !== null;

        return match (true) {
            $part === 'two_stage' && ! $sheet->isTwoStage() => 'the clutch has a single stage',
            $part === 'intermediate' && ! $sheet->isTwinDisc() => 'the clutch has one disc',
            $part === 'disc2' && (! $known || ! $sheet->isTwinDisc() && ! $sheet->isTwoStage()) => 'the clutch has one disc',
            $key === 'cover.spring_lengths' && $sheet->values->word('cover.kind') === 'diaphragm' => 'a diaphragm cover has no coil springs',
            $key === 'vehicle.take_off_speed' && $sheet->values->word('vehicle.take_off') === 'none' => 'it has no take-off',
            $sheet->pilot() === PilotSeat::None && ($part === 'pilot' || $open === 'pilot' || $key === 'shaft.tip_diameter') => 'this engine has no pilot',
            $open === 'shaft_seal' && $sheet->vehicleClass() === VehicleClass::Tractor => 'the shaft goes back to the gearbox; there is no seal to leak',
            default => '',
        };
    }

    private static function byActuation(string $key, string $part, string $open, ?Actuation $actuation): string
    {
        return match (true) {
            $actuation === null => '',
            $part === 'truck' && $actuation !== Actuation::Pull => 'a clutch brake belongs to a pull-type clutch',
            $actuation === Actuation::Concentric && ($part === 'fork' || $part === 'sleeve' || in_array($open, ['fork', 'sleeve'], true)) => 'a concentric bearing has neither fork nor sleeve',
            $open === 'slave' && ! $actuation->isHydraulic() => 'the actuation has no slave cylinder',
            in_array($key, ['release.slave_stroke_left', 'release.rod_adjustable'], true) && $actuation !== Actuation::Slave => 'only an external slave has it',
            $key === 'release.self_adjusting' && $actuation !== Actuation::Cable => 'only a cable has it',
            $part === 'hydraulics' && ! $actuation->isHydraulic() => 'the actuation is not hydraulic',
            default => '',
        };
    }

    private static function byFlywheel(string $key, ?FlywheelKind $kind): string
    {
        return match (true) {
            $kind !== FlywheelKind::DualMass && in_array($key, ['flywheel.free_play', 'flywheel.rock'], true) => 'only a dual-mass flywheel has it',
            $kind !== FlywheelKind::Pot && in_array($key, ['flywheel.pot_depth', 'flywheel.pot_depth_wanted', 'flywheel.mounting_cut'], true) => 'only a pot-type flywheel has it',
            $kind === FlywheelKind::DualMass && in_array($key, ['flywheel.thickness_min', 'flywheel.machined', 'flywheel.school', 'flywheel.crack_depth', 'flywheel.scoring_depth'], true) => 'a dual-mass flywheel is never machined',
            default => '',
        };
    }
}
