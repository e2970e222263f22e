<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/**
 * What a job has to buy beside a box that lacks it, at the shop's usual prices, so that a bare kit does not look cheap. Only parts that
 * some kits bring and others do not: what is bought for any kit alike orders none.
 */
final readonly class BoxAndRest
{
    /** Usual prices for a car, in any one currency. From memory [M]. */
    public const USUAL = [
        'bearing' => 35.0, 'concentric_slave' => 95.0, 'pilot' => 12.0, 'cover_bolts' => 9.0, 'flywheel_bolts' => 24.0,
        'clutch_brake' => 25.0, 'intermediate_plate' => 90.0, 'drive_pins' => 18.0,
    ];

    /** So much dearer are the parts of other classes. From memory [M]. */
    private const DEARER = ['van' => 1.2, 'truck' => 3.0, 'tractor' => 2.0];

    /** @param  array<string, float>  $wanted  what the job needs and has to buy, with its price */
    private function __construct(private array $wanted)
    {
    }

    public static function of(JobSheet $sheet, RankingRules $rules): self
    {
        $wanted = [];
        foreach (PartNeed::of($sheet) as $need) {
            $price = self::priceOf($need->part, $sheet, $rules);
            $isThere = $need->isEntered && in_array($need->state, [PartState::Reused, PartState::OnShelf, PartState::NotApplicable], true);
            if ($price !== null && $need->whyNot === '' && ! $isThere) {
                $wanted[$need->part->value] = $price;
            }
        }

        return new self($wanted);
    }

    /** The shop's usual price of a part, else the built-in one of the class; nothing where neither is known. */
    public static function priceOf(KitPart $part, JobSheet $sheet, RankingRules $rules): ?float
    {
        $usual = self::USUAL[$part->value] ?? null;
        $dearer = self::DEARER[$sheet->vehicleClass()->value ?? VehicleClass::Car->value] ?? 1.0;

        return $usual === null ? null : $rules->partPrice($part) ?? $usual * $dearer;
    }

    /** @return array<string, float> what is bought beside this box, with its price; of a box that says nothing everything */
    public function lacking(FieldValues $kit): array
    {
        if ($this->wanted === []) {
            return [];
        }
        $in = array_map(static fn (KitPart $part): string => $part->value, Contents::of($kit)->parts);

        return array_diff_key($this->wanted, array_flip($in));
    }

    public function price(FieldValues $kit): float
    {
        return array_sum($this->lacking($kit));
    }
}
