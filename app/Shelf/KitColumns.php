<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Limits\ShopKnowledge;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\MaterialTable;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Price;
use Spindle\Sheet\FieldValues;
use Spindle\Vehicle\VehicleClass;

/** What of a kit is searched and sieved, as columns of a table; made from its plain values and from nothing else. */
final class KitColumns
{
    private const LONGEST_SEARCH = 500;

    /** What a price is made out from, and whether a flywheel is in the box. */
    private const PRICE = ['kit.price' => 1, 'kit.currency' => 1];

    private const BOX = [
        'kit.includes' => 1, 'kit.contents' => 1, 'kit.flywheel_thickness' => 1, 'kit.flywheel_mass' => 1, 'kit.flywheel_outer' => 1,
    ];

    /** Columns that are written with the name a field has. */
    private const NUMBERS = ['spline_diameter', 'lining_outer', 'clamp_load', 'claimed_torque'];

    private const COUNTS = ['discs', 'spline_count', 'lead_days'];

    private static ?MaterialTable $materials = null;

    /**
     * @param  array<string, float|string|list<string>>  $facts  by whole name of the field
     * @return array<string, scalar|null>
     */
    public static function of(array $facts): array
    {
        $word = static fn (string $name): ?string => is_string($facts["kit.{$name}"] ?? null) ? $facts["kit.{$name}"] : null;
        $classes = (array) ($facts['kit.classes'] ?? []);
        $price = Price::of(FieldValues::ofBase(Subjects::dictionary(), array_intersect_key($facts, self::PRICE)));
        $columns = [
            'number' => $word('number') ?? '',
            'name' => $word('name') ?? $word('description') ?? $word('number') ?? '',
            'class' => is_string($classes[0] ?? null) ? $classes[0] : '',
            'search_text' => mb_strtolower(mb_substr(
                trim("{$word('number')} {$word('name')} {$word('description')}"), 0, self::LONGEST_SEARCH,
            )),
            'brings_flywheel' => FitCase::isWithFlywheel(FieldValues::ofBase(Subjects::dictionary(), array_intersect_key($facts,
                self::BOX))),
            'release_way' => $word('release'),
            'torque_one' => self::torqueOfOneDisc($facts),
            'price' => $price?->amount,
            'currency' => $price?->currency,
            'stages' => $word('stages'),
            'material' => $word('material'),
            'damper' => $word('damper'),
        ];
        foreach (VehicleClass::cases() as $class) {
            // A kit that does not say is not out for any class; it stays on every list and is asked.
            $columns["for_{$class->value}"] = $classes === [] || in_array($class->value, $classes, true);
        }
        foreach (self::NUMBERS as $name) {
            $columns[$name] = self::number($facts["kit.{$name}"] ?? null);
        }
        foreach (self::COUNTS as $name) {
            $count = self::number($facts["kit.{$name}"] ?? null);
            $columns[$name] = $count === null ? null : (int) round($count);
        }

        return $columns;
    }

    /**
     * What one disc carries run in, by the shop's own figures of the linings; nothing where it cannot be worked out.
     *
     * @param  array<string, float|string|list<string>>  $facts
     */
    private static function torqueOfOneDisc(array $facts): ?float
    {
        try {
            return KitClutch::runInOfOneDisc(
                FieldValues::ofBase(Subjects::dictionary(), $facts), self::$materials ??= ShopKnowledge::materials(),
            )?->value;
        } catch (\DomainException) {
            return null;
        }
    }

    /** After a change of the shop's figures. */
    public static function forget(): void
    {
        self::$materials = null;
    }

    private static function number(mixed $fact): ?float
    {
        return is_int($fact) || is_float($fact) ? (float) $fact : null;
    }
}
