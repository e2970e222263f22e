<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Randomizer;
use Spindle\Limit\Instrument;

/** An instrument that is not there: it shows what a real one would of a true value, with its noise and its last digit. */
final readonly class SimulatedInstrument
{
    /** By instrument: the step of its display and the spread of its noise, in the unit it shows. From memory [M]. */
    private const BUILT = [
        'steel_rule' => [0.5, 0.25, 'mm'], 'calliper' => [0.01, 0.015, 'mm'], 'depth_gauge' => [0.01, 0.015, 'mm'],
        'dial_indicator' => [0.01, 0.006, 'mm'], 'feeler_gauge' => [0.05, 0.01, 'mm'], 'torque_wrench' => [0.5, 0.6, 'N·m'],
    ];

    /** So many steps an even chance has. */
    private const EVEN = 1_000_000;

    /** Gauges that no uncertainty is kept for. */
    public const PRESSURE = 'pressure_gauge';

    public function __construct(private Randomizer $chance = new Randomizer)
    {
    }

    /** @return array<string, string> by word, as one says it */
    public static function kinds(): array
    {
        $kinds = [];
        foreach (Instrument::cases() as $instrument) {
            $kinds[$instrument->value] = ucfirst($instrument->label());
        }

        return [...$kinds, self::PRESSURE => 'Pressure gauge'];
    }

    /** "7.32 mm", of a true value in the unit the instrument shows. */
    public function read(string $kind, float $true): string
    {
        [$step, $noise, $unit] = self::BUILT[$kind] ?? [10.0, 8.0, 'kPa'];
        // Twelve even chances make very nearly a normal one.
        $normal = -6.0;
        for ($i = 0; $i < 12; $i++) {
            $normal += $this->chance->getInt(0, self::EVEN) / self::EVEN;
        }
        $shown = round(($true + $normal * $noise) / $step) * $step;

        return number_format($shown, max(0, (int) ceil(-log10($step))), '.', '')." {$unit}";
    }
}
