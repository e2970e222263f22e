<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A time: hours run, or the seconds of a start, held in hours. */
final readonly class Duration extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Duration;
    }

    /** So many hours. */
    public static function hours(float $value): self
    {
        return self::in($value, 'h');
    }

    /** So many seconds. */
    public static function seconds(float $value): self
    {
        return self::in($value, 's');
    }
}
