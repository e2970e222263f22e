<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Quantity\Length;

/** A face taken apart: what it stands askew, where it is high, and what is left. */
final readonly class TiltAndWave
{
    /** @param  string  $highSide  on the clock: "4:30" */
    public function __construct(public Length $tilt, public string $highSide, public Length $wave)
    {
    }
}
