<?php

declare(strict_types=1);

namespace Spindle\Intake;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\VehicleClass;

/** The vehicle, its build, its meters and the complaint. */
final readonly class IntakeSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Intake, 'vehicle');
        $dictionary->fieldsUnless(self::whyNotAsked(...), IntakeFields::all(...));
        $dictionary->judgements(new VehicleJudgement);
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $class = $sheet->vehicleClass();
        $isTractor = $class === VehicleClass::Tractor;
        $isOf = static fn (string ...$keys): bool => in_array($key, $keys, true);

        $ofTractors = $isOf('vehicle.stages', 'vehicle.take_off', 'vehicle.take_off_speed', 'vehicle.rotation');
        $ofHours = $isOf('hour_meter', 'hour_meter_at_fitting', 'time_since_fitted');

        return match (true) {
            $ofTractors && ! $isTractor => 'only tractors have it',
            $class !== VehicleClass::Truck && $isOf('vehicle.adjusting', 'vehicle.discs', 'vehicle.assistance') => 'only trucks have it',
            $key === 'vehicle.assistance' && $sheet->actuation()?->isHydraulic() === false => 'the linkage works without',
            $isTractor && $isOf('odometer', 'odometer_at_fitting', 'distance_since_fitted', 'vehicle.drive') => 'a tractor counts hours',
            $ofHours && ($class?->isLight() ?? false) => 'cars and vans count distance',
            $key === 'vehicle.take_off_speed' && $sheet->values->word('vehicle.take_off') === 'none' => 'it has no take-off',
            default => '',
        };
    }
}
