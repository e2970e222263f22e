<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A power, in watts. */
final readonly class Power extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Power;
    }

    /** So many watts. */
    public static function W(float $value): self
    {
        return self::in($value, 'W');
    }
}
