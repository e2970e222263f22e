<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A number without a unit: a fraction, a lever ratio, a coefficient. */
final readonly class Ratio extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Ratio;
    }
}
