<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** An area, in square millimetres; computed, never typed. */
final readonly class Area extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::Area;
    }
}
