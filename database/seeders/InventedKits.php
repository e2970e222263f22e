<?php

declare(strict_types=1);

namespace Database\Seeders;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Kits that nobody makes, by a seed: sizes in the usual steps, clamp load by size, splines met in practice, claims of which some are not
 * believable, data of which some are missing. The same seed gives the same kits.
 */
final class InventedKits
{
    /** Lining outer diameter => clamp load in kN, by class of build. Invented, of believable size. */
    private const SIZES = [
        'car' => [180 => 3.4, 190 => 3.8, 200 => 4.2, 210 => 4.6, 215 => 4.9, 228 => 5.9, 240 => 6.4, 250 => 7.1],
        'van' => [228 => 6.1, 240 => 6.8, 250 => 7.4, 260 => 8.1, 280 => 9.4],
        'truck' => [330 => 14.0, 350 => 15.5, 362 => 16.4, 395 => 21.0, 430 => 26.0],
        'truck_twin' => [330 => 10.2, 350 => 11.5, 395 => 14.4],
        'tractor' => [215 => 5.2, 225 => 5.7, 250 => 6.7, 280 => 8.1, 310 => 10.4, 330 => 11.8],
        'tractor_two' => [250 => 7.2, 280 => 8.4, 305 => 9.8],
    ];

    /** Splines by class: how many, over the teeth in mm. The inch ones are common practice, no source; the others are invented. */
    private const SPLINES = [
        'car' => [[18, 17.5], [20, 20.6], [23, 22.4], [26, 28.575], [24, 25.4], [10, 28.6], [14, 25.4], [28, 24.0]],
        'van' => [[23, 22.4], [26, 28.575], [24, 29.0], [10, 35.0]],
        'truck' => [[10, 50.8], [24, 50.8], [18, 44.5], [10, 44.45]],
        'tractor' => [[10, 26.9875], [10, 28.575], [10, 31.75], [10, 34.925], [13, 28.575], [26, 28.575]],
    ];

    /** Material => friction, factor on clamp load, factor on price, word in the name. */
    private const LININGS = [
        'organic' => [0.30, 1.0, 1.0, 'standard'], 'organic_wire' => [0.32, 1.12, 1.2, 'plus'], 'aramid' => [0.31, 1.15, 1.7, 'aramid'],
        'aramid_segmented' => [0.31, 1.2, 1.85, 'segments'], 'sintered_bronze' => [0.38, 1.3, 2.1, 'bronze'],
        'sintered_iron' => [0.45, 1.4, 2.6, 'iron'],
    ];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param  string  $family  the first word of every name
     * @param  list<string>  $builds  which of the builds it makes
     * @return \Generator<int, array<string, float|int|string>> by short name of the field, in base units; what is missing is left out
     */
    public function kits(string $family, string $letters, array $builds, int $count): \Generator
    {
        for ($i = 0; $i < $count; $i++) {
            $build = $builds[$i % count($builds)];
            $size = $this->pick(array_keys(self::SIZES[$build]));
            yield $this->kit($family, sprintf('%s-%d-%05d', $letters, $size, $i + 1), $build, $size, self::SIZES[$build][$size] ?? 1.0);
        }
    }

