<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Verdict;

/** What every way of bleeding ends in: the proof that no air is left. Common practice, no source. */
enum BleedProof: string
{
    case Hard = 'hard';
    case Firm = 'firm';
    case Soft = 'soft';
    case NotOpened = 'not_opened';

    public function label(): string
    {
        return match ($this) {
            self::Hard => 'Slave blocked, pedal hard as a wall',
            self::Firm => 'Firm pedal, no bubbles twice running',
            self::Soft => 'Still soft, or still bubbles',
            self::NotOpened => 'Hydraulics were not opened',
        };
    }

    /** What it proves. Lines that were never opened prove nothing of a bleeding. */
    public function verdict(bool $bled): Verdict
    {
        return match ($this) {
            self::Hard, self::Firm => Verdict::Within,
            self::Soft => Verdict::Out,
            self::NotOpened => $bled ? Verdict::Unmeasured : Verdict::NotApplicable,
        };
    }
}
