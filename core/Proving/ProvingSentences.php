<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Release\Adjuster;

/** What is said of the proof on the vehicle, and of what to do when a test fails. */
final class ProvingSentences implements Sentences
{
    /** How the driver treats the clutch. */
    private const DRIVER = [
        'noFootOnThePedal' => 'No foot rests on the pedal while driving.',
        'neutralAtTheLights' => 'At the lights: neutral, and the pedal up.',
        'holdByTheBrake' => 'Hold a hill by the brake, never by the clutch.',
        'noClutchBrakeRolling' => 'Never touch the clutch brake while it rolls: the last inch of pedal is for standing still.',
        'trailerCostsHeat' => 'A heavy trailer costs a clutch several times the heat of a start without it: lowest gear, few revs, no '
            .'holding on the hill.',
        'waitForTheTakeOff' => 'Press all the way and wait a moment before the take-off is switched.',
        'startGently' => 'The first kilometres start gently: this lining bites harder than the old one until it is run in.',
    ];

    public static function driver(string $advice): Said
    {
        return Said::as(__METHOD__, compact('advice'), static fn (): string => self::DRIVER[$advice]);
    }

    public static function nothingTried(string $why): Said
    {
        return Said::as(__METHOD__, compact('why'), static fn (): string => "Nothing was tried on the vehicle; {$why}");
    }

    private static function test(Test $test, int $round): string
    {
        return $test->label().($round > 1 ? ", round {$round}" : '').': ';
    }

    public static function notTried(Test $test, int $round): Said
    {
        return Said::as(__METHOD__, compact('test', 'round'), static fn (): string => self::test($test, $round)
            .($round > 1 ? 'to be tried again.' : 'not tried.'));
    }

    /** @param  string  $why  what was said and is no reason; empty where nothing was */
    public static function notDoneWithoutWhy(Test $test, int $round, string $why): Said
    {
        return Said::as(__METHOD__, compact('test', 'round', 'why'), static fn (): string => self::test($test, $round).'not done, and '
            .($why === '' ? 'why is not said.' : "“{$why}” says nothing of why."));
    }

    public static function notDone(Test $test, int $round, string $why): Said
    {
        return Said::as(__METHOD__, compact('test', 'round', 'why'), static fn (): string => self::test($test, $round)."not done; {$why}");
    }

    public static function failed(Test $test, int $round, string $felt, Said $cure): Said
    {
        return Said::as(__METHOD__, compact('test', 'round', 'felt', 'cure'), static fn (
            Display $d,
        ): string => self::test($test, $round).'failed'
            .($felt === '' ? '' : " ({$felt})").". {$cure->in($d)}");
    }

    public static function passed(Test $test, int $round, string $felt): Said
    {
        return Said::as(__METHOD__, compact('test', 'round', 'felt'), static fn (): string => self::test($test, $round).'passed'
            .($felt === '' ? '.' : "; {$felt}."));
    }

