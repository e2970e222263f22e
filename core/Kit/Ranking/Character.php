<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Capacity\Material;
use Spindle\Demand\Duty;

/** How a lining takes up, against what the work wants. Grip is bought with smoothness. All figures from memory [M]. */
final readonly class Character
{
    private function __construct(private Material $material, private ?int $pads)
    {
    }

    /** @param  int|null  $pads  a face; a full face without */
    public static function of(Material $material, ?int $pads): self
    {
        return new self($material, $pads);
    }

    /** From 0 to 1: many gentle starts prefer smooth, competition accepts harsh, the rest stands between. */
    public function suitability(Duty $duty): float
    {
        $kind = match ($duty) {
            Duty::Town, Duty::Delivery => 0,
            Duty::Competition => 2,
            default => 1,
        };
        $byMaterial = match ($this->material) {
            Material::Organic => [1.0, 0.8, 0.3],
            Material::OrganicWire => [0.95, 1.0, 0.5],
            Material::AramidSegmented => [0.7, 0.9, 0.8],
            Material::Aramid => [0.4, 0.85, 0.8],
            Material::SinteredBronze => [0.2, 0.5, 1.0],
            Material::SinteredIron => [0.0, 0.0, 0.9],
        };
        // Full face engages gentler than six pads, six than four, four than three. Common practice, no source.
        $harsher = $kind === 2 ? 0.0 : match (true) {
            $this->pads === null => 0.0,
            $this->pads <= 3 => 0.3,
            $this->pads <= 4 => 0.2,
            default => 0.1,
        };

        return max(0.0, $byMaterial[$kind] - $harsher);
    }
}
