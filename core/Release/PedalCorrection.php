<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Angle;
use Spindle\Quantity\Length;

/** The turn of the spanner on a pushrod or cable end. Common practice, no source. */
final readonly class PedalCorrection
{
    /**
     * Turns that bring the free play to its target; what a turn takes away follows from where the adjuster sits, so more play than wanted
     * gives a positive figure that takes it away: (free play − target) ÷ play a turn.
     *
     * @throws ReleaseError when a turn takes nothing away
     */
    public static function turns(Length $freePlay, Length $target, Length $padPerTurn): Angle
    {
        if ($padPerTurn->value <= 0.0) {
            throw ReleaseError::ratioOrPitchNotPositive();
        }

        return Angle::turns($freePlay->minus($target)->value / $padPerTurn->value);
    }

    /**
     * Turns of a rod at the slave that bring the clearance at the bearing to its target, positive for a longer rod, which takes clearance
     * away: (clearance − target) × fork ratio ÷ pitch.
     *
     * @throws ReleaseError when the pitch is not above zero
     */
    public static function turnsAtSlave(Length $clearance, Length $target, float $forkRatio, Length $pitch): Angle
    {
        if ($pitch->value <= 0.0) {
            throw ReleaseError::ratioOrPitchNotPositive();
        }

        return Angle::turns($clearance->minus($target)->value * $forkRatio / $pitch->value);
    }
}
