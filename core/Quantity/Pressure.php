<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A pressure, in kilopascals; gauge unless said. */
final readonly class Pressure extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Pressure;
    }

    /** So many kilopascals. */
    public static function kPa(float $value): self
    {
        return self::in($value, 'kPa');
    }
}