    public static function takeUpPlaceUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Take-up measured, but its place in the travel cannot be told');
    }

    /**
     * @param  Ratio|null  $wish  the driver's; nothing where the usual limits count
     * @param  Said|null  $cure  nothing where it is right
     */
    public static function takeUp(Length $height, Ratio $share, ?Ratio $wish, Limit $limit, ?Said $cure): Said
    {
        return Said::as(__METHOD__, compact('height', 'share', 'wish', 'limit', 'cure'), static fn (Display $d): string => 'It takes '
            .'up '
            .$d->both($height, 1.0).' from the floor, '.$d->percent($share->value).' of the travel, '
            .($wish === null ? $limit->wording($d) : $d->percent($wish->value).' wanted')
            .($cure === null ? '.' : ". {$cure->in($d)}"));
    }

    public static function asForetold(Ratio $foretold, Ratio $measured, bool $isAs): Said
    {
        return Said::as(__METHOD__, compact('foretold', 'measured', 'isAs'), static fn (Display $d): string => 'Set foretold a take-up '
            .$d->percent($foretold->value).' above the floor, '.$d->percent($measured->value).' is measured'.match (true) {
                $isAs => '.',
                $measured->value < $foretold->value => ': less arrives at the plate than was reckoned; look for air, lost motion, a '
                    .'ratio that is not so.',
                default => ': more arrives than was reckoned; a ratio, a bore or the free play is not as entered.',
            });
    }

    /** @param  Quantity|null  $first  after which a new lining is looked at, as a rule */
    public static function recheckNotSaid(?Quantity $first): Said
    {
        return Said::as(__METHOD__, compact('first'), static fn (Display $d): string => 'When it is looked at again is not said'
            .($first === null ? '.' : ": after running-in, as a rule {$d->quantity($first, 1.0)}."));
    }

    public static function recheckBeforePromise(string $on, string $promised): Said
    {
        return Said::as(__METHOD__, compact('on', 'promised'), static fn (): string => "The next look is said to be on {$on}, before the "
            ."vehicle is promised, {$promised}: one of the two days is a slip of the pen.");
    }

    public static function recheck(NextLook $look): Said
    {
        return Said::as(__METHOD__, compact('look'), static fn (Display $d): string => 'Looked at again '
            .($look->on === null ? '' : "on {$look->on}").($look->on === null || $look->after === null ? '' : ', or ')
            .($look->after === null ? '' : 'after '.$d->quantity($look->after, 1.0)).match (true) {
                $look->wornOut !== null => ': later than the release follows the wear, '.$d->read($look->wornOut)
                    .' at the rate of the last lining.',
                $look->isOdd => ': usual is '.$d->quantity($look->least, 1.0).' to '.$d->quantity($look->most, 1.0)
                    .($look->isNewLining ? ' after a new lining.' : '.'),
                $look->after === null => ': how far it goes until then is not said; usual is '.$d->quantity($look->least, 1.0).' to '
                    .$d->quantity($look->most, 1.0).($look->isNewLining ? ' after a new lining.' : '.'),
                default => '.',
            });
    }

    public static function setTakeUp(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Measure from the floor where it takes up: which way anything is turned '
            .'follows from that.');
    }

    public static function highOfWear(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'It bites high because the lining is worn: a new clutch, not the screw.');
    }

    /** @param  Length  $least  free play that stays */
    public static function bitesLow(float $turns, Adjuster $by, Length $least): Said
    {
        return Said::as(__METHOD__, compact('turns', 'by', 'least'), static fn (Display $d): string => 'It bites low and wants less '
            .'free play: '.$by->turned($turns, $d, 0).", measure, and try again; at least {$d->quantity($least, 0.5)} "
            .'of free play stays.');
    }

    public static function bitesHigh(float $turns, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('turns', 'by'), static fn (Display $d): string => 'It bites high and wants more free '
            .'play: '.$by->turned(-$turns, $d, 0).', measure, and try again: it still has to let go.');
    }

    public static function heightThenSwitches(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Pedal height and upper switch first, then the lower stop, then the '
            .'switches again.');
    }

    public static function measureTruckAgain(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Measure brake, bearing gap, fork play and free pedal again; the case '
            .'read from them says what to turn.');
    }

    public static function travelStage(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The travel stage: its levers and its adjusting bolts, by the air gap of '
            .'the travel disc where the second stage begins. The stop bolt stays.');
    }

    public static function takeOffStage(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The take-off stage: its adjusting bolts, even and crosswise; then the '
            .'stop bolt, by the air gap of the take-off disc at the full pedal. The travel stage stays.');
    }

    public static function whichStage(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Say which of the two stages does not let go: each is cured at itself.');
    }

    public static function synchroniserOfFirst(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'First grinds while reverse stays quiet: the clutch lets go. It is the '
            .'synchroniser of first, in the gearbox; nothing is set here.');
    }

    public static function notTheStroke(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The air gap was measured and is enough: more stroke cures nothing. Pilot, '
            .'hub on its splines, disc that runs out, gearbox.');
    }

    public static function turnTheRing(Length $forkPlay): Said
    {
        return Said::as(__METHOD__, compact('forkPlay'), static fn (Display $d): string => "There is {$d->quantity($forkPlay, 0.5)} of "
            .'play at the fork: the bearing holds the clutch off. The adjusting ring, not the engine: measure brake, gap and play, and '
            .'turn it by what they say.');
    }

    public static function measureForkPlay(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Measure the play at the fork first: without it the bearing holds the '
            .'clutch off, whatever the engine gives.');
    }

    public static function findTheWetPlace(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Find the wet place, replace what leaks, bleed, and prove it by the '
            .'blocked slave.');
    }

    public static function whatWasSeenOpen(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Oil or grease on the lining, the face of the flywheel, fingers bolted '
            .'down, mounts: what was seen when it was open says which.');
    }

    public static function brakeGapAndPedal(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Clutch brake, bearing gap and free pedal first: measured again they say '
            .'what to turn.');
    }

    public static function cableAdjustsItself(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The cable adjusts itself: look at its ratchet, its outer and the '
            .'bulkhead.');
    }

    public static function bleedingNotProved(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The bleeding was never proved: block the slave and press before '
            .'anything is turned.');
    }

    public static function twoTurnsAndMeasure(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Two turns more stroke, measure the free play, and try again.');
    }

    public static function noPlayToGive(Length $least): Said
    {
        return Said::as(__METHOD__, compact('least'), static fn (Display $d): string => 'No free play is left to give, at least '
            ."{$d->quantity($least, 0.5)} stays: look for lost motion and air, then at the bores.");
    }

    public static function bearingTooFar(Length $then, Length $most): Said
    {
        return Said::as(__METHOD__, compact('then', 'most'), static fn (Display $d): string => 'Two turns more would drive the bearing '
            ."{$d->quantity($then, 0.1)}, and the cover takes {$d->quantity($most, 0.1)}: no more stroke. Look for lost motion and air.");
    }

    public static function moreStroke(float $turns, Length $freePlay, Length $bearing, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('turns', 'freePlay', 'bearing', 'by'), static fn (Display $d): string => ucfirst(
            $by->turned($turns, $d, 0),
        ).": free play comes to {$d->quantity($freePlay, 0.5)}, the bearing goes "
            ."{$d->quantity($bearing, 0.1)}. Measure, see that the pedal does not turn firm again, and try once more.");
    }

    /** @param  Length|null  $stop  from the top */
    public static function tooMuchStroke(?Length $stop): Said
    {
        return Said::as(__METHOD__, compact('stop'), static fn (Display $d): string => 'Too much stroke: set the stop'
            .($stop === null ? '' : " at {$d->quantity($stop, 1.0)} from the top").'.');
    }

    public static function softSeeTheAir(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Soft: block the slave and see what air is left.');
    }

    public static function freeTheLinkage(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Pivots, cable and linkage: free through all their travel, greased, '
            .'square.');
    }

    public static function givePlay(Length $freePlay, Adjuster $by): Said
    {
        return Said::as(__METHOD__, compact('freePlay', 'by'), static fn (
            Display $d,
        ): string => "There is {$d->quantity($freePlay, 0.5)} of free play: the bearing may be holding the cover. "
            .ucfirst($by->way(-1.0)).' first.');
    }

    public static function compareWithTheEngine(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Compare what the clutch carries with what the engine gives; oil on the '
            .'lining, or a fork that does not come back.');
    }
}
