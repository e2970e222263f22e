<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;

/**
 * The kits among which somebody chooses for a practice vehicle: one that is right, one that is right and dearer, one that carries too
 * little, one whose splines are others; and where the list lies, a bargain that is not what the list says. Invented.
 */
final class KitsAtHand
{
    private const RIGHT = '';

    private const DEAR = '-A';

    private const WEAK = '-E';

    private const OTHER = '-V';

    private const BARGAIN = '-B';

    /** What the bargain is really like, where the list says what would be right: the figure of the kit, and by how much it is off. */
    private const LIES = ['spline_count' => 1.0, 'thickness_new' => 1.1, 'hub_gearbox' => 4.0, 'finger_height' => 3.5];

    /** A short one carries so much of what the right one does. */
    private const SHORT = 0.55;

    /** @return list<array<string, mixed>> as the list has them */
    public static function for(Hidden $hidden): array
    {
        return array_values(array_filter(
            self::all($hidden), static fn (array $kit): bool => $hidden->level === Level::ListLies
                || ! self::isBargain(self::word($kit, 'number')),
        ));
    }

    /**
     * With the bargain, which stays on the shelf of whoever met it once, and is no better for it.
     *
     * @return list<array<string, mixed>>
     */
    private static function all(Hidden $hidden): array
    {
        $right = self::right($hidden);
        $name = self::word($right, 'name');
        $number = self::word($right, 'number');
        $load = (float) self::word($right, 'clamp_load');
        $claim = (float) self::word($right, 'claimed_torque');
        $kits = [
            [...$right, 'number' => $number.self::RIGHT, 'price' => '189.00', 'lead_days' => 1],
            [...$right, 'name' => "{$name}, aramid", 'number' => $number.self::DEAR, 'material' => 'aramid', 'price' => '312.00',
                'lead_days' => 3],
            [...$right, 'name' => "{$name}, economy", 'number' => $number.self::WEAK, 'clamp_load' => round(self::SHORT * $load, 1).' kN',
                'claimed_torque' => round(self::SHORT * $claim).' Nm', 'price' => '139.00', 'lead_days' => 1],
            [...$right, 'name' => "{$name}, other splines", 'number' => $number.self::OTHER,
                'spline_count' => (int) self::word($right, 'spline_count') + 3, 'price' => '165.00', 'lead_days' => 0],
        ];
        $kits[] = [...$right, 'name' => "{$name}, remaindered", 'number' => $number.self::BARGAIN, 'price' => '99.00', 'lead_days' => 0];

        return array_map(static fn (array $kit): array => [...$kit, 'currency' => 'EUR'], $kits);
    }

    /**
     * What a kit really measures, whatever the list says of it.
     *
     * @param  string  $number  of the kit that was chosen
     * @return array<string, mixed> by figure of the kit; nothing for one that is none of these
     */
    public static function real(Hidden $hidden, string $number): array
    {
        foreach (self::all($hidden) as $kit) {
            if (self::word($kit, 'number') === $number) {
                $lie = self::isBargain($number) ? self::lie($hidden, $kit) : '';

                return $lie === '' ? $kit : [...$kit, $lie => self::off($kit[$lie] ?? '', self::LIES[$lie])];
            }
        }

        return [];
    }

    /** Whether its disc slides on the shaft of the vehicle; of a kit that is none of these the list is believed. */
    public static function slides(Hidden $hidden, string $number): bool
    {
        $real = self::real($hidden, $number);

        return $real === [] || self::word($real, 'spline_count') === self::word(self::right($hidden), 'spline_count');
    }

    /** Whether a kit is right for the vehicle, once it is known what it really is. */
    public static function isRight(Hidden $hidden, string $number): bool
    {
        $right = self::word(self::right($hidden), 'number');

        return $number === $right.self::RIGHT || $number === $right.self::DEAR;
    }

    /** What a kit costs; nought for one that is none of these. */
    public static function price(Hidden $hidden, string $number): float
    {
        foreach (self::all($hidden) as $kit) {
            if (self::word($kit, 'number') === $number) {
                return (float) self::word($kit, 'price');
            }
        }

        return 0.0;
    }

    public static function priceOfRight(Hidden $hidden): float
    {
        return self::price($hidden, self::word(self::right($hidden), 'number'));
    }

    public static function isBargain(string $number): bool
    {
        return str_ends_with($number, self::BARGAIN);
    }

    /** What the list does not tell the truth about, as its field is called; nothing where it tells it. */
    public static function liesAbout(Hidden $hidden): ?Field
    {
        $lie = self::lie($hidden, self::right($hidden));

        return $lie === '' ? null : Subjects::dictionary()->get("kit.{$lie}");
    }

    /** @param  array<string, mixed>  $kit */
    private static function lie(Hidden $hidden, array $kit): string
    {
        $can = array_intersect_key(array_fill_keys(array_keys(self::LIES), 1.0), $kit);

        return $can === [] ? '' : $hidden->seed->oneOf('the list lies', $can);
    }

    /** @return array<string, mixed> */
    private static function right(Hidden $hidden): array
    {
        $whole = Builds::whole($hidden->build);

        /** @var array<string, mixed> */
        return is_array($whole['kit'] ?? null) ? $whole['kit'] : [];
    }

    /** @param  array<string, mixed>  $kit */
    private static function word(array $kit, string $figure): string
    {
        return is_scalar($kit[$figure] ?? null) ? (string) $kit[$figure] : '';
    }

    private static function off(mixed $written, float $by): mixed
    {
        if (is_int($written)) {
            return $written + (int) $by;
        }
        [$number, $unit] = [...explode(' ', is_string($written) ? $written : '0 mm', 2), 'mm'];

        return round((float) $number + $by, 2)." {$unit}";
    }
}
