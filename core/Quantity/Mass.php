<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A mass, in kilograms. */
final readonly class Mass extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Mass;
    }

    /** So many kilograms. */
    public static function kg(float $value): self
    {
        return self::in($value, 'kg');
    }
}
