<?php

declare(strict_types=1);

namespace Spindle\Practice;

/**
 * A sound vehicle as it is after so much use: no two are worn alike. Within what is let pass, so that what is out is the fault alone.
 * How far a part goes in use is from memory [M].
 */
final readonly class Varied
{
    /** Of what the lining may lose, so much is gone. */
    private const WORN = [0.08, 0.5];

    /** One place of a lining is thicker than another by up to this, mm. */
    private const UNEVEN = 0.04;

    /** Sizes at one place or several: from and to, mm. */
    private const SIZES = [
        'disc.runout' => [0.1, 0.35], 'disc.hub_play' => [0.05, 0.15], 'cover.finger_wear' => [0.05, 0.25], 'pilot.play' => [0.05, 0.14],
        'bearing.play' => [0.04, 0.16],
        'flywheel.face_runout' => [0.02, 0.06], 'flywheel.flatness' => [0.01, 0.04],
    ];

    /** Of the load when new. */
    private const LOAD = [0.94, 1.0];

    /** Since the clutch was fitted, km, and hours of a tractor. */
    private const DRIVEN = [42_000.0, 168_000.0];

    private const RUN = [900.0, 4_200.0];

    /**
     * @param  array<string, mixed>  $document  sound
     * @return array<string, mixed>
     */
    public static function by(array $document, Seed $seed): array
    {
        /** @var array<string, mixed> $readings */
        $readings = is_array($document['readings'] ?? null) ? $document['readings'] : [];
        foreach (['disc', 'disc2'] as $disc) {
            $readings = isset($readings["{$disc}.thickness"]) ? self::worn($readings, $disc, $seed) : $readings;
        }
        foreach (self::SIZES as $key => [$from, $to]) {
            if (isset($readings[$key])) {
                $size = static fn (int $place): string => Size::written($seed->between("worn {$key} {$place}", $from, $to), 'mm');
                $readings[$key] = is_array($readings[$key])
                    ? array_map($size, array_keys(array_values($readings[$key]))) : $size(0);
            }
        }
        if (isset($readings['cover.clamp_load_new'])) {
            $readings['cover.clamp_load'] = Size::written(
                Size::number($readings['cover.clamp_load_new']) * $seed->between('worn clamp load', ...self::LOAD), 'kN',
            );
        }

        return [...$document, 'readings' => [...$readings, ...self::used($document, $seed)]];
    }

    /**
     * @param  array<string, mixed>  $readings
     * @return array<string, mixed>
     */
    private static function worn(array $readings, string $disc, Seed $seed): array
    {
        $new = Size::number($readings["{$disc}.thickness_new"]);
        $usable = Size::number($readings["{$disc}.usable_per_side"]);
        $before = ($new - Size::number($readings["{$disc}.thickness"])) / 2;
        $side = $usable * $seed->between("worn {$disc}", ...self::WORN);
        $readings["{$disc}.thickness"] = array_map(static fn (int $place): string => Size::written(
            $new - 2 * $side + $seed->between("worn {$disc} {$place}", 0.0, self::UNEVEN), 'mm',
        ), [0, 1, 2]);
        foreach (['flywheel', 'cover'] as $face) {
            $key = "{$disc}.rivet_depth_{$face}";
            if (isset($readings[$key])) {
                // What the lining has lost since, the rivets lie less deep.
                $depth = Size::number($readings[$key]) + $before - $side;
                $readings[$key] = array_map(static fn (int $place): string => Size::written(
                    $depth + $seed->between("worn {$key} {$place}", 0.0, self::UNEVEN / 2), 'mm',
                ), [0, 1, 2]);
            }
        }

        return $readings;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, string> how long the clutch was in, and what the meter says
     */
    private static function used(array $document, Seed $seed): array
    {
        $isTractor = is_array($document['vehicle'] ?? null) && ($document['vehicle']['class'] ?? '') === 'tractor';
        [$meter, $since, $unit, $range] = $isTractor ? ['hour_meter', 'time_since_fitted', 'h', self::RUN]
            : ['odometer', 'distance_since_fitted', 'km', self::DRIVEN];
        $run = round($seed->between('run since fitted', ...$range), -2);
        $before = $seed->chance('second clutch') < 0.4 ? round($seed->between('run before', ...$range), -2) : 0.0;

        return [$since => "{$run} {$unit}", $meter => ($run + $before)." {$unit}"];
    }
}
