<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Sheet\JobSheet;

/** Where a light vehicle has its driven wheels, as far as it decides how long the gearbox takes. */
enum Layout: string
{
    case Rear = 'rear';
    case Front = 'front';

    public function label(): string
    {
        return match ($this) {
            self::Rear => 'Rear drive',
            self::Front => 'Front drive',
        };
    }

    /** As entered, else by the driven wheels; not known, the longer one. */
    public static function of(JobSheet $sheet): self
    {
        return self::tryFrom($sheet->values->word('plan.layout') ?? '')
            ?? ($sheet->values->word('vehicle.drive') === 'rear' ? self::Rear : self::Front);
    }
}
