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
}
