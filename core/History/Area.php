<?php

declare(strict_types=1);

namespace Spindle\History;

use Spindle\Triage\Cause;
use Spindle\Triage\Outcome;

/** What kind of fault a cause is, as far as its coming back says something. */
enum Area: string
{
    case Release = 'release';
    case Clutch = 'clutch';

    public function label(): string
    {
        return match ($this) {
            self::Release => 'release fault',
            self::Clutch => 'worn or damaged clutch',
        };
    }

    /** Where one looks when it comes again. Common practice, no source. */
    public function lookAt(): string
    {
        return match ($this) {
            self::Release => 'look at the bulkhead, the brackets and the linkage, and not only at what failed',
            self::Clutch => 'look at how it is driven, at oil, and whether the kit carries the load',
        };
    }

    public static function of(Cause $cause): ?self
    {
        return match ($cause->outcome) {
            Outcome::Strip => self::Clutch,
            Outcome::NotTheClutch => null,
            default => self::Release,
        };
    }
}
