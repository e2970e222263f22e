<?php

declare(strict_types=1);

namespace Spindle\Practice;

/** When a learner sees the causes as triage has them, and what the core says of a reading. */
enum Tell: string
{
    case Open = 'open';
    /** On request; it counts as asked for. */
    case Asked = 'asked';
    /** At the end only. */
    case Closed = 'closed';

    public function label(): string
    {
        return match ($this) {
            self::Open => 'Open all the time',
            self::Asked => 'When asked for; it counts',
            self::Closed => 'Closed until the end',
        };
    }
}
