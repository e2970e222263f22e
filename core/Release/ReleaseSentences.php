<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Doubt;

/** What is said of the release, from the pedal to the pressure plate. */
final class ReleaseSentences implements Sentences
{
    public static function chainUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The release chain cannot be worked out');
    }

    public static function gapHalfMeasured(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The air gap is known only with both sides of a disc at the same '
            .'places, of every disc: one side alone, or one disc of two, tells nothing.');
    }

    public static function gapMeasured(Length $gap, Limit $limit, Verdict $verdict, bool $isMuch, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('gap', 'limit', 'verdict', 'isMuch', 'doubt'), static fn (Display $d): string => 'Measured, '
            ."each face has {$d->both($gap, 0.01)} of air fully released, {$limit->wording($d)}".match (true) {
                $verdict === Verdict::Out => ': it will drag.',
                $isMuch => ': more than it needs. Set the stop.',
                default => '.',
            }.Doubt::said($doubt, $d));
    }

    public static function chainAgrees(Length $worked): Said
    {
        return Said::as(__METHOD__, compact('worked'), static fn (Display $d): string => 'Worked out from the chain it would be '
            ."{$d->quantity($worked, 0.01)}, which agrees.");
    }

    public static function gapLessThanChain(Length $worked, Length $by, Length $atBearing): Said
    {
        return Said::as(__METHOD__, compact('worked', 'by', 'atBearing'), static fn (Display $d): string => 'Worked out from the chain '
            ."it would be {$d->quantity($worked, 0.01)}; measured it is {$d->quantity($by, 0.01)} less, {$d->quantity($atBearing, 0.1)} "
            .'at the bearing. Motion is lost on the way, or a ratio, a bore or the cushion is not as entered: measure the lost motion. '
            .'What was measured counts.');
    }

    public static function gapMoreThanChain(Length $worked, Length $by): Said
    {
        return Said::as(__METHOD__, compact('worked', 'by'), static fn (Display $d): string => 'Worked out from the chain it would be '
            ."{$d->quantity($worked, 0.01)}; measured it is {$d->quantity($by, 0.01)} more. A ratio, a bore or the cushion is not as "
            .'entered. What was measured counts.');
    }

    public static function airGap(AirGapCase $case): Said
    {
        return Said::as(__METHOD__, compact('case'), static fn (Display $d): string => 'Fully released each face has '
            ."{$d->both($case->gap, 0.01)} of air, {$case->limit->wording($d)}".match (true) {
                $case->verdict === Verdict::Out => ': it will drag.',
                $case->overtravel !== null => ": more than it needs; the bearing travels {$d->quantity($case->overtravel, 0.1)} for it "
                    .'and overworks the fingers. Set the stop.',
                default => '.',
            }.Doubt::said($case->doubt, $d).($case->least === null ? '' : ' '.ucfirst(implode(', ', $case->blank))
                ." not entered; with what is usual the gap comes down to {$d->quantity($case->least, 0.01)}."
                .($case->lossesDecide ? ' Enter them, or measure the gap.' : '')));
    }

    public static function neverFree(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The pedal reaches the floor before the disc is free: the clutch drags.');
    }

    public static function takeUp(Ratio $takeUp, Limit $limit, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('takeUp', 'limit', 'doubt'), static fn (
            Display $d,
        ): string => "Take-up {$limit->writeShare($takeUp, $d)} above the floor, {$limit->wording($d)}".match (true) {
            $limit->min !== null && $takeUp->value < $limit->min->value => ': bites low; less free play or more stroke, two turns at a '
                .'time.',
            $limit->max !== null && $takeUp->value > $limit->max->value => ': bites high; more free play or less stroke, two turns at a '
                .'time.',
            default => '.',
        }.Doubt::said($doubt, $d));
    }

    public static function takeUpAsWished(Ratio $takeUp, Ratio $wish): Said
    {
        return Said::as(__METHOD__, compact('takeUp', 'wish'), static fn (
            Display $d,
        ): string => "Take-up {$d->percent($takeUp->value)} above the floor, as the driver wants it ({$d->percent($wish->value)}).");
    }

    public static function takeUpByLosses(Ratio $takeUp, Ratio $lossy, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('takeUp', 'lossy', 'limit'), static fn (
            Display $d,
        ): string => "Take-up {$limit->writeShare($takeUp, $d)} above the floor, {$limit->wording($d)}; with the usual losses of hose, "
            ."cable and cover {$limit->writeShare($lossy, $d)}. Measure it on the vehicle, or enter the losses.");
    }

    public static function mostTravelUnknown(Length $travel): Said
    {
        return Said::as(__METHOD__, compact('travel'), static fn (Display $d): string => "The bearing travels {$d->both($travel, 0.01)} "
            ."at the floor; the cover's greatest travel is the maker's figure and is not entered.");
    }

    public static function travel(Length $travel, Length $most, Verdict $verdict, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('travel', 'most', 'verdict', 'doubt'), static fn (Display $d): string => 'The bearing '
            ."travels {$d->both($travel, 0.01)} at the floor; the cover takes {$d->quantity($most, 0.01)}".match (true) {
                $verdict === Verdict::Out => ': set the pedal stop, or fingers and straps break.',
                $doubt !== null => '.'.Doubt::said($doubt, $d),
                $verdict === Verdict::Near => ': less than a tenth in hand; set the pedal stop.',
                default => '.',
            });
    }

    public static function force(Force $force, Limit $limit, Verdict $verdict): Said
    {
        return Said::as(__METHOD__, compact('force', 'limit', 'verdict'), static fn (
            Display $d,
        ): string => self::forceAtPad($force, $limit, $d)
            .match ($verdict) {
                Verdict::Out => ': too heavy.',
                Verdict::Near => ", {$limit->watching($force, $d)}: heavy.",
                default => '.',
            });
    }

    public static function motionGained(Length $gained, Length $should): Said
    {
        return Said::as(__METHOD__, compact('gained', 'should'), static fn (Display $d): string => 'The end of the fork moves '
            ."{$d->quantity($gained, 0.1)} more than the {$d->quantity($should, 0.1)} that ratios and bores give: one of them is wrong, or "
            .'another press was measured. Find it before anything is set by them.');
    }

    public static function forceBehindBooster(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'With air helping the foot the pedal force is measured at the pad, never '
            .'worked out.');
    }

    public static function forceMeasured(Force $force, Limit $limit, Verdict $verdict): Said
    {
        return Said::as(__METHOD__, compact('force', 'limit', 'verdict'), static fn (Display $d): string => 'Measured at the pad: '
            .self::forceAtPad($force, $limit, $d).match ($verdict) {
                Verdict::Out => ': too heavy.',
                Verdict::Near => ", {$limit->watching($force, $d)}: heavy.",
                default => '.',
            });
    }

    /** @param  Force  $light  with a well greased chain, as $heavy is with a stiff one */
    public static function forceByUsualLosses(Force $force, Limit $limit, Force $light, Force $heavy): Said
    {
        return Said::as(__METHOD__, compact('force', 'limit', 'light', 'heavy'), static fn (Display $d): string => self::forceAtPad(
            $force, $limit, $d,
        )."; between {$d->quantity($light, 1.0)} and {$d->quantity($heavy, 1.0)} with the usual losses. Enter the efficiency, or weigh "
            .'the pedal.');
    }

    private static function forceAtPad(Force $force, Limit $limit, Display $d): string
    {
        return "The pedal takes {$d->both($force, 1.0)} at the pad, {$limit->wording($d)}";
    }

    public static function nothingUsedUp(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Cover or cable adjusts itself; nothing is used up as the lining wears.');
    }

    public static function budgetNeedsFingerRatio(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'How much wear the release follows needs the finger ratio: move the '
            .'fingers a known amount and measure the plate.');
    }

    public static function budgetLiningUnknown(Length $budget): Said
    {
        return Said::as(__METHOD__, compact('budget'), static fn (Display $d): string => "The release follows {$d->both($budget, 0.01)} "
            .'of lining wear; the usable lining is not known.');
    }

    public static function budgetTooSmall(Length $budget, UsedUp $then): Said
    {
        return Said::as(__METHOD__, compact('budget', 'then'), static fn (Display $d): string => 'The release follows only '
            ."{$d->both($budget, 0.01)} of lining wear; then ".self::usedUp($then).'.');
    }

    /** @param  Quantity|null  $when  distance or time at the rate of the last lining; nothing where no rate is known */
    public static function budgetEndsBefore(Length $budget, UsedUp $then, ?Quantity $when): Said
    {
        return Said::as(__METHOD__, compact('budget', 'then', 'when'), static fn (Display $d): string => "After {$d->both($budget, 0.1)} "
            .'of lining wear'.($when === null ? '' : ', at the rate of the last one about '
            ."{$d->quantity($when, 1000.0)},").' '.self::usedUp($then)
            .'. Measure or adjust again before; set the next check no later.');
    }

    /** @param  Quantity|null  $when  distance or time at the rate of the last lining; nothing where no rate is known */
    public static function setAgainThen(Length $budget, UsedUp $then, ?Quantity $when): Said
    {
        return Said::as(__METHOD__, compact('budget', 'then', 'when'), static fn (Display $d): string => "After {$d->both($budget, 0.01)} "
            .'of lining wear'.($when === null ? '' : ', at the rate of the last one about '.$d->quantity($when, 1000.0).',').' '
            .self::usedUp($then).'. That is usual; the next look comes before.');
    }

    public static function budgetLasts(Length $budget): Said
    {
        return Said::as(__METHOD__, compact('budget'), static fn (Display $d): string => "The release follows {$d->both($budget, 0.01)} "
            .'of lining wear, as long as the lining lasts.');
    }

    private static function usedUp(UsedUp $then): string
    {
        return match ($then) {
            UsedUp::PistonBottoms => 'the fingers rest on a bottomed piston and the clutch slips',
            UsedUp::SlaveBottoms => 'the slave bottoms and the clutch slips',
            UsedUp::FreePlayGone => 'the free play is gone: adjust again, or the clutch slips',
            UsedUp::ForkPlayGone => 'the fork play is gone: turn the ring again, or the clutch slips',
        };
    }

    /** @param  ShiftedTips  $tips  where the finger tips stand now, against the old clutch */
    public static function fingersShifted(ShiftedTips $tips): Said
    {
        return Said::as(__METHOD__, compact('tips'), static fn (Display $d): string => ($tips->isUnseen
            ? 'The finger tips stand where they stood with the old clutch'
            : "The finger tips stand {$d->quantity(Length::mm(abs($tips->shift->value)), 0.1)} "
                .($tips->shift->value > 0.0 ? 'nearer the gearbox' : 'nearer the engine').' than with the old clutch'
                .($tips->atFork === null ? '' : ", at the end of the fork {$d->quantity(Length::mm(abs($tips->atFork->value)), 0.1)}"))
            .match (true) {
                $tips->isMeasured => '; measured since.',
                $tips->isSmall => '.',
                default => ': the clearance '.($tips->shift->value > 0.0 ? 'shrinks' : 'grows')
                    .' by as much. Set rod, cable or shims anew and measure.',
            });
    }

    public static function lostMotionUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Lost motion cannot be told');
    }

    /** @param  Length|null  $atDisc  less lift; nothing where the ratios are not known */
    public static function lostMotion(Length $lost, Length $should, ?Length $atDisc, bool $isWithin, bool $isHydraulic): Said
    {
        return Said::as(__METHOD__, compact('lost', 'should', 'atDisc', 'isWithin', 'isHydraulic'), static fn (
            Display $d,
        ): string => "At the end of the fork {$d->both($lost, 0.1)} of {$d->quantity($should, 0.1)} are lost, "
            .$d->percent(max(0.0, $lost->ratioTo($should)->value))
            .($atDisc === null ? '' : ": {$d->quantity($atDisc, 0.01)} less lift at the disc").($isWithin ? '.'
                : '. Look, with a helper at the pedal, at '.($isHydraulic
                    ? 'the bulkhead and the bracket of the master, then for hose swelling and air'
                    : 'the bulkhead, the brackets and the outer cable, then at the pivots').'.'));
    }
}
