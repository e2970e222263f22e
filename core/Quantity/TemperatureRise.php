<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A temperature difference, in kelvin; computed, never typed. */
final readonly class TemperatureRise extends Quantity
{
    public static function dimension(): Dimension
    {
        return Dimension::TemperatureRise;
    }
}
