<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** An energy, in joules. */
final readonly class Energy extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Energy;
    }

    /** So many joules. */
    public static function J(float $value): self
    {
        return self::in($value, 'J');
    }
}
