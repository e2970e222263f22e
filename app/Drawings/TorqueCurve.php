<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;

/** The engine's curve as plain numbers for a drawing. */
final class TorqueCurve
{
    /**
     * In order of speed, at the crankshaft with uplift: the greatest of the curve stands where the assessment has it.
     *
     * @return list<array{float, float}> speed in rpm, torque in N·m
     */
    public static function scaled(AssessedJob $page, ?float $peak, string $key = 'engine.curve'): array
    {
        $points = array_map(
            static fn (array $p): array => [$p[0]->value, $p[1]->value], $page->values()->curve($key) ?? [],
        );
        if ($points === []) {
            return [];
        }
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $greatest = max(array_map(static fn (array $p): float => $p[1], $points));
        $factor = $peak === null || $greatest <= 0.0 ? 1.0 : $peak / $greatest;

        return array_map(static fn (array $p): array => [$p[0], $p[1] * $factor], $points);
    }
}
