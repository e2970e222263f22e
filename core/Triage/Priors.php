<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/**
 * How much more, or less, common a cause is on one kind of vehicle than on all that come in. Directions are common practice,
 * no source; the numbers are from memory [M].
 */
final class Priors
{
    /** A cause that grows with age is this much likelier on an old clutch, and this much less so on a young one. */
    public const OLD_FACTOR = 3.0;

    public const YOUNG_FACTOR = 0.2;

    /** Old from here on, km: vans and cars first, then trucks, whose linings run on the road and are adjusted. */
    private const OLD_KM = ['car' => 120_000.0, 'van' => 120_000.0, 'truck' => 350_000.0, 'tractor' => 120_000.0];

    private const YOUNG_KM = ['car' => 15_000.0, 'van' => 15_000.0, 'truck' => 50_000.0, 'tractor' => 15_000.0];

    /** Where hours are counted. */
    private const OLD_HOURS = 4_000.0;

    private const YOUNG_HOURS = 300.0;

    private const BY_CLASS = [
        // Loaded starts, many of them.
        'van' => ['lining_worn' => 1.2, 'glazed' => 1.5, 'dual_mass' => 1.3],
        // Adjusted linkages, heavy pulsation of few slow cylinders; the gearbox hangs in mounts of its own.
        'truck' => ['little_stroke' => 1.5, 'damper' => 1.5, 'mounts' => 0.5, 'bulkhead' => 0.5],
        // Stored over winter, greased by hand, linkages that nobody adjusts, shuttle work.
        'tractor' => [
            'rusted' => 4.0,
            'oil_on_lining' => 1.5,
            'little_stroke' => 1.5,
            'release_bearing' => 1.3,
            'glazed' => 1.3,
            'mounts' => 0.3,
        ],
    ];

    private const BY_ACTUATION = [
        'cable' => ['held_off' => 1.5, 'little_stroke' => 1.3, 'bulkhead' => 1.5],
        'rod' => ['little_stroke' => 1.5],
        'pull' => ['little_stroke' => 1.3],
        'concentric' => ['slave_leak' => 1.5],
    ];

    public static function byClass(string $cause, ?VehicleClass $class): float
    {
        return self::BY_CLASS[$class->value ?? ''][$cause] ?? 1.0;
    }

    public static function byActuation(string $cause, ?Actuation $actuation): float
    {
        return self::BY_ACTUATION[$actuation->value ?? ''][$cause] ?? 1.0;
    }

    /** By whichever is known; the distance counts where both are. */
    public static function byAge(?Distance $km, ?Duration $hours, ?VehicleClass $class): float
    {
        $class = $class->value ?? VehicleClass::Car->value;
        [$run, $old, $young] =
            $km !== null
                ? [$km->value, self::OLD_KM[$class], self::YOUNG_KM[$class]]
                : [$hours?->value, self::OLD_HOURS, self::YOUNG_HOURS];

        return match (true) {
            $run === null => 1.0,
            $run >= $old => self::OLD_FACTOR,
            $run <= $young => self::YOUNG_FACTOR,
            default => 1.0,
        };
    }

    /** @return array<string, array<string, float>> factors by kind of vehicle or actuation, then by cause */
    public static function table(): array
    {
        return [...self::BY_CLASS, ...self::BY_ACTUATION];
    }
}
