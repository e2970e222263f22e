<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;

/** What a lining material gives and stands. */
final readonly class MaterialFigures
{
    /**
     * @param  Ratio  $mu  friction coefficient in ordinary use
     * @param  Ratio  $muHot  after a hot run
     * @param  EnergyPerArea  $comfortable  heat of one start below which it is comfortable
     * @param  EnergyPerArea  $heatLimit  the greatest heat of one start
     *
     * @throws CapacityError when it grips better hot than cold, or its comfortable heat is above its limit
     */
    public function __construct(
        public Ratio $mu,
        public Ratio $muHot,
        public Pressure $pressureLimit,
        public EnergyPerArea $comfortable,
        public EnergyPerArea $heatLimit,
    ) {
        if ($muHot->value > $mu->value) {
            throw CapacityError::gripsBetterHot();
        }
        if ($comfortable->value > $heatLimit->value) {
            throw CapacityError::comfortAboveLimit();
        }
    }

    public static function builtIn(Material $material): self
    {
        return new self(
            $material->mu(), $material->muHot(), $material->pressureLimit(), $material->comfortableHeat(), $material->heatLimit(),
        );
    }
}