    /** @return array<string, float|int|string> */
    private function kit(string $family, string $number, string $build, int $size, float $clamp): array
    {
        $class = explode('_', $build)[0];
        $isTwin = $build === 'truck_twin';
        $material = $this->pick($class === 'truck' || $class === 'tractor'
            ? ['organic', 'organic_wire', 'organic_wire', 'sintered_bronze', 'aramid']
            : ['organic', 'organic', 'organic_wire', 'organic_wire', 'aramid', 'aramid_segmented', 'sintered_bronze', 'sintered_iron']);
        [$mu, $stronger, $dearer, $word] = self::LININGS[$material];
        [$splines, $over] = $this->pick(self::SPLINES[$class]);
        $load = round($clamp * $stronger * $this->between(0.94, 1.08), 2) * 1000;
        $inner = (float) round($size * $this->between(0.62, 0.69));
        $discs = $isTwin ? 2 : 1;
        $torque = 2 * $discs * $mu * $load * ($size + $inner) / 4 / 1000;
        $isRigid = $material === 'sintered_iron' || ($class === 'car' && $this->chance(0.25));
        $spring = match (true) {
            in_array($build, ['truck_twin', 'tractor', 'tractor_two'], true) => 'coil',
            $this->chance(0.15) => 'self_adjusting',
            default => 'diaphragm',
        };
        $thickness = round(match ($class) {
            'truck' => $this->between(9.6, 10.4), 'tractor' => $this->between(9.0, 10.0), default => $this->between(7.6, 8.8),
        }, 1);
        $pull = $isTwin || ($class === 'truck' && $this->chance(0.4));
        $kit = [
            'number' => $number,
            'name' => "{$family} {$size} {$word}".($isTwin ? ' twin' : '').($build === 'tractor_two' ? ' two-stage' : '').($isRigid
                ? ' rigid' : ''),
            'classes' => $class === 'car' && $size >= 228 && $this->chance(0.5) ? 'car;van' : $class,
            'discs' => $discs,
            'original_numbers' => 'Z'.strrev((string) preg_replace('/\D/', '', $number)),
            'stages' => $build === 'tractor_two' ? 'two' : 'single',
            'lining_outer' => (float) $size,
            'lining_inner' => $inner,
            'material' => $material,
            'clamp_load' => $load,
            'spring' => $spring,
            'claimed_torque' => round($torque * ($this->chance(0.08) ? $this->between(1.5, 1.9) : $this->between(0.9, 1.1)) / 5) * 5,
            'spline_count' => $splines,
            'spline_diameter' => $over,
            'damper' => $isRigid ? 'rigid' : 'sprung',
            'release' => $pull ? 'pull' : 'push',
            'release_load' => round($load * $this->between(0.23, 0.29) / 10) * 10,
            'release_travel_max' => round(match ($class) {
                'truck' => $this->between(13, 16), default => $this->between(8, 10),
            }, 1),
            'thickness_new' => $thickness,
            'usable_per_side' => round($thickness * 0.14, 1),
            'finger_height' => round($size * $this->between(0.165, 0.18) + ($isTwin ? 25 : ($class === 'tractor' ? 12 : 0)), 1),
            'hub_flywheel' => round($this->between(2.5, 5.5), 1),
            'hub_gearbox' => round($this->between(7.0, 11.5), 1),
            'cover_outer' => (float) round($size * 1.17 + 8),
            'bolt_count' => $this->pick($class === 'truck' ? [8, 12] : [6, 6, 9]),
            'bolt_circle' => (float) round($size * 1.13 + 4),
            'bolt_size' => $class === 'truck' ? 'M10' : 'M8',
            'dowels' => $this->pick([2, 3]),
            'finger_shape' => $this->pick(['flat', 'curved', 'curved']),
            'burst_speed' => round(2_350_000 / $size / 100) * 100,
            'contents' => $this->pick(['Disc, cover, release bearing, alignment tool', 'Disc, cover, release bearing', 'Disc, cover']),
            'price' => round((60 + $size ** 2 / 420) * $dearer * ($isTwin ? 2.6 : 1) * $this->between(0.85, 1.2), 2),
            'lead_days' => $this->pick([0, 0, 1, 1, 2, 3, 5, 8, 14]),
        ];
        if ($isTwin) {
            // The largest stand on a flat flywheel, the others in a pot. Common practice, no source.
            $kit['for_flywheel'] = $size >= 395 ? 'flat' : 'pot';
        }
        if ($spring === 'coil') {
            $kit['clamp_load_worn'] = round($load * $this->between(0.78, 0.88) / 10) * 10;
        }
        if ($material === 'sintered_bronze' || $material === 'sintered_iron') {
            [$kit['pads'], $kit['coverage']] = $this->pick([[6, 0.62], [6, 0.6], [4, 0.45], [3, 0.36]]);
        }
        if ($build === 'tractor_two') {
            $kit += [
                'lining_outer2' => (float) $size - 25, 'lining_inner2' => $inner, 'material2' => 'organic',
                'clamp_load2' => round($load * 0.7, -1),
            ];
        }

        return $this->withGaps($kit);
    }

    /**
     * Suppliers leave things out, those who sell cheap more than others.
     *
     * @param  array<string, float|int|string>  $kit
     * @return array<string, float|int|string>
     */
    private function withGaps(array $kit): array
    {
        if ($this->chance(0.06)) {
            unset($kit['clamp_load'], $kit['clamp_load_worn'], $kit['release_load'], $kit['hub_flywheel'], $kit['hub_gearbox']);
        }
        foreach (['release_load', 'hub_flywheel', 'hub_gearbox', 'burst_speed', 'finger_height', 'bolt_circle', 'finger_shape',
            'material'] as $field) {
            if ($this->chance($field === 'material' ? 0.015 : 0.06)) {
                unset($kit[$field]);
            }
        }

        return $kit;
    }

    private function chance(float $of): bool
    {
        return $this->between(0.0, 1.0) < $of;
    }

    private function between(float $least, float $greatest): float
    {
        return $least + ($greatest - $least) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
