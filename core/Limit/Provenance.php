<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** How well founded a built-in figure is. */
enum Provenance: string
{
    case Published = 'P';
    case CommonPractice = 'CP';
    case FromMemory = 'M';

    public function meaning(): string
    {
        return match ($this) {
            self::Published => 'published source',
            self::CommonPractice => 'common practice, no source',
            self::FromMemory => 'default from memory, for the shop to change',
        };
    }
}
