<?php

declare(strict_types=1);

namespace Spindle\History;

use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Outcome;

/** What kind of fault a cause is, as far as its coming back says something. */
enum FaultArea: string
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

    /**
     * Whether a cause is of the same kind as one that was found before. What is not the clutch is of no kind here.
     *
     * @param  list<string>  $known  causes found before, by their names
     */
    public static function comesAgain(Cause $cause, array $known): bool
    {
        $area = self::of($cause);
        foreach ($known as $id) {
            $before = Causes::all()[$id] ?? null;
            if ($area !== null && $before !== null && self::of($before) === $area) {
                return true;
            }
        }

        return false;
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
