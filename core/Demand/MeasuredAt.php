<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Ratio;

/** Where engine output was measured. Losses are defaults from memory [M]. */
enum MeasuredAt: string
{
    case Crank = 'crank';
    case WheelsTwo = 'wheels_2wd';
    case WheelsFour = 'wheels_4wd';

    public function label(): string
    {
        return match ($this) {
            self::Crank => 'At the crankshaft',
            self::WheelsTwo => 'At the wheels, two driven',
            self::WheelsFour => 'At the wheels, all driven',
        };
    }

    /** The share of crankshaft output that the driveline takes. */
    public function loss(): Ratio
    {
        return Ratio::of(match ($this) {
            self::Crank => 0.0,
            self::WheelsTwo => 0.15,
            self::WheelsFour => 0.22,
        });
    }
}
