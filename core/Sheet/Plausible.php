<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;

/** What a figure that is no field of its own, such as a limit, can be at all: the largest a workshop ever meets, either way of nought. */
final class Plausible
{
    public static function range(Dimension $dimension): Range
    {
        $greatest = match ($dimension) {
            Dimension::Length => 2000.0,
            Dimension::Torque => 20_000.0,
            Dimension::Force => 500_000.0,
            Dimension::Pressure => 50_000.0,
            Dimension::Power => 3_000_000.0,
            Dimension::Speed => 50_000.0,
            Dimension::Mass => 500_000.0,
            Dimension::Energy => 100_000_000.0,
            Dimension::Angle => 100.0,
            Dimension::Distance => 10_000_000.0,
            Dimension::Duration => 500_000.0,
            Dimension::Ratio => 10_000.0,
            Dimension::Stiffness => 500_000.0,
            Dimension::Area => 10_000_000.0,
            Dimension::Volume => 100_000_000.0,
            Dimension::Inertia => 100_000.0,
            Dimension::EnergyPerArea => 100_000.0,
            Dimension::TemperatureRise => 10_000.0,
        };
        $q = $dimension->quantity();

        return Range::between($q::of(-$greatest), $q::of($greatest));
    }
}
