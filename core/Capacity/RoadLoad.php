<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;

/** What grade and ground ask of the clutch at a start. */
final class RoadLoad
{
    /** Acceleration of free fall, m/s². Source: ISO 80000-3 (standard value 9.806 65). */
    private const G = 9.806_65;

    /** Of gearbox and axle. Default from memory [M]. */
    private const EFFICIENCY = 0.9;

    /** Rolling resistance by ground. Defaults from memory [M]. */
    private const ROLLING = ['road' => 0.015, 'soft' => 0.05];

    /**
     * T_L = m g (sin α + f cos α) r / (i η), α from the grade by tan α.
     *
     * Source: resistance of a vehicle on an incline (mechanics).
     *
     * @param  Mass  $all  vehicle and trailer
     * @param  Ratio  $grade  rise over level distance
     * @param  string  $ground  road or soft
     *
     * @throws CapacityError when the ratio is zero
     */
    public static function torque(Mass $all, Ratio $grade, string $ground, Length $rollingRadius, Ratio $ratio): Torque
    {
        if ($ratio->value === 0.0) {
            throw CapacityError::noRatio();
        }
        $angle = atan($grade->value);
        $force = $all->value * self::G * (sin($angle) + (self::ROLLING[$ground] ?? self::ROLLING['soft']) * cos($angle));

        return Torque::Nm($force * $rollingRadius->value / 1000 / ($ratio->value * self::EFFICIENCY));
    }
}
