<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A distance driven, in kilometres. */
final readonly class Distance extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Distance;
    }

    /** So many kilometres. */
    public static function km(float $value): self
    {
        return self::in($value, 'km');
    }
}
