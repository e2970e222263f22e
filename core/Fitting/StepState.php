<?php

declare(strict_types=1);

namespace Spindle\Fitting;

/** How a step of the fitting ended. */
enum StepState: string
{
    case Done = 'done';
    case Skipped = 'skipped';

    public function label(): string
    {
        return match ($this) {
            self::Done => 'Done',
            self::Skipped => 'Skipped',
        };
    }
}
