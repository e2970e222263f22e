<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\Doubt;

/** What is said of the bearing's clearance and its shims. */
final class ClearanceSentences implements Sentences
{
    public static function clearanceUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Bearing clearance not known: measure A, housing to finger tips at three '
            .'places, and B, gearbox face to bearing face.');
    }

    public static function tooMuchInHand(Length $inHand): Said
    {
        return Said::as(__METHOD__, compact('inHand'), static fn (Display $d): string => "A piston with {$d->quantity($inHand, 1.0)} in "
            .'hand is not one of such a bearing. A digit slipped in A or B? Measure both again.');
    }

    public static function inContact(AsRead $inHand): Said
    {
        return Said::as(__METHOD__, compact('inHand'), static fn (Display $d): string => 'The bearing runs in contact; its piston has '
            ."{$d->readBoth($inHand)} in hand, and no shim goes under it.");
    }

    public static function pistonAtItsEnd(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The bearing runs in contact and its piston is at its end: the fingers '
            .'would rest on it. Another bearing, or measure A and B again.');
    }

    public static function depthsDiffer(Length $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (Display $d): string => "The depths differ by {$d->both($by, 0.01)}: not "
            .'one number. Measure A again at the same three places.');
    }

    /** @param  non-empty-list<Length>  $shims */
    public static function shimsWouldDo(AsRead $clearance, Length $wanted, array $shims, Length $shimmed): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted', 'shims', 'shimmed'), static fn (Display $d): string => self::clearance(
            $clearance, $wanted, $d,
        ).'; '.self::pack($shims, $d).' would bring it to '
            .$d->quantity($shimmed, $clearance->step).'. Put them in and measure A and B again.');
    }

    public static function noShim(AsRead $clearance, Length $wanted, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted', 'doubt'), static fn (Display $d): string => self::clearance(
            $clearance, $wanted, $d,
        ).'; no shim.'.Doubt::said($doubt, $d));
    }

    /** @param  non-empty-list<Length>  $shims */
    public static function shimmed(AsRead $clearance, Length $wanted, array $shims, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted', 'shims', 'doubt'), static fn (Display $d): string => self::clearance(
            $clearance, $wanted, $d,
        ).', with '.self::pack($shims, $d).' in.'.Doubt::said($doubt, $d));
    }

    /** @param  non-empty-list<Length>  $shims */
    public static function tooMuchPutIn(AsRead $clearance, Length $wanted, array $shims): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted', 'shims'), static fn (Display $d): string => self::clearance(
            $clearance, $wanted, $d,
        ).'; too small with '.self::pack($shims, $d).' in, and enough without: take shims out and measure again.');
    }

    /** A clearance that was read as such. */
    public static function clearanceRead(AsRead $clearance, Length $wanted, Verdict $verdict, ?Doubt $doubt): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted', 'verdict', 'doubt'), static fn (Display $d): string => self::clearance(
            $clearance, $wanted, $d,
        ).match (true) {
            $verdict !== Verdict::Out => '.'.Doubt::said($doubt, $d),
            $clearance->value->value < $wanted->value => '; too small: a thinner base or another bearing, or fewer shims.',
            default => '; too much: measure A and B, which tell the shims.',
        });
    }

    /** @param  non-empty-list<Length>  $shims */
    private static function pack(array $shims, Display $d): string
    {
        return 'shims '.implode(' + ', array_map(static fn (Length $s): string => $d->quantity($s, 0.01), $shims));
    }

    public static function clearanceTooSmall(AsRead $clearance, Length $wanted): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted'), static fn (
            Display $d,
        ): string => self::clearance($clearance, $wanted, $d)
            .'; too small, and no shim cures that: a thinner base or another bearing.');
    }

    public static function tooManyShims(AsRead $clearance, Length $wanted, int $shims, Length $thickness): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted', 'shims', 'thickness'), static fn (Display $d): string => self::clearance(
            $clearance, $wanted, $d,
        )."; it would take {$shims} shims, {$d->quantity($thickness, 0.1)} in all: the wrong bearing, or a wrong measurement.");
    }

    public static function noPackDoes(AsRead $clearance, Length $wanted): Said
    {
        return Said::as(__METHOD__, compact('clearance', 'wanted'), static fn (
            Display $d,
        ): string => self::clearance($clearance, $wanted, $d)
            .'; outside, and no pack of the stock brings it in.');
    }

    private static function clearance(AsRead $clearance, Length $wanted, Display $d): string
    {
        return "Clearance {$d->readBoth($clearance)}, wanted {$d->quantity($wanted, 0.01)}";
    }
}
