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

    /** At the slave's rod the clearance at the bearing is set. */
    public static function slaveRod(AsRead $clearance, Length $target, Angle $turns): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'target', 'turns'), static fn (Display $d): string => 'Clearance at the bearing '
            ."{$d->readBoth($clearance)}, wanted {$d->quantity($target, 0.01)}: "
            .(abs($turns->value) < 0.05 ? 'leave the slave’s rod.' : ($turns->value > 0.0 ? 'lengthen' : 'shorten').' the slave’s rod by '
                ."{$d->number(abs($turns->value), 1)} turns, lock it, measure again. The play at the master is set by the pedal’s own "
                .'pushrod.'));
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
    public static function freePlay(AsRead $play, Limit $limit, ?Length $doubt, ?Angle $turns, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('play', 'limit', 'doubt', 'turns', 'by'), static fn (Display $d): string => 'Free play '
            ."{$d->readBoth($play)}, {$limit->wording($d)}.".($doubt === null ? '' : ' It is known to ± '
            ."{$d->quantity($doubt, 10 ** floor(log10($doubt->value)))}, and the edge is "
            .'nearer.').($turns === null ? '' : ' '.ucfirst($by->turned($turns->value, $d))
                .', lock it, measure again.'));
    }

    /**
     * @param  list<AsRead>  $found  empty where nobody measured
     * @param  list<AsRead>  $left  empty where it was set and not measured since
     * @param  string  $what  was turned, moved or put in, as a file calls it
     * @param  list<AsRead>  $steps  of it, one after the other
     */
    public static function wasSet(string $name, array $found, array $left, string $what, array $steps): Said
    {
        return Said::as(__METHOD__, compact('name', 'found', 'left', 'what', 'steps'), static function (Display $d) use (
            $name, $found, $left, $what, $steps,
        ): string {
            $before = $found === [] ? 'not measured as found' : self::all($found, $d);
            $by = $steps === [] ? '' : ' '.self::by($what, $steps, $d);

            return "{$name}: {$before}, set".($left === [] ? "{$by} and not measured since." : ' to '.self::all($left, $d)."{$by}.");
        });
    }

    public static function stagesUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The chains of both stages cannot be worked out');
    }

    /** @param  string  $stage  travel or take_off */
    public static function stageGap(string $stage, Length $worked, ?Length $measured, Limit $limit, Verdict $verdict): Said
    {
        return Said::as(__METHOD__, compact('stage', 'worked', 'measured', 'limit', 'verdict'), static function (Display $d) use (
            $stage, $worked, $measured, $limit, $verdict,
        ): string {
            $isTravel = $stage === 'travel';
            $at = $isTravel ? 'Travel disc, where the second stage begins' : 'Take-off disc, at the stop';
            $said = "{$at}: the chain gives {$d->both($worked, 0.01)} of air a face";
            if ($measured !== null) {
                return "{$said}, ".($verdict === Verdict::Within ? "as measured ({$d->quantity($measured, 0.01)})."
                    : "{$d->quantity($measured, 0.01)} is measured. What is measured counts: look for a ratio or a travel that is not so.");
            }

            return "{$said}, {$limit->wording($d)}".match (true) {
                $verdict === Verdict::Within => '.',
                $isTravel => ': the travel disc drags; the first stage and where the second begins decide that, not the stop bolt.',
                default => ': the take-off disc drags; set the bolts of its stage, then the stop bolt by its air.',
            };
        });
    }

    public static function wordWasSet(string $name, string $found, string $left): Said
    {
        return Said::as(__METHOD__, compact('name', 'found', 'left'), static fn (): string => "{$name}: {$found} as found, "
            ."{$left} as left.");
    }

    /** @param  list<AsRead>  $all */
    private static function all(array $all, Display $d): string
    {
        return implode(' · ', array_map(static fn (AsRead $r): string => $d->read($r), $all));
    }

    /** @param  non-empty-list<AsRead>  $steps */
    private static function by(string $what, array $steps, Display $d): string
    {
        $amounts = array_map(static fn (AsRead $s): float => $s->value->value, $steps);
        $sum = array_sum($amounts);

        return match ($what) {
            'shims' => $sum > 0.0 ? 'with shims '.str_replace(' · ', ' + ', self::all($steps, $d)) : 'without a shim',
            'ring' => self::turned($amounts, 0, abs($sum) === 1.0 ? 'notch' : 'notches', $d)
                .($sum < 0.0 ? ' anticlockwise' : ' clockwise'),
            'linkage' => self::turned($amounts, 1, 'turns of the outer rod', $d).($sum < 0.0 ? ', shorter' : ', longer'),
            // Each bolt has its own.
            'stage_bolts' => 'by '.implode(' · ', array_map(static fn (float $a): string => $d->number($a, 1), $amounts)).' turns',
            default => self::turned($amounts, 1, abs($sum) === 1.0 ? 'turn' : 'turns', $d),
        };
    }

    /** @param  non-empty-list<float>  $amounts  one after the other */
    private static function turned(array $amounts, int $decimals, string $unit, Display $d): string
    {
        $said = static fn (float $a): string => $d->number($a, $decimals);

        return 'by '.$said(abs(array_sum($amounts)))." {$unit}".(count($amounts) === 1 ? ''
            : ' in '.count($amounts).' steps ('.implode(', ', array_map($said, $amounts)).')');
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

    /** The wish would take free play below its least: as near as that allows. */
    public static function nearestToWish(Ratio $wanted, ?Ratio $now, Length $least, ?Angle $turns, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('wanted', 'now', 'least', 'turns', 'by'), static fn (
            Display $d,
        ): string => self::takeUpWanted($wanted, $now, $d)
            .": that would take free play below its least, {$d->quantity($least, 0.5)}"
            .($turns === null ? '. No nearer than that.' : '; no nearer than that: '.$by->turned($turns->value, $d).'.')
            .' It wants more stroke, not less play.');
    }

    public static function turnForTakeUp(Ratio $wanted, ?Ratio $now, Angle $turns, Length $freePlay, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('wanted', 'now', 'turns', 'freePlay', 'by'), static fn (
            Display $d,
        ): string => self::takeUpWanted(
            $wanted, $now, $d,
        ).': '.$by->turned($turns->value, $d)
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

    /**
     * @param  list<AsRead>  $read  gap to the brake, play at the fork, free pedal
     * @param  int|null  $notches  of the ring; nothing where none is to be turned
     * @param  string  $again  the one reading that is to be taken again; empty where none is
     * @param  string  $with  what reads it better
     */
    public static function truck(TruckLinkage $action, array $read, ?int $notches, string $again, string $with): Said
    {
        return Said::as(__METHOD__, compact('action', 'read', 'notches', 'again', 'with'), static function (Display $d) use (
            $action, $read, $notches, $again, $with,
        ): string {
            $named = ['truck.bearing_gap' => 'gap to the brake', 'truck.fork_play' => 'play at the fork'][$again] ?? 'free pedal';

            return "{$d->readBoth($read[0])} to the brake, {$d->readBoth($read[1])} at the fork, {$d->readBoth($read[2])} free pedal: "
                .($again === '' ? self::instruction($action) : "the {$named} is too near to the edge of its band to tell; take it again "
                    ."with a {$with} before anything is turned").'.'
                .match ($notches ?? 0) {
                    0 => '',
                    1 => ' About one notch.',
                    default => " About {$notches} notches.",
                };
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
    public static function nextStep(float $turns, ?Length $foretold, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('turns', 'foretold', 'by'), static fn (Display $d): string => 'Next: '
            .$by->turned($turns, $d).', then measure: '.($foretold === null ? '' : $d->quantity($foretold, 0.5))
            .' of free play is foretold.');
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

    public static function brakeNeverMeets(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The clutch brake does not meet before the pedal is on the floor: nothing '
            .'stops the input shaft, and first and reverse grind. Its facings, then gap and free pedal.');
    }

    public static function brakeMeetsTooEarly(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'the brake meets too early: set the linkage, or it is touched on every '
            .'change');
    }
}
