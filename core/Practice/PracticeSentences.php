<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Outcome;

/** What is said at a practice vehicle at the stations. */
final class PracticeSentences
{
    /** @param  list<string>  $told */
    public static function complaint(array $told): string
    {
        return ucfirst(implode('; ', $told)).'.';
    }

    public static function gearbox(?Outcome $outcome, bool $isForNothing): string
    {
        return match (true) {
            $isForNothing => 'off, for nothing',
            $outcome === Outcome::Strip => 'off',
            default => 'stays on',
        };
    }

    public static function notRead(): string
    {
        return 'this is not read off a vehicle: it is decided, done or looked up, and entered by hand';
    }

    public static function nothingToRead(): string
    {
        return 'this practice vehicle has no answer to it; a job can be signed off as done without it here';
    }

    public static function gearboxIsOn(): string
    {
        return 'the gearbox is on, so nobody can see it: say at Triage that the job comes to taking the clutch apart';
    }

    public static function gearboxIsOff(): string
    {
        return 'the gearbox is not back yet, so nothing can be proved';
    }

    public static function nothingMended(): string
    {
        return 'this part was neither mended nor renewed, so there is nothing to read again';
    }

    public static function noKitYet(): string
    {
        return 'no kit is chosen yet, so there is nothing new to measure';
    }
}
