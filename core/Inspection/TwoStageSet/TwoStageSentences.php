<?php

declare(strict_types=1);

namespace Spindle\Inspection\TwoStageSet;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Ratio;

/** What is said of a two-stage set. */
final class TwoStageSentences implements Sentences
{
    public static function leverHeights(AsRead $spread): Said
    {
        return Said::as(__METHOD__, compact('spread'), static fn (Display $d): string => "Lever heights, spread {$d->read($spread)}");
    }

    /** @param  int  $lowest  the number of the lowest among those measured */
    public static function setLeversAlike(int $lowest): Said
    {
        return Said::as(__METHOD__, compact('lowest'), static fn (): string => "set them alike. Number {$lowest} of those measured "
            .'stands lowest; where one stands apart from the rest look for a broken pivot lug or pressure plate, and find the piece in '
            .'the housing before the engine is started');
    }

    /**
     * @param  list<AsRead>  $gaps  of the bolts in their order
     * @param  array<int, float>|null  $turns  of each bolt that is to be turned, by its number; nothing where the pitch is not known
     * @param  list<int>  $order  in which they are turned
     */
    public static function bolts(array $gaps, Limit $limit, ?array $turns, array $order, Verdict $verdict): Said
    {
        return Said::as(__METHOD__, compact('gaps', 'limit', 'turns', 'order', 'verdict'), static function (Display $d) use (
            $gaps, $limit, $turns, $order, $verdict,
        ): string {
            $said = 'Bolts of the second stage, gaps '.implode(' · ', array_map(static fn (AsRead $g): string => $d->read($g), $gaps))
                .", {$limit->wording($d)} each";
            if ($verdict === Verdict::Within) {
                return "{$said}.";
            }
            if ($turns === null) {
                return "{$said}: set each to the middle, crosswise, and lock it; its thread pitch tells the turns.";
            }
            $turned = array_map(
                static fn (int $bolt): string => "number {$bolt} by ".$d->number(abs($turns[$bolt]), 1).' turns '
                    .($turns[$bolt] > 0.0 ? 'in' : 'out'),
                array_values(array_filter($order, static fn (int $bolt): bool => isset($turns[$bolt]))),
            );

            return "{$said}: screw ".implode(', ', $turned).'; lock them, and measure all again.';
        });
    }

    public static function oneTravelMissing(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Travel to the first release and the whole travel are read together; one '
            .'is missing.');
    }

    public static function firstReleaseBeyondTravel(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The travel to the first release is more than the whole travel: measure '
            .'both again.');
    }

    /** @param  Limit|null  $limit  that the share is written against */
    public static function firstRelease(Ratio $share, ?Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('share', 'limit'), static fn (Display $d): string => 'First release at '
            .($limit === null ? $d->percent($share->value) : $limit->writeShare($share, $d)).' of the travel');
    }

    public static function firstReleaseTooLate(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'too late: little is left to free the take-off disc; set the levers');
    }

    public static function firstReleaseTooEarly(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'too early: the take-off disc is freed before its time; set the levers');
    }

    public static function travelDiscDrags(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'the travel disc drags: set the first stage');
    }

    public static function takeOffDiscDrags(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'the take-off disc drags: set the second stage');
    }
}
