<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Angle;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** The turn of the spanner on a pushrod or cable end. Common practice, no source. */
final readonly class PedalCorrection
{
    /**
     * Turns that bring the free play to its target; a longer rod takes play away, so more play than wanted gives a
     * positive figure that lengthens the rod: (free play − target) ÷ (pedal ratio × thread pitch).
     *
     * @throws ReleaseError when the ratio or the pitch is not above zero
     */
    public static function turns(Length $freePlay, Length $target, Ratio $pedalRatio, Length $pitch): Angle
    {
        if ($pedalRatio->value <= 0.0 || $pitch->value <= 0.0) {
            throw ReleaseError::ratioOrPitchNotPositive();
        }

        return Angle::turns($freePlay->minus($target)->value / ($pedalRatio->value * $pitch->value));
    }
}
