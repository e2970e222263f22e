<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;

/**
 * What a clutch carries: T = n · μ · F · R. The area of the lining is not in it; area decides pressure, heat and wear.
 *
 * Source: Budynas & Nisbett, Shigley's Mechanical Engineering Design, ch. 16.
 */
final readonly class TorqueCapacity
{
    /** How far clamp load and friction may be from what a catalogue states, as shares. From memory [M]. */
    private const CLAMP_SPREAD = 0.08;

    private const FRICTION_SPREAD = 0.12;

    /**
     * By what share a torque may be more or less that is worked out from a catalogue's clamp load and friction; the two are independent,
     * and their shares add as squares (JCGM 100:2008, 5.1.2). The checks use the nominal figure: the reserve is there for this scatter.
     */
    public static function scatter(): float
    {
        return hypot(self::CLAMP_SPREAD, self::FRICTION_SPREAD);
    }

    /** @return array{Torque, Torque} between what such a torque may lie */
    public static function range(Torque $nominal): array
    {
        return [$nominal->times(1 - self::scatter()), $nominal->times(1 + self::scatter())];
    }

    private Length $runInRadius;

    public function __construct(private FrictionFaces $faces, private Lining $lining)
    {
        $this->runInRadius = $lining->radiusUniformWear();
    }

    /** As fitted, with full contact and even pressure. */
    public function asNew(Ratio $mu, Force $clamp): Torque
    {
        return $this->torque($mu, $clamp, $this->lining->radiusUniformPressure());
    }

    /** Run in, with even wear; worn and hot differ only in the clamp load and the coefficient put in. */
    public function runIn(Ratio $mu, Force $clamp): Torque
    {
        return $this->torque($mu, $clamp, $this->runInRadius);
    }

    /**
     * The friction coefficient a rated torque would need: μ = T / (n F R), run in.
     *
     * @throws CapacityError without a clamp load
     */
    public function impliedMu(Torque $rated, Force $clamp): Ratio
    {
        if ($clamp->value <= 0.0) {
            throw CapacityError::noClampLoad();
        }

        return Ratio::of($rated->value / $this->runIn(Ratio::of(1.0), $clamp)->value);
    }

    /** N × mm ÷ 1000 = N·m. */
    private function torque(Ratio $mu, Force $clamp, Length $radius): Torque
    {
        return Torque::Nm($this->faces->count * $mu->value * $clamp->value * $radius->value / 1000);
    }
}
