<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Three invented suppliers, each with a way of its own to write a list. */
final class InventedLists
{
    /** @var array<string, array{family: string, letters: string, builds: list<string>, share: float}> by file name without its end */
    private const SUPPLIERS = [
        'Mallow Quay Clutch' => [
            'family' => 'Wharf', 'letters' => 'MQ', 'builds' => ['car', 'car', 'van', 'car', 'truck'], 'share' => 0.45,
        ],
        'Tidewick Friction' => [
            'family' => 'Tidal', 'letters' => 'TD', 'builds' => ['car', 'tractor', 'van', 'tractor', 'tractor_two'], 'share' => 0.33,
        ],
        'Harbour Gate Driveline' => [
            'family' => 'Lock', 'letters' => 'HG', 'builds' => ['truck_twin', 'truck', 'van', 'tractor'], 'share' => 0.22,
        ],
    ];

    /**
     * Writes the three lists into a folder.
     *
     * @return array<string, string> path by supplier
     */
    public static function write(string $folder, int $kits, int $seed): array
    {
        $paths = [];
        foreach (self::SUPPLIERS as $name => $supplier) {
            $list = (new InventedKits($seed + strlen($name)))->kits(
                $supplier['family'], $supplier['letters'], $supplier['builds'], (int) round($kits * $supplier['share']),
            );
            $paths[$name] = "{$folder}/".str_replace(' ', '-', strtolower($name)).'.csv';
            $out = fopen($paths[$name], 'wb');
            if ($out === false) {
                throw new \RuntimeException("{$paths[$name]} cannot be written");
            }
            match ($supplier['letters']) {
                'MQ' => self::quay($out, $list),
                'TD' => self::tidewick($out, $list),
                default => self::harbour($out, $list),
            };
            fclose($out);
        }

        return $paths;
    }

    /**
     * How the columns of a supplier are read, for those whose names leave something open.
     *
     * @return array<string, string>
     */
    public static function map(string $supplier): array
    {
        return $supplier === 'Harbour Gate Driveline' ? ['currency' => 'CHF'] : [];
    }

    /**
     * Semicolons, decimal commas, units in the names of the columns, Windows-1252.
     *
     * @param  resource  $out
     * @param  iterable<array<string, float|int|string>>  $kits
     */
    private static function quay($out, iterable $kits): void
    {
        $columns = [
            'Part no' => ['number', 0], 'Description' => ['name', 0], 'Class' => ['classes', 0], 'Discs' => ['discs', 0],
            'Disc OD [mm]' => ['lining_outer', 1], 'Disc ID [mm]' => ['lining_inner', 1], 'Facing' => ['material', 0],
            'Pads' => ['pads', 0], 'Coverage [%]' => ['coverage', 0.01], 'Clamp load [kN]' => ['clamp_load', 1000],
            'Clamp load worn [kN]' => ['clamp_load_worn', 1000], 'Cover type' => ['spring', 0],
            'Torque rating [Nm]' => ['claimed_torque', 1],
            'Splines' => ['spline_count', 0], 'Spline diameter [mm]' => ['spline_diameter', 1], 'Hub type' => ['damper', 0],
            'Operation' => ['release', 0], 'Release load [kN]' => ['release_load', 1000], 'Max travel [mm]' => ['release_travel_max', 1],
            'Disc thickness [mm]' => ['thickness_new', 1], 'Groove depth [mm]' => ['usable_per_side', 1],
            'Finger height [mm]' => ['finger_height', 1], 'Hub flywheel side [mm]' => ['hub_flywheel', 1],
            'Hub gearbox side [mm]' => ['hub_gearbox', 1], 'Cover OD [mm]' => ['cover_outer', 1], 'Cover bolts' => ['bolt_count', 0],
            'PCD [mm]' => ['bolt_circle', 1], 'Bolt size' => ['bolt_size', 0], 'Dowels' => ['dowels', 0], 'Fingers' => ['finger_shape', 0],
            'Burst speed [rpm]' => ['burst_speed', 1], 'Contents' => ['contents', 0], 'Price' => ['price', 1], 'Currency' => ['', 0],
            'Delivery days' => ['lead_days', 0], 'Replaces' => ['original_numbers', 0], 'Shelf mark' => ['', 0],
        ];
        self::line($out, array_keys($columns), ';');
        foreach ($kits as $i => $kit) {
            $cells = [];
            foreach ($columns as $name => [$field, $unit]) {
                $value = $kit[$field] ?? '';
                $cells[] = match (true) {
                    $name === 'Currency' => 'EUR',
                    $name === 'Shelf mark' => 'Bay '.chr(65 + $i % 6).' · '.($i % 40 + 1),
                    $unit > 0 && $value !== '' => str_replace('.', ',', (string) round((float) $value / $unit, 3)),
                    default => str_replace(';', ' / ', (string) $value),
                };
            }
            self::line($out, array_map(static fn (string $c): string => (string) mb_convert_encoding($c, 'Windows-1252', 'UTF-8'),
                $cells), ';');
        }
    }

