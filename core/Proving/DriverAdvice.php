<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Limit\Said;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/** How the driver treats the clutch, chosen by what was found and what went in. Common practice, no source. */
final class DriverAdvice
{
    /** What heat, slip and hurried starts leave. */
    private const OF_HEAT = ['lining_worn', 'glazed', 'flywheel_spots', 'engine_beyond', 'held_off'];

    /** @return list<Said> */
    public static function of(JobSheet $sheet): array
    {
        $causes = $sheet->values->words('why.causes');
        $class = $sheet->vehicleClass();
        $material = Material::tryFrom($sheet->values->word('kit.material') ?? '');
        $duty = $sheet->values->word('duty');
        $isAramid = in_array($material, [Material::Aramid, Material::AramidSegmented], true);
        $holdsHills = array_intersect(self::OF_HEAT, $causes) !== []
            || in_array($duty, [Duty::Towing->value, Duty::Town->value, Duty::Delivery->value], true);
        $advice = [
            [true, ProvingSentences::driver('noFootOnThePedal')],
            [$class !== VehicleClass::Tractor, ProvingSentences::driver('neutralAtTheLights')],
            [$holdsHills, ProvingSentences::driver('holdByTheBrake')],
            [$class === VehicleClass::Truck, ProvingSentences::driver('noClutchBrakeRolling')],
            [$duty === Duty::Towing->value, ProvingSentences::driver('trailerCostsHeat')],
            [$sheet->isTwoStage(), ProvingSentences::driver('waitForTheTakeOff')],
            [$isAramid, ProvingSentences::driver('startGently')],
        ];

        return array_values(array_map(
            static fn (array $a): Said => $a[1], array_filter($advice, static fn (array $a): bool => $a[0]),
        ));
    }
}
