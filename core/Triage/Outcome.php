<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** What triage decides. */
enum Outcome: string
{
    case Adjust = 'adjust';
    case Bleed = 'bleed';
    case RepairActuation = 'repair_actuation';
    case Strip = 'strip';
    case NotTheClutch = 'not_the_clutch';

    public function label(): string
    {
        return match ($this) {
            self::Adjust => 'Adjust',
            self::Bleed => 'Bleed',
            self::RepairActuation => 'Repair the actuation',
            self::Strip => 'Take it apart',
            self::NotTheClutch => 'Not the clutch',
        };
    }

    /** Said after "this job is": "to bleed the hydraulics". */
    public function work(): string
    {
        return match ($this) {
            self::Adjust => 'to adjust, not to take apart',
            self::Bleed => 'to bleed, not to take apart',
            self::RepairActuation => 'to repair the actuation, not to take apart',
            self::Strip => 'to take it apart',
            self::NotTheClutch => 'not for the clutch',
        };
    }
}
