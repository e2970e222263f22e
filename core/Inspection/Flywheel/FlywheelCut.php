<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** What machining a flywheel does: it becomes thinner, and the clutch moves towards the engine by the cut. */
final readonly class FlywheelCut
{
    public function __construct(private Length $thickness, private Length $cut)
    {
    }

    public function thicknessAfter(): Length
    {
        return $this->thickness->minus($this->cut);
    }

    /** The correction at the fork's outer end: cut × fork ratio. Common practice, no source. */
    public static function forkEndShift(Length $cut, Ratio $forkRatio): Length
    {
        return $cut->times($forkRatio->value);
    }
}
