<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** Which units a reader prefers. Both are always accepted and both are shown where there is room. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Inch = 'inch';

    public function other(): self
    {
        return $this === self::Metric ? self::Inch : self::Metric;
    }

    /** The unit a field of this dimension shows and assumes. */
    public function unit(Dimension $dimension): Unit
    {
        $metric = $this === self::Metric;

        return Units::named(match ($dimension) {
            Dimension::Length => $metric ? 'mm' : 'in',
            Dimension::Torque => $metric ? 'N·m' : 'lbf·ft',
            Dimension::Force => $metric ? 'N' : 'lbf',
            Dimension::Pressure => $metric ? 'kPa' : 'psi',
            Dimension::Power => $metric ? 'kW' : 'hp',
            Dimension::Mass => $metric ? 'kg' : 'lb',
            Dimension::Distance => $metric ? 'km' : 'mi',
            Dimension::Stiffness => $metric ? 'N/mm' : 'lbf/in',
            default => $dimension->baseUnit()->symbol,
        });
    }
}
