<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Volume;

/** Air left in a hydraulic line, from how far the pedal goes with the slave blocked. Source: Boyle's law. */
final readonly class TrappedAir
{
    /** Standard atmosphere, kPa. Source: NIST SP 811, appendix B. */
    private const ATMOSPHERE = 101.325;

    /**
     * The volume at atmospheric pressure: (x / r_p) · A_master · (p + p₀) / p.
     *
     * @param  Length  $blockedTravel  of the pad with the slave blocked
     * @param  Pressure  $line  gauge pressure under the steady foot
     *
     * @throws HydraulicsError when the ratio or the pressure is not above zero
     */
    public static function volume(Length $blockedTravel, Ratio $pedalRatio, Length $masterBore, Pressure $line): Volume
    {
        if ($pedalRatio->value <= 0.0 || $line->value <= 0.0) {
            throw HydraulicsError::ratioOrPressureNotPositive();
        }
        $displaced = $blockedTravel->value / $pedalRatio->value * M_PI / 4 * $masterBore->value ** 2;

        return Volume::of($displaced * ($line->value + self::ATMOSPHERE) / $line->value);
    }
}
