<?php

declare(strict_types=1);

namespace Spindle\Capacity;

/** What a driver does with a clutch and could leave. */
enum Habit: string
{
    case Revs = 'revs';
    case Held = 'held';
    case HardStarts = 'hard_starts';
    case Trailer = 'trailer';

    /** The reading that says how far. */
    public function reading(): string
    {
        return "drive.{$this->value}";
    }

    public function label(): string
    {
        return match ($this) {
            self::Revs => 'Revs at the start',
            self::Held => 'Held on the hill a day',
            self::HardStarts => 'Hard starts a year',
            self::Trailer => 'Trailer',
        };
    }
}
