<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Quantity\Power;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Sheet\JobSheet;

/** What a tractor's power take-off asks of its own disc. */
final class TakeOffBranch
{
    /** T = P / ω at the engine speed at which the take-off gives its rated power. Source: definition of power. */
    public static function torque(JobSheet $sheet): ?Torque
    {
        $power = $sheet->values->one(Power::class, 'engine.pto_power');
        $speed = $sheet->values->one(Speed::class, 'engine.pto_engine_speed');

        return $power === null || $speed === null ? null : EngineOutput::ofPower($power, $speed)->peak;
    }
}
