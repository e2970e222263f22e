<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Inspection\WhileOpen\WhileOpenFields;
use Spindle\Kit\KitPart;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Ratio;

/** What stands in an offer, and what is said of how it was answered and kept. */
final class OfferSentences implements Sentences
{
    public static function kit(string $name, string $number): Said
    {
        return Said::as(__METHOD__, compact('name', 'number'), static fn (): string => ($name === '' ? 'Clutch kit' : "Clutch kit {$name}")
            .($number === '' || $number === $name ? '' : " ({$number})"));
    }

    public static function kitNotChosen(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Clutch kit, not chosen yet');
    }

    public static function part(KitPart $part): Said
    {
        return Said::as(__METHOD__, compact('part'), static fn (): string => $part->label());
    }

    public static function flywheel(FlywheelWork $work): Said
    {
        return Said::as(__METHOD__, compact('work'), static fn (): string => match ($work) {
            FlywheelWork::Machined => 'Flywheel, machined',
            FlywheelWork::Replaced => 'Flywheel, a new one',
        });
    }

    /** @param  float  $hours  as expected */
    public static function labour(float $hours, ?Ratio $rate): Said
    {
        return Said::as(__METHOD__, compact('hours', 'rate'), static fn (Display $d): string => "Work: {$d->number($hours, 1)} hours"
            .($rate === null ? '' : " at {$d->number($rate->value, 2)}"));
    }

    public static function taken(string $part): Said
    {
        return Said::as(__METHOD__, compact('part'), static fn (): string => ucfirst(WhileOpenFields::parts()[$part])
            .', replaced while it is open');
    }

    public static function other(string $for): Said
    {
        return Said::as(__METHOD__, compact('for'), static fn (): string => $for === '' ? 'Anything else' : ucfirst($for));
    }

    /** @param  float  $percent  on top of everything before it */
    public static function tax(float $percent): Said
    {
        return Said::as(__METHOD__, compact('percent'), static fn (Display $d): string => "Tax, {$d->number($percent, 1)} %");
    }

    public static function option(string $part, Ratio $price): Said
    {
        return Said::as(__METHOD__, compact('part', 'price'), static fn (Display $d): string => ucfirst(WhileOpenFields::parts()[$part])
            .": {$d->number($price->value, 2)} now, while it can be reached.");
    }

    public static function optionWithoutPrice(string $part): Said
    {
        return Said::as(__METHOD__, compact('part'), static fn (): string => ucfirst(WhileOpenFields::parts()[$part])
            .': no price is known.');
    }

    /**
     * @param  Ratio  $chance  of failing before the next clutch
     * @param  Ratio  $later  what it costs to come back for it
     */
    public static function optionAgainst(string $part, Ratio $price, Ratio $chance, Ratio $later): Said
    {
        return Said::as(__METHOD__, compact('part', 'price', 'chance', 'later'),
            static fn (Display $d): string => ucfirst(WhileOpenFields::parts()[$part]).": {$d->number($price->value, 2)} now, while it "
                ."can be reached. As it looks it fails in {$d->number(round(100 * $chance->value), 0)} of 100 cases before the next "
                ."clutch, and would cost {$d->number($later->value, 2)} then.");
    }

    public static function notAnswered(int $number): Said
    {
        return Said::as(__METHOD__, compact('number'), static fn (): string => "Offer {$number} has no answer yet.");
    }

    public static function earlierAnswered(int $number, int $answered): Said
    {
        return Said::as(__METHOD__, compact('number', 'answered'), static fn (): string => "Offer {$number} has no answer yet; what was "
            ."answered is offer {$answered}.");
    }

    public static function acceptedByNobody(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The offer was accepted; by whom and when is not said.');
    }

    /** @param  string  $on  a day, as it was entered */
    public static function accepted(float $total, string $currency, string $by, string $on): Said
    {
        return Said::as(__METHOD__, compact('total', 'currency', 'by', 'on'), static fn (Display $d): string => 'Offered for '
            .self::money($total, $currency, $d).", accepted by {$by} on {$on}.");
    }

    public static function declined(float $total, string $currency): Said
    {
        return Said::as(__METHOD__, compact('total', 'currency'), static fn (Display $d): string => 'Offered for '
            .self::money($total, $currency, $d).' and declined: nothing of it is done without asking again.');
    }

    public static function cameTo(float $cameTo, float $total, string $currency): Said
    {
        return Said::as(__METHOD__, compact('cameTo', 'total', 'currency'), static fn (Display $d): string => 'It came to '
            .self::money($cameTo, $currency, $d).'; accepted was '.self::money($total, $currency, $d).'.');
    }

    public static function cameToMore(float $cameTo, float $total, string $currency, float $tolerance): Said
    {
        return Said::as(__METHOD__, compact('cameTo', 'total', 'currency', 'tolerance'), static fn (Display $d): string => 'It came to '
            .self::money($cameTo, $currency, $d).', and accepted was '.self::money($total, $currency, $d).': more than '
            ."{$d->number($tolerance, 0)} % beyond. The customer is asked again.");
    }

    public static function cameToWithoutYes(float $cameTo, string $currency): Said
    {
        return Said::as(__METHOD__, compact('cameTo', 'currency'), static fn (Display $d): string => 'It came to '
            .self::money($cameTo, $currency, $d).', and no offer of it was accepted.');
    }

    public static function wouldComeTo(float $now, float $total, string $currency): Said
    {
        return Said::as(__METHOD__, compact('now', 'total', 'currency'), static fn (Display $d): string => 'By what is known now it comes '
            .'to '.self::money($now, $currency, $d).', and accepted was '.self::money($total, $currency, $d)
            .': make a new offer, and ask again before it is done.');
    }

    private static function money(float $amount, string $currency, Display $d): string
    {
        return rtrim("{$d->number($amount, 2)} {$currency}");
    }
}
