<?php

declare(strict_types=1);

namespace Spindle\Vehicle;

/** Where the tip of the input shaft is carried. Some parts books list a pilot of the crankshaft under the crankshaft. */
enum PilotSeat: string
{
    case Flywheel = 'flywheel';
    case Crankshaft = 'crankshaft';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Flywheel => 'In the flywheel',
            self::Crankshaft => 'In the crankshaft',
            self::None => 'None',
        };
    }
}
