<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Ratio;

/** How much more than the engine's torque a clutch must carry for a duty, and above what it is harsh. */
final readonly class DutyFigures
{
    /** @throws DemandError when the harsh figure is not above the reserve */
    public function __construct(public Ratio $reserve, public Ratio $harshAbove)
    {
        if ($harshAbove->value <= $reserve->value) {
            throw DemandError::harshBelowReserve();
        }
    }

    public static function builtIn(Duty $duty): self
    {
        return new self($duty->reserve(), $duty->harshAbove());
    }

    /** The same with a reserve decided for one job; harsh begins as far above it as the duty has it. */
    public function reserving(Ratio $reserve): self
    {
        $asFarAbove = $reserve->value * $this->harshAbove->value / $this->reserve->value;

        return new self($reserve, Ratio::of(max($this->harshAbove->value, $asFarAbove)));
    }
}
