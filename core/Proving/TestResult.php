<?php

declare(strict_types=1);

namespace Spindle\Proving;

/** How a test ended. */
enum TestResult: string
{
    case Pass = 'pass';
    case Fail = 'fail';
    case NotDone = 'not_done';

    public function label(): string
    {
        return match ($this) {
            self::Pass => 'Passed',
            self::Fail => 'Failed',
            self::NotDone => 'Not done',
        };
    }
}
