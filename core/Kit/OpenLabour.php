<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Quantity\Duration;
use Spindle\Sheet\JobSheet;

/** What taking a clutch out and in costs: hours at the shop's rate, in any one currency. */
final class OpenLabour
{
    /** Nothing where hours or rate are not known. */
    public static function of(JobSheet $sheet): ?float
    {
        $rate = LabourRate::of($sheet)?->value;
        $hours = $sheet->values->one(Duration::class, 'open.labour')?->value;

        return $rate === null || $hours === null ? null : $rate * $hours;
    }
}
