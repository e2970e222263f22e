<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Limits\ShopKnowledge;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\CapacityError;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\Lining;
use Spindle\Capacity\Material;
use Spindle\Capacity\MaterialTable;
use Spindle\Capacity\TakeOffCapacityJudgement;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Price;
use Spindle\Kit\Ranking\KitOutline;
use Spindle\Kit\Ranking\Ranker;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;
use Spindle\Sheet\Document;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/** What of a kit is searched and sieved, as columns of a table; made from its plain values and from nothing else. */
final class KitColumns
{
    private const LONGEST_SEARCH = 500;

    /** Columns that are written with the name a field has. */
    private const NUMBERS = ['spline_diameter', 'lining_outer', 'clamp_load', 'claimed_torque', 'release_load'];

    private const COUNTS = ['discs', 'spline_count', 'lead_days', 'pads'];

    /** What a kit is ranked by before it is opened. */
    public const OUTLINE = [
        'id', 'torque_one', 'lining_area', 'claimed_torque', 'discs', 'material', 'pads', 'release_load', 'price', 'currency',
        'lead_days', 'torque_two', 'gaps',
    ];

    private static ?MaterialTable $materials = null;

    /** A vehicle of which nothing is known asks for what all of them ask for. */
    private static ?JobSheet $anyVehicle = null;

    /**
     * @param  array<string, float|string|list<string>>  $facts  by whole name of the field
     * @return array<string, scalar|null>
     */
    public static function of(array $facts): array
    {
        $word = static fn (string $name): ?string => is_string($facts["kit.{$name}"] ?? null) ? $facts["kit.{$name}"] : null;
        $classes = (array) ($facts['kit.classes'] ?? []);
        $values = FieldValues::ofBase(Subjects::dictionary(), $facts);
        $price = isset($facts['kit.price']) ? Price::of($values) : null;
        $columns = [
            'number' => $word('number') ?? '',
            'name' => $word('name') ?? $word('description') ?? $word('number') ?? '',
            'class' => is_string($classes[0] ?? null) ? $classes[0] : '',
            'search_text' => mb_strtolower(mb_substr(
                trim("{$word('number')} {$word('name')} {$word('description')} {$word('original_numbers')} {$word('vehicles')}"), 0,
                self::LONGEST_SEARCH,
            )),
            'brings_flywheel' => FitCase::isWithFlywheel($values),
            'release_way' => $word('release'),
            'torque_one' => self::torque(KitClutch::runInOfOneDisc(...), $values),
            'lining_area' => self::liningArea($facts),
            'torque_two' => isset($facts['kit.lining_outer2']) ? self::torque(TakeOffCapacityJudgement::runIn(...), $values) : null,
            'price' => $price?->amount,
            'currency' => $price?->currency,
            'stages' => $word('stages'),
            'material' => $word('material'),
            'damper' => $word('damper'),
            'gaps' => self::gaps($values),
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
     * @param  array{
     *     int, float|null, float|null, float|null, int|null, string|null, int|null, float|null, float|null, string|null, int|null,
     *     float|null, int|null, int|null,
     * }  $row  its columns in the order of the outline, and whether it carries enough
     */
    public static function outline(array $row): KitOutline
    {
        [, $torque, $area, $claimed, $discs, $material, $pads, $load, $price, $currency, $days, $two, $gaps] = $row;

        return new KitOutline(
            $torque, $area, $claimed, $discs, $material === null ? null : Material::tryFrom($material), $pads, $load,
            $price === null ? null : new Price($price, $currency ?? ''), $days, $two, $gaps ?? 0,
        );
    }

    /**
     * What a disc carries run in, by the shop's own figures of the linings; nothing where it cannot be worked out.
     *
     * @param  \Closure(FieldValues, MaterialTable): (Torque|null)  $work
     */
    private static function torque(\Closure $work, FieldValues $values): ?float
    {
        try {
            return $work($values, self::$materials ??= ShopKnowledge::materials())?->value;
        } catch (\DomainException) {
            return null;
        }
    }

    /** Data that every vehicle asks for and it leaves out; where its own contradict each other nobody asks any more. */
    private static function gaps(FieldValues $values): int
    {
        try {
            return count(Ranker::lacks($values, self::$anyVehicle ??= JobSheet::of(Document::blank(), Subjects::dictionary())));
        } catch (\DomainException) {
            return 0;
        }
    }

    /** @param  array<string, float|string|list<string>>  $facts */
    private static function liningArea(array $facts): ?float
    {
        $of = static fn (string $name): ?float => self::number($facts["kit.{$name}"] ?? null);
        [$outer, $inner, $coverage] = [$of('lining_outer'), $of('lining_inner'), $of('coverage')];
        try {
            return $outer === null || $inner === null ? null
                : Lining::ring(Length::mm($outer), Length::mm($inner), $coverage === null ? null : Ratio::of($coverage))->area()->value;
        } catch (CapacityError) {
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
