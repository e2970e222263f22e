<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A turning moment, in newton metres. */
final readonly class Torque extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Torque;
    }

    /** So many newton metres. */
    public static function Nm(float $value): self
    {
        return self::in($value, 'N·m');
    }
}
