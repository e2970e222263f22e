<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A volume, in cubic millimetres; computed, never typed. */
final readonly class Volume extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Volume;
    }
}
