<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Vehicle\VehicleClass;

/** After how much what was left as it was comes back. */
final class ComesBack
{
    /** A tractor does so many kilometres in an hour of its meter, to compare. From memory [M]. */
    private const KM_AN_HOUR = 12.0;

    /** Kilometres that nobody drives before he comes back. From memory [M]. */
    private const AT_ONCE = 300.0;

    /** By the meter the vehicle has; nothing where it does so at once. */
    public static function after(Hidden $hidden, Work $work): Distance|Duration|null
    {
        $km = round($hidden->seed->between("back {$work->value}", ...$work->comesBack()), -2);

        return match (true) {
            $km < self::AT_ONCE => null,
            $hidden->truth->vehicleClass() === VehicleClass::Tractor => Duration::in($km / self::KM_AN_HOUR, 'h'),
            default => Distance::in($km, 'km'),
        };
    }
}
