<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Finding;
use Spindle\Quantity\Area;
use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Inertia;
use Spindle\Quantity\Length;
use Spindle\Quantity\Speed;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Results;

/**
 * The heat of engaging the take-off: what is brought up to speed from rest leaves as much heat in the lining as it takes on in motion,
 * E = ½ I ω² at the shaft, over the two faces of its disc. Source: rigid-body dynamics, a slipping clutch without a load beside the mass.
 */
final class TakeOffHeat
{
    /** Judged where somebody said what is driven. */
    public static function judge(FieldValues $kit, JobSheet $sheet, Results $results): void
    {
        $inertia = $sheet->values->one(Inertia::class, 'launch.implement_inertia');
        $material = Material::tryFrom($kit->word('kit.material2') ?? '');
        [$outer, $inner] = [$kit->one(Length::class, 'kit.lining_outer2'), $kit->one(Length::class, 'kit.lining_inner2')];
        if ($inertia === null || $outer === null || $inner === null) {
            return;
        }
        $speed = $sheet->values->one(Speed::class, 'vehicle.take_off_speed');
        if ($speed === null || $material === null) {
            $missing = [...$sheet->values->missing('vehicle.take_off_speed'), ...$kit->missing('kit.material2')];
            $results->missing($sheet, 'launch.take_off_heat', CapacitySentences::heatUnknown(), $missing);

            return;
        }
        $heat = self::perArea($inertia, $speed, Lining::ring($outer, $inner)->area());
        $limit = LaunchJudgement::limit(MaterialTable::of($sheet)->figures($material));
        $results->figure('launch.take_off_energy_per_area', $heat);
        $results->finding(Finding::of('launch.take_off_heat', $limit->judge($heat), CapacitySentences::takeOffHeat($heat, $limit))
            ->against($limit)
            ->from('launch.implement_inertia', 'vehicle.take_off_speed', 'kit.material2', 'kit.lining_outer2', 'kit.lining_inner2'));
    }

    /** 1 cm² = 100 mm². */
    public static function perArea(Inertia $inertia, Speed $shaft, Area $ofOneFace): EnergyPerArea
    {
        $energy = 0.5 * $inertia->value * $shaft->radiansPerSecond() ** 2;

        return EnergyPerArea::of($energy / (FrictionFaces::ofDiscs(1)->count * $ofOneFace->value / 100));
    }
}
