<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Torque;

/** What is said of the bolts. */
final class FasteningSentences implements Sentences
{
    public static function boltsNotCounted(BoltGroup $group): Said
    {
        return Said::as(__METHOD__, compact('group'), static fn (): string => "{$group->label()}: how many bolts is not entered.");
    }

    public static function torqueUnknown(BoltGroup $group, ?Torque $reference): Said
    {
        return Said::as(__METHOD__, compact('group', 'reference'), static fn (Display $d): string => "{$group->label()} bolts: the "
            ."maker's torque is not entered.".($reference === null ? '' : ' A plain steel bolt of that size takes about '
            ."{$d->both($reference, 1.0)}; a reference only, soft castings and thread lock change it."));
    }

    /** @param  Torque  $doubt  by which a click wrench may be off */
    public static function torque(BoltGroup $group, Torque $torque, Torque $doubt): Said
    {
        return Said::as(__METHOD__, compact('group', 'torque', 'doubt'), static fn (Display $d): string => "{$group->label()} bolts "
            ."{$d->both($torque, 1.0)}, by a click wrench to ± {$d->quantity($doubt, 0.1)}.");
    }

    public static function oddTorque(BoltGroup $group, AsRead $torque, Said $why): Said
    {
        return Said::as(__METHOD__, compact('group', 'torque', 'why'), static fn (Display $d): string => "{$group->label()} bolts "
            ."{$d->readBoth($torque)}: {$why->in($d)}");
    }

    public static function moreThanSuchABolt(Torque $reference): Said
    {
        return Said::as(__METHOD__, compact('reference'), static fn (Display $d): string => 'more than such a bolt takes, about '
            .$d->quantity($reference, 1.0).'. A digit or a unit slipped? Look it up again.');
    }

    public static function lessThanSuchABolt(Torque $reference): Said
    {
        return Said::as(__METHOD__, compact('reference'), static fn (Display $d): string => 'much less than such a bolt takes, about '
            .$d->quantity($reference, 1.0).'. A digit or a unit slipped? Look it up again.');
    }

    public static function unusualForThese(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'unusual for these bolts. A digit or a unit slipped? Look it up again.');
    }

    public static function beyondTheWrench(Torque $ends): Said
    {
        return Said::as(__METHOD__, compact('ends'), static fn (Display $d): string => 'beyond the wrench, which ends at '
            ."{$d->quantity($ends, 1.0)}.");
    }

    public static function tooLittleForTheWrench(Torque $from): Said
    {
        return Said::as(__METHOD__, compact('from'), static fn (Display $d): string => 'too little for the wrench, which is to be '
            .'trusted from '
            .$d->quantity($from, 1.0).'. Take a smaller one.');
    }

    public static function tickedBeyond(BoltGroup $group, int $bolts): Said
    {
        return Said::as(__METHOD__, compact('group', 'bolts'), static fn (): string => "{$group->label()}: bolts are ticked beyond the "
            ."{$bolts} that there are. Count them again.");
    }

    public static function tickedWithoutAngle(BoltGroup $group): Said
    {
        return Said::as(__METHOD__, compact('group'), static fn (): string => "{$group->label()}: bolts are ticked as turned by an "
            .'angle, and no angle is entered.');
    }

    public static function everyRoundDone(BoltGroup $group): Said
    {
        return Said::as(__METHOD__, compact('group'), static fn (): string => "{$group->label()}: every bolt went through every round.");
    }

    /** @param  Torque|null  $set  of the round; nothing where it is turned by hand or by an angle */
    public static function nextBolt(BoltGroup $group, TighteningStage $round, ?Torque $set, RoundSoFar $sofar): Said
    {
        return Said::as(__METHOD__, compact('group', 'round', 'set', 'sofar'), static fn (Display $d): string => "{$group->label()}: "
            .lcfirst($round->label()).($set === null ? '' : ", {$d->quantity($set, 0.1)}")
            .", {$sofar->done} of {$sofar->bolts}; next is bolt {$sofar->next}.");
    }

    public static function toolNoLongerSlides(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The alignment tool no longer slides: loosen, centre the disc again, and '
            .'pull down evenly.');
    }

    public static function gapDiffers(BoltGroup $group, Length $by, Limit $limit, bool $isWithin): Said
    {
        return Said::as(__METHOD__, compact('group', 'by', 'limit', 'isWithin'), static fn (Display $d): string => "{$group->label()}: "
            ."the gap differs by {$d->both($by, 0.01)} around, {$limit->wording($d)}"
            .($isWithin ? '.' : ': half turns on the wide side first, or it comes down tilted.'));
    }
}
