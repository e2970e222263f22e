<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Limits\ShopKnowledge;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\KitClutch;
use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Kit\Price;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Document;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/** What of a kit is searched and sieved, as columns of a table; made from its plain values and from nothing else. */
final class KitColumns
{
    private const LONGEST_SEARCH = 500;

    /** Columns that are written with the name a field has. */
    private const WORDS = ['stages', 'material', 'damper'];

    private const NUMBERS = ['spline_diameter', 'lining_outer', 'clamp_load', 'claimed_torque'];

    private const COUNTS = ['discs', 'spline_count', 'lead_days'];

    private static ?JobSheet $blank = null;

    /**
     * @param  array<string, float|string|list<string>>  $facts  by whole name of the field
     * @return array<string, scalar|null>
     */
    public static function of(array $facts): array
    {
        $kit = FieldValues::ofBase(Subjects::dictionary(), $facts);
        $classes = $kit->words('kit.classes');
        $columns = [
            'number' => $kit->word('kit.number') ?? '',
            'name' => $kit->word('kit.name') ?? $kit->word('kit.description') ?? $kit->word('kit.number') ?? '',
            'class' => $classes[0] ?? '',
            'search_text' => mb_strtolower(mb_substr(implode(' ', array_filter([
                $kit->word('kit.number'), $kit->word('kit.name'), $kit->word('kit.description'),
            ], static fn (?string $text): bool => $text !== null)), 0, self::LONGEST_SEARCH)),
            'brings_flywheel' => $kit->hasAny('kit.flywheel_thickness', 'kit.flywheel_mass', 'kit.flywheel_outer')
                || Contents::holds($kit, KitPart::Flywheel),
            'release_way' => $kit->word('kit.release'),
            'torque_one' => self::torqueOfOneDisc($kit),
            'price' => Price::of($kit)?->amount,
            'currency' => Price::of($kit)?->currency,
        ];
        foreach (VehicleClass::cases() as $class) {
            // A kit that does not say is not out for any class; it stays on every list and is asked.
            $columns["for_{$class->value}"] = $classes === [] || in_array($class->value, $classes, true);
        }
        foreach (self::WORDS as $name) {
            $columns[$name] = $kit->word("kit.{$name}");
        }
        foreach (self::NUMBERS as $name) {
            $columns[$name] = self::number($facts["kit.{$name}"] ?? null);
        }
        foreach (self::COUNTS as $name) {
            $count = $kit->one(Ratio::class, "kit.{$name}");
            $columns[$name] = $count === null ? null : (int) round($count->value);
        }

        return $columns;
    }

    /** What one disc carries run in, by the shop's own figures of the linings; nothing where it cannot be worked out. */
    private static function torqueOfOneDisc(FieldValues $kit): ?float
    {
        try {
            $one = FieldValues::ofBase(Subjects::dictionary(), [...$kit->toBase(), 'kit.discs' => 1.0]);
            $clutch = KitClutch::of($one, self::$blank ??= JobSheet::of(
                Document::blank()->withAll(ShopKnowledge::ofKits()), Subjects::dictionary(),
            ));

            return $clutch->isClaimOnly() ? null : $clutch->runIn()?->value;
        } catch (\DomainException) {
            return null;
        }
    }

    /** After a change of the shop's figures. */
    public static function forget(): void
    {
        self::$blank = null;
    }

    private static function number(mixed $fact): ?float
    {
        return is_int($fact) || is_float($fact) ? (float) $fact : null;
    }
}
