<?php

declare(strict_types=1);

namespace App\Jobs;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Sheet\Station;

/** What is said of a job beside what the trade judges of it. */
final class JobSentences implements Sentences
{
    /** @param  list<string>  $readings  as a sentence names them */
    public static function toBeMeasuredAgain(array $readings): Said
    {
        return Said::as(__METHOD__, compact('readings'), static fn (): string => ucfirst(implode(', ', $readings))
            .(count($readings) === 1 ? ' is' : ' are').' marked to be measured again.');
    }

    public static function secondLookLapsed(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Something was changed after a second person had looked it over; it '
            .'wants another look.');
    }

    public static function secondLookFirst(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A second person looks it over first, somebody else than who signs.');
    }

    /** @param  non-empty-list<array{Station, int}>  $missing  how much at each station */
    public static function stillToEnter(array $missing): Said
    {
        return Said::as(__METHOD__, compact('missing'), static fn (): string => 'Still to enter: '.implode(
            ', ', array_map(static fn (array $at): string => "{$at[0]->label()} {$at[1]}", $missing),
        ).'.');
    }

    /** @param  list<string>  $parts  what they are called */
    public static function notLookedAt(array $parts): Said
    {
        return Said::as(__METHOD__, compact('parts'), static fn (): string => 'Not looked at, or not written down: '
            .''.implode(', ', $parts).'.');
    }
}
