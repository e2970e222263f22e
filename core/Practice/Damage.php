<?php

declare(strict_types=1);

namespace Spindle\Practice;

/**
 * What a cause leaves behind where it is looked for: sizes beyond what is allowed, things that are seen. What it leaves is what an open
 * clutch proves it by; of causes that nothing inside shows there is none here. How far beyond is drawn; from memory [M].
 */
final readonly class Damage
{
    /** Seen on a part. */
    private const SEEN = [
        'oil_on_lining' => ['disc' => 'oil', 'seals' => 'rear_wet'], 'glazed' => ['disc' => 'glazed'], 'fork' => ['fork' => 'worn_pivot'],
        'disc_wrong_way' => ['disc' => 'wrong_way'], 'disc_bent' => ['disc' => 'bent'], 'hub_binds' => ['disc' => 'tight_hub'],
        'trapped_piece' => ['disc' => 'loose_lining'], 'broken_finger' => ['cover' => 'broken_finger'],
        'sucked' => ['disc' => 'grooves_gone'], 'release_bearing' => ['bearing' => 'rough'], 'sleeve' => ['sleeve' => 'stepped'],
        'flywheel_spots' => ['flywheel' => 'heat_spots'], 'flywheel_loose' => ['flywheel' => 'loose_bolts'],
        'mounts' => ['surroundings' => 'engine_mount'], 'damper' => ['disc' => 'broken_spring'], 'slave_leak' => ['bearing' => 'wet'],
        'dual_mass' => ['flywheel' => 'grease_thrown'],
    ];

    /** Measured: the reading, from and to, its unit, at how many places. */
    private const MEASURED = [
        'springs_weak' => ['cover.clamp_load', 0.60, 0.72, '', 1], 'disc_bent' => ['disc.runout', 0.8, 1.4, 'mm', 1],
        'pilot' => ['pilot.play', 0.45, 0.8, 'mm', 1], 'flywheel_spots' => ['flywheel.face_runout', 0.22, 0.35, 'mm', 1],
        'dual_mass' => ['flywheel.rock', 2.6, 3.6, 'mm', 1], 'held_off' => ['cover.finger_wear', 0.8, 1.2, 'mm', 1],
        'release_bearing' => ['bearing.play', 0.5, 0.9, 'mm', 1],
    ];

    /** Of the thickness it may lose, so much of it is gone: down to the rivets, which begin to go with it. */
    private const WORN = [1.01, 1.05];

    private const BOLTS = 6;

    /** Torque a bolt of the flywheel is found with, N·m. */
    private const LOOSE = [15.0, 60.0];

    private const TIGHT = [102.0, 114.0];

    /** One finger or lever stands so much lower, mm. */
    private const LOW = [0.9, 1.6];

    private const ONE_LOW = ['not_set_back' => 'cover.finger_heights', 'broken_finger' => 'cover.finger_heights',
        'levers_uneven' => 'two_stage.lever_heights'];

    /**
     * The vehicle with it.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function by(string $cause, array $document, Seed $seed): array
    {
        /** @var array<string, mixed> $readings */
        $readings = $document['readings'];
        foreach (self::SEEN[$cause] ?? [] as $part => $condition) {
            $key = "{$part}.conditions";
            /** @var list<string> $seen */
            $seen = $readings[$key] ?? [];
            // A part that this vehicle does not have shows nothing.
            $readings = isset($readings[$key])
                ? [...$readings, $key => array_values(array_unique([...array_diff($seen, ['none']), $condition]))] : $readings;
        }
        [$key, $from, $to, $unit, $places] = self::MEASURED[$cause] ?? ['', 0.0, 0.0, '', 0];
        if ($key !== '' && isset($readings[$key])) {
            $drawn = $seed->between("damage {$cause}", $from, $to);
            // A load is so much of what it was when new.
            $size = $unit === '' ? Size::written(round($drawn * Size::number($readings["{$key}_new"]), 2), 'kN')
                : Size::written(round($drawn, 2), $unit);
            $readings[$key] = is_array($readings[$key]) ? array_fill(0, $places, $size) : $size;
        }
        $readings = match ($cause) {
            'lining_worn' => self::worn($readings, $seed),
            'flywheel_loose' => self::oneLoose($readings, $seed),
            'brake_worn', 'brake_hit' => [...$readings, 'truck.brake' => 'worn'],
            default => $readings,
        };

        return [...$document, 'readings' => self::oneLow(self::ONE_LOW[$cause] ?? '', $readings, $seed)];
    }

    /** @return list<string> causes that leave something where it is looked for */
    public static function shown(): array
    {
        return array_values(array_unique([
            ...array_keys(self::SEEN), ...array_keys(self::MEASURED), ...array_keys(self::ONE_LOW),
            'lining_worn', 'brake_worn', 'brake_hit',
        ]));
    }

    /**
     * @param  array<string, mixed>  $readings
     * @return array<string, mixed>
     */
    private static function worn(array $readings, Seed $seed): array
    {
        $share = $seed->between('damage lining_worn', ...self::WORN);
        $now = Size::number($readings['disc.thickness_new']) - $share * 2 * Size::number($readings['disc.usable_per_side']);
        $depth = Size::written(0.0, 'mm');

        return [
            ...$readings, 'disc.thickness' => array_map(
                static fn (float $more): string => Size::written(round($now + $more, 2), 'mm'), [0.0, 0.04, 0.02],
            ),
            'disc.rivet_depth_flywheel' => array_fill(0, 3, $depth), 'disc.rivet_depth_cover' => array_fill(0, 3, $depth),
        ];
    }

    /**
     * The bolts of the flywheel as they were found, one of them short of its torque.
     *
     * @param  array<string, mixed>  $readings
     * @return array<string, mixed>
     */
    private static function oneLoose(array $readings, Seed $seed): array
    {
        $loose = (int) $seed->between('loose bolt', 0, self::BOLTS - 0.001);
        $torque = static fn (int $bolt): string => Size::written(round($bolt === $loose
            ? $seed->between('loose bolt has', ...self::LOOSE) : $seed->between("bolt {$bolt} has", ...self::TIGHT)), 'N·m');

        return [...$readings, 'flywheel.bolt_torque' => array_map($torque, range(0, self::BOLTS - 1))];
    }

    /**
     * @param  array<string, mixed>  $readings
     * @return array<string, mixed>
     */
    private static function oneLow(string $key, array $readings, Seed $seed): array
    {
        $heights = $readings[$key] ?? null;
        if (is_array($heights)) {
            $place = (int) $seed->between("{$key} place", 0, count($heights) - 0.001);
            $low = Size::number($heights[$place]) - $seed->between("{$key} low", ...self::LOW);
            $readings[$key] = array_replace($heights, [$place => Size::written(round($low, 2), 'mm')]);
        }

        return $readings;
    }
}
