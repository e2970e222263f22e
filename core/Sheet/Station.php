<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** The ten stations of a clutch job, in working order. A guide, not a gate. */
enum Station: string
{
    case Intake = 'intake';
    case Triage = 'triage';
    case Demand = 'demand';
    case Strip = 'strip';
    case Kit = 'kit';
    case Bench = 'bench';
    case Fit = 'fit';
    case Set = 'set';
    case Prove = 'prove';
    case Record = 'record';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** From 1 to 10. */
    public function number(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }

    /** The digit that leads to it on a keyboard. */
    public function key(): int
    {
        return $this->number() % 10;
    }

    public function question(): string
    {
        return match ($this) {
            self::Intake => 'What kind of clutch is this, and what does the customer say?',
            self::Triage => 'Adjust, bleed, mend the actuation, or take it apart?',
            self::Demand => 'What torque must the clutch carry?',
            self::Strip => 'Reuse, machine or replace each part; why did the old clutch fail?',
            self::Kit => 'Which kit carries the engine, and what else is ordered?',
            self::Bench => 'New against old: are the parts right?',
            self::Fit => 'Is the geometry right before it closes?',
            self::Set => 'Is the release right, and how is the pedal set?',
            self::Prove => 'Does it release, does it hold?',
            self::Record => 'What will the next person find?',
        };
    }
}
