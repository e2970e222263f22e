<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** Heat for each lining area, in J/cm². */
final readonly class EnergyPerArea extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::EnergyPerArea;
    }
}
