<?php

declare(strict_types=1);

namespace App\Models;

/** What a job waits for, as a list of jobs tells them apart. */
enum JobState: string
{
    case Open = 'open';
    case Parts = 'parts';
    case Check = 'check';
    case Signed = 'signed';

    /** It waits for something before work can go on. */
    public function waits(): bool
    {
        return $this === self::Parts || $this === self::Check;
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'At work',
            self::Parts => 'Waiting for parts',
            self::Check => 'Waiting for a check',
            self::Signed => 'Signed',
        };
    }
}
