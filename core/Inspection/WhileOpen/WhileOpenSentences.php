<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Ratio;

/** What is said of replacing a part while it is open. */
final class WhileOpenSentences implements Sentences
{
    /** @param  Ratio  $later  what leaving it costs on average, in the shop's money as the price is */
    public static function worthReplacing(string $part, Ratio $now, Ratio $later): Said
    {
        return Said::as(__METHOD__, compact('part', 'now', 'later'), static fn (Display $d): string => 'Replace the '
            .WhileOpenFields::parts()[$part].' while it is open: '.self::sums($now, $later, $d));
    }

    public static function mayStay(string $part, Ratio $now, Ratio $later): Said
    {
        return Said::as(__METHOD__, compact('part', 'now', 'later'), static fn (Display $d): string => 'The '
            .WhileOpenFields::parts()[$part].' may stay: '.self::sums($now, $later, $d));
    }

    /** How the cost of leaving it comes about. */
    public static function onAverage(Ratio $chance, Duration $labour, Ratio $rate): Said
    {
        return Said::as(__METHOD__, compact('chance', 'labour', 'rate'), static fn (Display $d): string => 'chance of failing '
            .$d->percent($chance->value).' × (labour '.$d->number($labour->value, 1).' h × '.$d->number($rate->value, 2)
            .' + price); the technician decides');
    }

    private static function sums(Ratio $now, Ratio $later, Display $d): string
    {
        return "{$d->number($now->value, 2)} now against {$d->number($later->value, 2)} on average later.";
    }
}
