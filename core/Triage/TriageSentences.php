<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Ratio;

/** What is said of what a job comes to. */
final class TriageSentences implements Sentences
{
    public static function sayWhatItComesTo(Outcome $likeliest, Ratio $chance): Said
    {
        return Said::as(__METHOD__, compact('likeliest', 'chance'), static fn (Display $d): string => 'Triage points at one thing: '
            .self::likeliest($likeliest, $chance, $d).'. Say what this job comes to; until then it goes no further than that.');
    }

    public static function outcome(Outcome $outcome): Said
    {
        return Said::as(__METHOD__, compact('outcome'), static fn (): string => "This job is {$outcome->work()}.");
    }

    public static function outcomeAgainstTriage(Outcome $outcome, Outcome $likeliest, Ratio $chance): Said
    {
        return Said::as(__METHOD__, compact('outcome', 'likeliest', 'chance'), static fn (Display $d): string => 'This job is '
            ."{$outcome->work()}. Triage points elsewhere: ".self::likeliest($likeliest, $chance, $d).'.');
    }

    private static function likeliest(Outcome $outcome, Ratio $chance, Display $d): string
    {
        return lcfirst($outcome->label()).", {$d->percent($chance->value)} by the signs and tests";
    }

    /** @param  list<string>  $signs */
    public static function thereAndNotThere(array $signs): Said
    {
        return Said::as(__METHOD__, compact('signs'), static fn (): string => 'Ticked as there and as not there: '
            .implode('; ', array_map(static fn (string $sign): string => Signs::all()[$sign] ?? $sign, $signs))
            .'. Ask again, and take one of the two off; until then it counts as there.');
    }

    /** Of a reading that this job does not come to. */
    public static function notReached(Outcome $outcome): Said
    {
        return Said::as(__METHOD__, compact('outcome'), static fn (): string => "Not reached: this job is {$outcome->work()}.");
    }

    public static function mendedNotSaid(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Which part of the actuation was mended is not written down.');
    }

    public static function mended(string $what): Said
    {
        return Said::as(__METHOD__, compact('what'), static fn (): string => 'Mended: '.rtrim($what, '.').'.');
    }

    public static function referredNotSaid(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'What it is instead, and where it was sent, is not written down.');
    }

    public static function referred(string $what): Said
    {
        return Said::as(__METHOD__, compact('what'), static fn (): string => 'Not the clutch: '.rtrim($what, '.').'.');
    }

    public static function nothingEntered(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Nothing is entered yet: the order shows only how common each cause is '
            .'for a vehicle like this.');
    }

    public static function evidenceContradicts(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The evidence contradicts itself: something speaks against even the '
            .'likeliest cause. Look at it again, or think of two faults.');
    }

    public static function perhapsTwoFaults(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The likeliest cause does not explain all of it; there may be two faults.');
    }
}