    /**
     * Commas, units in the cells, inches for tractors, UTF-8 with a byte-order mark.
     *
     * @param  resource  $out
     * @param  iterable<array<string, float|int|string>>  $kits
     */
    private static function tidewick($out, iterable $kits): void
    {
        $units = [
            'lining_outer' => 'mm', 'lining_inner' => 'mm', 'lining_outer2' => 'mm', 'lining_inner2' => 'mm', 'clamp_load' => 'N',
            'clamp_load_worn' => 'N', 'clamp_load2' => 'N', 'claimed_torque' => 'N·m', 'release_load' => 'N', 'release_travel_max' => 'mm',
            'thickness_new' => 'mm', 'usable_per_side' => 'mm', 'finger_height' => 'mm', 'hub_flywheel' => 'mm', 'hub_gearbox' => 'mm',
            'cover_outer' => 'mm', 'bolt_circle' => 'mm', 'burst_speed' => 'rpm',
        ];
        $columns = [
            'article' => 'number', 'name' => 'name', 'for' => 'classes', 'stages' => 'stages', 'plates' => 'discs',
            'lining outer' => 'lining_outer',
            'lining inner' => 'lining_inner', 'lining material' => 'material', 'pads a face' => 'pads', 'pad coverage' => 'coverage',
            'clamping force' => 'clamp_load', 'clamping force worn' => 'clamp_load_worn', 'springs' => 'spring',
            'rated torque' => 'claimed_torque',
            'hub teeth' => 'spline_count', 'spline size' => 'spline_diameter', 'damper' => 'damper', 'push or pull' => 'release',
            'bearing load' => 'release_load', 'bearing travel' => 'release_travel_max', 'new thickness' => 'thickness_new',
            'groove' => 'usable_per_side', 'stack height' => 'finger_height', 'hub engine side' => 'hub_flywheel',
            'hub transmission side' => 'hub_gearbox', 'cover diameter' => 'cover_outer', 'holes' => 'bolt_count',
            'hole circle' => 'bolt_circle',
            'thread' => 'bolt_size', 'finger tips' => 'finger_shape', 'burst' => 'burst_speed', 'scope of supply' => 'contents',
            'lining_outer2' => 'lining_outer2', 'lining_inner2' => 'lining_inner2', 'material2' => 'material2',
            'clamp_load2' => 'clamp_load2',
            'net price' => 'price', 'ccy' => '', 'lead time' => 'lead_days',
        ];
        fwrite($out, "\xEF\xBB\xBF");
        self::line($out, array_keys($columns), ',');
        foreach ($kits as $kit) {
            $cells = [];
            foreach ($columns as $field) {
                $value = $kit[$field] ?? '';
                $cells[] = match (true) {
                    $field === '' => 'EUR',
                    $value === '' => '',
                    $field === 'spline_diameter' => self::inches((float) $value),
                    $field === 'coverage' => round(100 * (float) $value).' %',
                    isset($units[$field]) => "{$value} {$units[$field]}",
                    default => (string) $value,
                };
            }
            self::line($out, $cells, ',');
        }
    }

    /**
     * Tabs, UTF-16, few columns, prices in one currency that nobody writes down.
     *
     * @param  resource  $out
     * @param  iterable<array<string, float|int|string>>  $kits
     */
    private static function harbour($out, iterable $kits): void
    {
        $columns = [
            'Item number' => 'number', 'Title' => 'name', 'Vehicle' => 'classes', 'No of discs' => 'discs',
            'Outer diameter' => 'lining_outer',
            'Inner diameter' => 'lining_inner', 'Friction material' => 'material', 'Clamp' => 'clamp_load',
            'Clamp worn' => 'clamp_load_worn',
            'Type of cover' => 'spring', 'Max torque' => 'claimed_torque', 'Number of splines' => 'spline_count',
            'Spline' => 'spline_diameter',
            'Hub kind' => 'damper', 'Direction' => 'release', 'Release force' => 'release_load', 'Travel' => 'release_travel_max',
            'Thickness' => 'thickness_new', 'Installed height' => 'finger_height', 'Bolt circle' => 'bolt_circle',
            'Number of bolts' => 'bolt_count',
            'Max speed' => 'burst_speed', 'Flywheel type' => 'for_flywheel', 'Replaces' => 'original_numbers',
            'In the box' => 'contents', 'List price' => 'price', 'Days' => 'lead_days',
        ];
        $text = fopen('php://temp', 'w+b');
        if ($text === false) {
            throw new \RuntimeException('no room for a list');
        }
        self::line($text, array_keys($columns), "\t");
        foreach ($kits as $kit) {
            self::line($text, array_map(static fn (string $field): string => (string) ($kit[$field] ?? ''), array_values($columns)), "\t");
        }
        rewind($text);
        fwrite($out, "\xFF\xFE");
        while (($line = fgets($text)) !== false) {
            fwrite($out, (string) mb_convert_encoding($line, 'UTF-16LE', 'UTF-8'));
        }
        fclose($text);
    }

    /** Splines of inch size as they are spoken of: "1-1/8 in". */
    private static function inches(float $mm): string
    {
        $sixteenths = $mm / 25.4 * 16;
        if (abs($sixteenths - round($sixteenths)) > 0.001) {
            return "{$mm} mm";
        }
        [$whole, $over, $under] = [intdiv((int) round($sixteenths), 16), (int) round($sixteenths) % 16, 16];
        while ($over > 0 && $over % 2 === 0) {
            [$over, $under] = [intdiv($over, 2), intdiv($under, 2)];
        }

        return $over === 0 ? "{$whole} in" : ($whole === 0 ? "{$over}/{$under} in" : "{$whole}-{$over}/{$under} in");
    }

    /**
     * @param  resource  $out
     * @param  list<string>  $cells
     */
    private static function line($out, array $cells, string $separator): void
    {
        fputcsv($out, $cells, $separator, '"', '', "\r\n");
    }
}
