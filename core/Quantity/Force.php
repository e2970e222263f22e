<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A force, in newtons. */
final readonly class Force extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Force;
    }

    /** So many newtons. */
    public static function N(float $value): self
    {
        return self::in($value, 'N');
    }
}
