<?php

declare(strict_types=1);

namespace App\Models;

/** What a job waits for, as a list of jobs tells them apart. */
enum JobState: string
{
    case Open = 'open';
    case Parts = 'parts';
    case Check = 'check';

    /** Its flywheel is at the machinist. */
    case Machinist = 'machinist';

    case Signed = 'signed';
    case Closed = 'closed';

    public const WAITING = [self::Parts, self::Check, self::Machinist];

    /** It waits for something before work can go on. */
    public function waits(): bool
    {
        return in_array($this, self::WAITING, true);
    }

    /** Nobody works on it any more, and nobody signs for it: it was opened by mistake, or given up. */
    public function isClosed(): bool
    {
        return $this === self::Closed;
    }

    /** What it waits for, after "waits for"; empty where it waits for nothing. */
    public function awaited(): string
    {
        return match ($this) {
            self::Parts => 'parts',
            self::Check => 'a check',
            self::Machinist => 'the flywheel',
            default => '',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'At work',
            self::Parts => 'Waiting for parts',
            self::Check => 'Waiting for a check',
            self::Machinist => 'Flywheel at the machinist',
            self::Signed => 'Signed',
            self::Closed => 'Closed unsigned',
        };
    }
}
