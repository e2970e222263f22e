<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Angle;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** What is said of what to set: free play, take-up, strokes, and the linkage of a truck. */
final class SettingSentences implements Sentences
{
    public static function cableAdjustsItself(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The cable adjusts itself: there is no free play to measure.');
    }

    public static function freePlayTurnedNotMeasured(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Free play: turned, and not measured since.');
    }

    public static function freePlayNotMeasured(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Free play at the pad not measured.');
    }

    public static function freePlayLimitUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Measured, but its limit follows the class and the actuation of the '
            .'vehicle.');
    }

    /**
     * @param  Length|null  $doubt  where only the rule it was read with keeps it from being plain
     * @param  Angle|null  $turns  of the rod, longer where above nought; nothing where nothing is to be turned
     */
    public static function freePlay(AsRead $play, Limit $limit, ?Length $doubt, ?Angle $turns): Said
    {
        return Said::as(__METHOD__, compact('play', 'limit', 'doubt', 'turns'), static fn (Display $d): string => 'Free play '
            ."{$d->readBoth($play)}, {$limit->wording($d)}.".($doubt === null ? '' : ' It is known to ± '
            ."{$d->quantity($doubt, 10 ** floor(log10($doubt->value)))}, and the edge is "
            .'nearer.').($turns === null ? '' : ' '.self::turnRod($turns->value, 'Lengthen', 'Shorten', $d)
                .', lock it, measure again.'));
    }

    private static function turnRod(float $turns, string $longer, string $shorter, Display $d): string
    {
        return ($turns > 0 ? $longer : $shorter)." the rod by {$d->number(abs($turns), 1)} turns";
    }

    public static function turnsFirmAgain(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The pedal turns firm again just before the floor: fingers and straps '
            .'are overworked. Set the stop before anybody drives it.');
    }

    public static function notFirmAgain(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The pedal does not turn firm a second time.');
    }

    public static function takeUpIsThere(Ratio $wanted, Ratio $now): Said
    {
        return Said::as(__METHOD__, compact('wanted', 'now'), static fn (Display $d): string => self::takeUpWanted($wanted, $now, $d).'.');
    }

    /** @param  Ratio|null  $now  nothing where the disc is never free */
    public static function noRodCanDoThat(Ratio $wanted, ?Ratio $now): Said
    {
        return Said::as(__METHOD__, compact('wanted', 'now'), static fn (Display $d): string => self::takeUpWanted($wanted, $now, $d)
            .': no rod can do that, even without free play. It wants more stroke: a larger master or a smaller slave bore.');
    }

    public static function freePlayWouldBe(Ratio $wanted, ?Ratio $now, Length $freePlay): Said
    {
        return Said::as(__METHOD__, compact('wanted', 'now', 'freePlay'), static fn (
            Display $d,
        ): string => self::takeUpWanted($wanted, $now, $d)
            .": the free play would have to be {$d->quantity($freePlay, 0.5)}. Enter the pitch of the thread for the turns.");
    }

    public static function turnForTakeUp(Ratio $wanted, ?Ratio $now, Angle $turns, Length $freePlay): Said
    {
        return Said::as(__METHOD__, compact('wanted', 'now', 'turns', 'freePlay'), static fn (Display $d): string => self::takeUpWanted(
            $wanted, $now, $d,
        ).': '.self::turnRod($turns->value, 'lengthen', 'shorten', $d)
            .(abs($turns->value) > SettingSteps::AT_A_TIME ? ', two at a time with a test between' : '')
            .". Free play comes to {$d->quantity($freePlay, 0.5)}. Lock both nuts, check the switches.");
    }

    private static function takeUpWanted(Ratio $wanted, ?Ratio $now, Display $d): string
    {
        return "Take-up wanted {$d->percent($wanted->value)} above the floor, "
            .($now === null ? 'and the disc is never free' : "is {$d->percent($now->value)}");
    }

    /** @param  string  $cylinder  master or slave */
    public static function stroke(string $cylinder, Length $stroke, Length $most, Verdict $verdict): Said
    {
        return Said::as(__METHOD__, compact('cylinder', 'stroke', 'most', 'verdict'), static fn (Display $d): string => "The {$cylinder} "
            ."moves {$d->both($stroke, 0.1)} at the full pedal, it has {$d->quantity($most, 0.1)}".match ($verdict) {
                Verdict::Out => ': it comes to its end first. Set the stop, or another bore.',
                Verdict::Near => ': next to nothing in hand. Set the stop.',
                default => '.',
            });
    }

    /** @param  list<string>  $missing  as a sentence names them */
    public static function truckReadingsMissing(array $missing): Said
    {
        return Said::as(__METHOD__, compact('missing'), static fn (): string => 'Brake, bearing gap, fork play and free pedal are read '
            .'together; not entered: '.implode(', ', $missing).'.');
    }

    /** @param  int|null  $notches  of the ring; nothing where none is to be turned */
    public static function truck(TruckLinkage $action, AsRead $gap, AsRead $fork, AsRead $pedal, ?int $notches): Said
    {
        return Said::as(__METHOD__, compact('action', 'gap', 'fork', 'pedal', 'notches'), static fn (
            Display $d,
        ): string => "{$d->readBoth($gap)} to the brake, {$d->readBoth($fork)} at the fork, {$d->readBoth($pedal)} free pedal: "
            .''.self::instruction($action).'.'
            .match ($notches ?? 0) {
                0 => '',
                1 => ' About one notch.',
                default => " About {$notches} notches.",
            });
    }

    public static function brakeFirst(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => ucfirst(self::instruction(TruckLinkage::ReplaceBrake)).'.');
    }

    public static function instruction(TruckLinkage $action): string
    {
        return match ($action) {
            TruckLinkage::ReplaceBrake => 'replace the clutch brake, then measure again: without it the gap cannot be trusted',
            TruckLinkage::MeasureAgain => 'too near to the edge of its band to tell; measure again with a finer instrument before '
                .'anything is turned',
            TruckLinkage::RingIn => 'normal wear: turn the adjusting ring clockwise seen from the inspection hole, measure again, lock it',
            TruckLinkage::RingOut => 'over-adjusted: turn the adjusting ring anticlockwise seen from the inspection hole, measure again, '
                .'lock it',
            TruckLinkage::RingThenRod => 'ring and rod are both out: set the ring first, then the external rod, then measure again',
            TruckLinkage::ResetAdjuster => "a self-adjusting clutch is never turned by the ring: reset it by the maker's procedure, or "
                .'it has failed',
            TruckLinkage::Linkage => 'set the external rod until the fork play is right',
            TruckLinkage::ReplaceLinkage => 'replace worn pins and rod ends; do not adjust them away',
            TruckLinkage::StopOrBind => 'too little free pedal with gap and fork right: look at the pedal stop and for a bind before '
                .'anything is turned',
            TruckLinkage::None => 'right: leave it',
        };
    }

    /** @param  Length|null  $foretold  free play; nothing where it cannot be foretold */
    public static function stepNotMeasured(int $step, ?Length $foretold): Said
    {
        return Said::as(__METHOD__, compact('step', 'foretold'), static fn (Display $d): string => "Step {$step} is turned and not "
            .'measured: measure the free play again'.($foretold === null ? '.' : ", {$d->quantity($foretold, 0.5)} is foretold."));
    }

    public static function stepStrayed(int $step, ?Length $foretold, Length $measured): Said
    {
        return Said::as(__METHOD__, compact('step', 'foretold', 'measured'), static fn (Display $d): string => "Step {$step} should have "
            .'left '
            .($foretold === null ? '' : $d->quantity($foretold, 0.5))." of free play, {$d->quantity($measured, 0.5)} is measured: see "
            .'that the right nut turned, the pitch is that of this thread and nothing gives way, before it is turned on.');
    }

    public static function tooManyTurns(float $turns): Said
    {
        return Said::as(__METHOD__, compact('turns'), static fn (Display $d): string => "{$d->number($turns, 1)} turns in one step: no "
            .'more than two, and measure, or something is overstroked before anybody sees it.');
    }

    /** @param  float  $turns  of the rod, longer where above nought */
    public static function nextStep(float $turns, ?Length $foretold): Said
    {
        return Said::as(__METHOD__, compact('turns', 'foretold'), static fn (Display $d): string => 'Next: '.self::turnRod(
            $turns, 'lengthen', 'shorten', $d,
        ).', then measure: '.($foretold === null ? '' : $d->quantity($foretold, 0.5)).' of free play is foretold.');
    }

    public static function pressToTheFloor(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Press slowly to the floor: does the pedal turn firm a second time?');
    }

    public static function set(int $steps, ?Length $freePlay): Said
    {
        return Said::as(__METHOD__, compact('steps', 'freePlay'), static fn (Display $d): string => "Set in {$steps} "
            .''.($steps === 1 ? 'step' : 'steps')
            .', each measured; free play '.($freePlay === null ? '' : $d->quantity($freePlay, 0.5))
            .'. Lock the nuts on both ends, see that the switches still close.');
    }

    public static function brakeMeetsTooEarly(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'the brake meets too early: set the linkage, or it is touched on every '
            .'change');
    }
}
