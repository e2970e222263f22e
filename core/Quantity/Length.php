<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A measure on a part, in millimetres. */
final readonly class Length extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Length;
    }

    /** So many millimetres. */
    public static function mm(float $value): self
    {
        return self::in($value, 'mm');
    }

    /** So many inches of 25.4 mm. */
    public static function inch(float $value): self
    {
        return self::in($value, 'in');
    }
}
