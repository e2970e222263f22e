<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** An angle, in turns. */
final readonly class Angle extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Angle;
    }

    /** So many turns. */
    public static function turns(float $value): self
    {
        return self::in($value, 'turn');
    }
}
