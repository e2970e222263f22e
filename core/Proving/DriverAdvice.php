<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/** How the driver treats the clutch, chosen by what was found and what went in. Common practice, no source. */
final class DriverAdvice
{
    /** What heat, slip and hurried starts leave. */
    private const OF_HEAT = ['lining_worn', 'glazed', 'flywheel_spots', 'engine_beyond', 'held_off'];

    /** @return list<string> */
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
            [true, 'No foot rests on the pedal while driving.'],
            [$class !== VehicleClass::Tractor, 'At the lights: neutral, and the pedal up.'],
            [$holdsHills, 'Hold a hill by the brake, never by the clutch.'],
            [$class === VehicleClass::Truck, 'Never touch the clutch brake while it rolls: the last inch of pedal is for standing still.'],
            [$duty === Duty::Towing->value, 'A heavy trailer costs a clutch several times the heat of a start without it: lowest gear, few '
                .'revs, no holding on the hill.'],
            [$sheet->isTwoStage(), 'Press all the way and wait a moment before the take-off is switched.'],
            [$isAramid, 'The first kilometres start gently: this lining bites harder than the old one until it is run in.'],
        ];

        return array_values(array_map(
            static fn (array $a): string => $a[1], array_filter($advice, static fn (array $a): bool => $a[0]),
        ));
    }
}
