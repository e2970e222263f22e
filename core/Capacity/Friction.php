<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Said;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;

/**
 * The friction coefficients that are counted for a lining, cold and hot. What a kit states counts while it is believable for its
 * material; without a material no more is believed than moulded organic gives; hot never more than cold.
 */
final readonly class Friction
{
    /** @param  list<Said>  $doubts  what is stated and cannot be, a sentence each */
    private function __construct(public ?Ratio $mu, public ?Ratio $hot, public array $doubts)
    {
    }

    public static function of(FieldValues $kit, MaterialTable $materials): self
    {
        $material = Material::tryFrom($kit->word('kit.material') ?? '');
        $own = $material === null ? null : $materials->figures($material);
        $most = $materials->figures(Material::Organic)->mu;
        [$stated, $statedHot] = [$kit->one(Ratio::class, 'kit.mu'), $kit->one(Ratio::class, 'kit.mu_hot')];
        $mu = self::believed($stated, $own?->mu, $most);
        $hot = self::believed($statedHot, $own?->muHot, $most);
        $doubted = match (true) {
            self::isDoubted($stated, $own?->mu) => $stated,
            self::isDoubted($statedHot, $own?->muHot) => $statedHot,
            default => null,
        };
        $isHotter = $mu !== null && $hot !== null && $hot->value > $mu->value;

        return new self($mu, $isHotter ? $mu : $hot, array_values(array_filter([
            $doubted === null || $material === null || $own === null
                ? null : CapacitySentences::frictionDoubted($doubted, $doubted !== $stated, $material, $own),
            $stated !== null && $material === null ? CapacitySentences::frictionOfNoMaterial($stated, $most) : null,
            $isHotter ? CapacitySentences::hotAboveCold($hot, $mu) : null,
        ])));
    }

    /**
     * @param  Ratio|null  $ofMaterial  what the material gives; nothing where nobody says what it is
     * @param  Ratio  $most  what is believed without one
     */
    public static function believed(?Ratio $stated, ?Ratio $ofMaterial, Ratio $most): ?Ratio
    {
        return match (true) {
            $stated === null => $ofMaterial,
            $ofMaterial === null => $stated->value > $most->value ? $most : $stated,
            default => self::isDoubted($stated, $ofMaterial) ? $ofMaterial : $stated,
        };
    }

    private static function isDoubted(?Ratio $stated, ?Ratio $ofMaterial): bool
    {
        return $stated !== null && $ofMaterial !== null && $stated->value > $ofMaterial->value * (1 + ClaimedRating::CLOSE) + 1e-9;
    }
}
