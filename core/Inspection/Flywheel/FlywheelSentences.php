<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\Doubt;
use Spindle\Vehicle\FlywheelKind;

/** What is said of a flywheel. */
final class FlywheelSentences implements Sentences
{
    private const PLAY = ['flywheel.free_play' => 'Turning free play', 'flywheel.rock' => 'Rock'];

    public static function leastThicknessUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => "The least thickness is the maker's figure only, and none is entered.");
    }

    public static function nothingComesOff(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'No metal has to come off as far as is known; the least thickness is '
            .'asked for as soon as it does.');
    }

    public static function thicknessNotMeasured(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Flywheel thickness not measured.');
    }

    public static function thickness(Verdict $verdict, AsRead $thickness, bool $isAfterCut, Limit $limit, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('verdict', 'thickness', 'isAfterCut', 'limit', 'doubt'), static function (Display $d) use (
            $verdict, $thickness, $isAfterCut, $limit, $doubt,
        ): string {
            $said = $d->read($thickness).($isAfterCut ? ' thick after the cut, ' : ' thick, ').$limit->wording($d);

            return match ($verdict) {
                Verdict::Out => "Replace: {$said}.",
                Verdict::Near => ucfirst($said).'; nothing more can be taken off.'.Doubt::said($doubt, $d),
                default => ucfirst($said).'.',
            };
        });
    }

    public static function roomTooLarge(Length $room): Said
    {
        return Said::as(__METHOD__, compact('room'), static fn (Display $d): string => $d->quantity($room, 0.1)
            .' above the least thickness is more than a maker leaves to cut. A digit slipped, or the figure is for another flywheel?');
    }

    public static function cutMountingAsWell(Length $cut): Said
    {
        return Said::as(__METHOD__, compact('cut'), static fn (Display $d): string => 'Cut the mounting face by '.$d->both($cut, 0.01)
            .' as well, to keep the depth of the pot.');
    }

    public static function facesCutApart(Length $mounting, Length $friction): Said
    {
        return Said::as(__METHOD__, compact('mounting', 'friction'), static fn (Display $d): string => 'The mounting face was cut by '
            .$d->quantity($mounting, 0.01).', the friction face by '.$d->quantity($friction, 0.01)
            .'. The pot is deeper by the difference, which acts like that much lining wear: less clamp load, fingers nearer the gearbox. '
            .'Cut them alike.');
    }

    public static function facesCutAlike(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Mounting face and friction face cut alike.');
    }

    public static function potAsWanted(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The pot has the depth wanted.');
    }

    public static function potDeeper(AsRead $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (Display $d): string => "The pot is {$d->read($by)} deeper than wanted: "
            .'take as much off the mounting face.');
    }

    public static function potShallower(AsRead $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (Display $d): string => "The pot is {$d->read($by)} shallower than wanted: "
            .'the cover clamps harder and the release moves; ask the maker.');
    }

    public static function dualMassMachined(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A dual-mass flywheel is never machined: replace it.');
    }

    /** @param  string  $reading  free play or rock */
    public static function dualMassNotMeasured(string $reading): Said
    {
        return Said::as(__METHOD__, compact('reading'), static fn (): string => self::PLAY[$reading]
            .' of the dual-mass flywheel not measured.');
    }

    public static function dualMassLimitUnknown(string $reading): Said
    {
        return Said::as(__METHOD__, compact('reading'), static fn (): string => self::PLAY[$reading]
            ." of the dual-mass flywheel measured, but the maker's figure is not entered.");
    }

    public static function dualMassPlay(string $reading, AsRead $value, Limit $limit, bool $isOut): Said
    {
        return Said::as(__METHOD__, compact('reading', 'value', 'limit', 'isOut'), static fn (Display $d): string => self::PLAY[$reading]
            ." {$d->read($value)}, {$limit->wording($d)}".($isOut ? ': replace it.' : '.'));
    }

    public static function dualMassThickness(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A dual-mass flywheel is not machined, so its thickness decides nothing.');
    }

    public static function runoutNotMeasured(bool $hasSome): Said
    {
        return Said::as(__METHOD__, compact('hasSome'), static fn (): string => 'Face runout not measured: dial on the face, one full '
            .'turn, end play held to one side.'.($hasSome ? ' Around the clock at least four places.' : ''));
    }

    public static function rockIsItsPurpose(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A dual-mass flywheel rocks by its purpose: a dial on its face decides '
            .'nothing; its free play and rock do.');
    }

    /** @param  list<string>  $missing  clock positions between which nothing was read */
    public static function sweepHasGaps(AsRead $soFar, array $missing): Said
    {
        return Said::as(__METHOD__, compact('soFar', 'missing'), static fn (Display $d): string => "So far {$d->read($soFar)} between the "
            .'places read: a sweep leaves no more than a quarter of a turn out. Read '.implode(' and ', $missing)." o'clock too.");
    }

    public static function runoutLimitUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Face runout is measured, but its limit follows the diameter the dial '
            .'runs on.');
    }

    public static function runout(FaceRemedy $remedy, AsRead $runout, Limit $limit, ?TiltAndWave $parts): Said
    {
        return Said::as(__METHOD__, compact('remedy', 'runout', 'limit', 'parts'), static function (Display $d) use (
            $remedy, $runout, $limit, $parts,
        ): string {
            $apart = $parts === null ? '' : ' Of it '.$d->quantity($parts->tilt, $runout->step)
                ." tilt, high at {$parts->highSide} o'clock; without it a wave of ".$d->quantity($parts->wave, $runout->step).'.';

            return self::ofFace($remedy, "{$d->read($runout)} face runout, {$limit->wording($d)}", ' with the end play held').$apart;
        });
    }

    public static function flatness(FaceRemedy $remedy, AsRead $flatness, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('remedy', 'flatness', 'limit'), static fn (Display $d): string => self::ofFace(
            $remedy, "{$d->read($flatness)} dish or step, {$limit->wording($d)}",
        ));
    }

    private static function ofFace(FaceRemedy $remedy, string $said, string $how = ''): string
    {
        return match ($remedy) {
            FaceRemedy::Replace => "Replace: {$said}.",
            FaceRemedy::CleanTheSeat => "Clean the seat and measure again: {$said}.",
            FaceRemedy::Grind => "Grind: {$said}.",
            FaceRemedy::MeasureAgain => ucfirst($said)."; measure again{$how}.",
            FaceRemedy::Nothing => ucfirst($said).'.',
        };
    }

    public static function flatnessNotMeasured(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Flatness not measured: straight-edge and feeler, three directions.');
    }

    public static function dialRunsElsewhere(Length $on, Length $outer): Said
    {
        return Said::as(__METHOD__, compact('on', 'outer'), static fn (Display $d): string => 'The dial is said to run on '
            .$d->quantity($on, 1.0).' of a face that is '.$d->quantity($outer, 1.0)
            .' across: one of the two is not so, and the limit follows the first.');
    }

    public static function grindOrReplace(?Length $needed): Said
    {
        return Said::as(__METHOD__, compact('needed'), static fn (Display $d): string => 'Metal has to come off the face'
            .($needed === null ? '' : ', at least '.$d->quantity($needed, 0.01))
            .": grind it or replace it, by the maker's least thickness, which is not known here.");
    }

    public static function decided(FlywheelDecision $decision, FlywheelKind $kind, CutCase $cut): Said
    {
        return Said::as(__METHOD__, compact('decision', 'kind', 'cut'), static fn (
            Display $d,
        ): string => self::instruction($decision, $kind)
            .match ($decision) {
                FlywheelDecision::Replace => self::whyReplaced($cut, $d),
                FlywheelDecision::Grind, FlywheelDecision::Turn => self::howDeep($cut, $d),
                default => '',
            }
            .($cut->cut === null ? '' : ' '.self::whereItLeads($cut->cut, $d)));
    }

    public static function cutLeadsOn(Length $cut): Said
    {
        return Said::as(__METHOD__, compact('cut'), static fn (Display $d): string => self::whereItLeads($cut, $d));
    }

    private static function whereItLeads(Length $cut, Display $d): string
    {
        return "The cut of {$d->both($cut, 0.01)} moves the clutch towards the engine and opens the release clearance by as much; set it "
            .'again.';
    }

    public static function instruction(FlywheelDecision $decision, FlywheelKind $kind): string
    {
        $pot = $kind === FlywheelKind::Pot ? ' Cut the mounting face by the same amount, to keep the depth of the pot.' : '';

        return match ($decision) {
            FlywheelDecision::Scuff => 'Scuff the flywheel with an abrasive pad and degrease it.',
            FlywheelDecision::Reseat => 'The face is flat but stands askew: take the flywheel off, clean its seat and the flange, look '
                .'for a burr, tighten crosswise and read the dial again before anything is ground.',
            FlywheelDecision::Grind => 'Grind the flywheel: pull the dowels first, fit new ones after.'.$pot,
            FlywheelDecision::Turn => 'A light cut on the lathe will do on a soft face without marks: pull the dowels first, fit new '
                .'ones after.'.$pot,
            FlywheelDecision::Replace => $kind === FlywheelKind::DualMass
                ? 'Replace the dual-mass flywheel; it is never machined. Convert only with a disc that has its own damper.'
                : 'Replace the flywheel.',
            FlywheelDecision::KeepDualMass => 'Keep the dual-mass flywheel; clean its face, it is never machined.',
        };
    }

    /** Why there is no room for a cut; a sentence of its own, empty where that is not why. */
    private static function whyReplaced(CutCase $cut, Display $d): string
    {
        $say = static fn (?Length $length): string => $length === null ? '' : $d->quantity($length, 0.01);

        return match (true) {
            $cut->isWithoutRoom() => " It is at the maker's least thickness".($cut->needed === null ? ' already.'
                : "; it needs a cut of at least {$say($cut->needed)}, and nothing may come off."),
            $cut->isTooTight() => " It needs a cut of at least {$say($cut->needed)}, and only {$say($cut->room)} may come off.",
            $cut->needed === null && $cut->isCrackUnmeasured => ' Only a crack whose depth is measured may be cut away.',
            default => '',
        };
    }

    /** How deep the cut has to be and may be, a cut entered that is too small, and a score nobody measured. */
    private static function howDeep(CutCase $cut, Display $d): string
    {
        if ($cut->room === null) {
            return '';
        }

        return ' At most '.$d->both($cut->room, 0.01).' may come off'
            .($cut->needed === null ? '.' : ', at least '.$d->quantity($cut->needed, 0.01).' has to.')
            .($cut->isCutShort() && $cut->cut !== null ? ' The cut entered, '.$d->quantity($cut->cut, 0.01).', is less.' : '')
            .($cut->isScoreUnmeasured ? ' Measure how deep the scoring is; the cut has to go as deep.' : '');
    }
}
