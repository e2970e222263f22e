<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Volume;

/** What is said of the hydraulics. */
final class HydraulicsSentences implements Sentences
{
    /** @param  string  $counted  what is counted at the step */
    public static function stepTooShort(int $step, int $done, int $times, string $counted): Said
    {
        return Said::as(__METHOD__, compact('step', 'done', 'times', 'counted'), static fn (): string => "Step {$step} is ticked after "
            ."{$done} of {$times} {$counted}: go on; no step after it counts.");
    }

    public static function countFirst(int $step, int $done, int $times, string $counted): Said
    {
        return Said::as(__METHOD__, compact('step', 'done', 'times', 'counted'), static fn (): string => "Step {$step} first: {$done} of "
            ."{$times} {$counted} are counted.");
    }

    public static function notCounted(BleedingSchool $school): Said
    {
        return Said::as(__METHOD__, compact('school'), static fn (): string => "{$school->label()}: ticked, and how often it was done is "
            .'not counted.');
    }

    public static function stepsDone(BleedingSchool $school): Said
    {
        return Said::as(__METHOD__, compact('school'), static fn (): string => "{$school->label()}: every step done; the proof decides.");
    }

    public static function nextStep(BleedingSchool $school, int $next): Said
    {
        return Said::as(__METHOD__, compact('school', 'next'), static fn (): string => "{$school->label()}: step {$next} of "
            .count($school->steps()).' comes next.');
    }

    public static function makersFluidUnknown(Fluid $in): Said
    {
        return Said::as(__METHOD__, compact('in'), static fn (): string => "{$in->label()} goes in; which one the maker names is not "
            .'entered.');
    }

    public static function fluid(Fluid $in, Fluid $wanted): Said
    {
        return Said::as(__METHOD__, compact('in', 'wanted'), static fn (): string => match (true) {
            $in === $wanted => "{$in->label()}, as the maker names it.",
            ! $in->mixesWith($wanted) => "{$in->label()} never goes into a system made for {$wanted->label()}: the seals swell. What it "
                .'has touched is flushed or replaced.',
            default => "{$in->label()} where the maker names {$wanted->label()}: they mix, and the type the maker names is the one to use.",
        });
    }

    public static function notProved(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A bleeding ends in its proof: block the slave and press, or a firm '
            .'pedal and no bubbles twice running.');
    }

    public static function notOpened(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The hydraulics were not opened.');
    }

    public static function stillSoft(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The pedal is still soft, or bubbles still come: bleed again, or look '
            .'for the leak.');
    }

    public static function notHardAsSaid(Length $moved): Said
    {
        return Said::as(__METHOD__, compact('moved'), static fn (Display $d): string => 'Said to be hard as a wall, and the pad moves '
            ."{$d->quantity($moved, 1.0)} against the blocked slave: that is air, a seal that lets by, or a slave that was not blocked.");
    }

    public static function proved(BleedProof $proof): Said
    {
        return Said::as(__METHOD__, compact('proof'), static fn (): string => "{$proof->label()}.");
    }

    public static function airUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Trapped air cannot be told');
    }

    public static function noAir(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'With the slave blocked the pedal is hard as a wall: no air, both seals '
            .'good.');
    }

    public static function firmEnough(Length $liftLost): Said
    {
        return Said::as(__METHOD__, compact('liftLost'), static fn (Display $d): string => 'With the slave blocked the pedal moves so '
            ."little that it costs {$d->quantity($liftLost, 0.01)} of lift at the disc: firm enough.");
    }

    /**
     * @param  Length|null  $liftLost  at the disc; nothing where it cannot be told
     * @param  bool  $mayBeHose  so little that a hose may swell by it
     */
    public static function air(Volume $air, ?Length $liftLost, bool $mayBeHose): Said
    {
        return Said::as(__METHOD__, compact('air', 'liftLost', 'mayBeHose'), static fn (Display $d): string => 'With the slave blocked '
            .'the pedal '."still moves: up to {$d->number($air->value, 0)} mm³ of air in the line"
            .($liftLost === null ? '' : "; it costs {$d->quantity($liftLost, 0.01)} of lift at the disc")
            .($mayBeHose ? '. A hose may swell by as much: enter what it does, or bleed again.' : '. Bleed again.'));
    }
}
