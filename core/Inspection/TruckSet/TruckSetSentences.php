<?php

declare(strict_types=1);

namespace Spindle\Inspection\TruckSet;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Sheet\Counts;

/** What is said of the intermediate plate of a truck's set. */
final class TruckSetSentences implements Sentences
{
    public static function plateHangsOnPins(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'the plate hangs on its pins: new pins, square to the face');
    }

    public static function pins(Counts $counts, AsRead $value, Limit $limit, bool $isRight): Said
    {
        return Said::as(__METHOD__, compact('counts', 'value', 'limit', 'isRight'), static fn (Display $d): string => ($counts
            === Counts::Spread ? 'From pin to pin the clearance differs by ' : 'Widest clearance at a drive pin ')
            .$d->read($value).", {$limit->wording($d)}".($isRight ? '.' : ($counts === Counts::Spread
                ? ': the plate hangs askew. Measure on the same side of every pin; if it stays, new pins.'
                : ': pins or slots are worn. New pins, square to the face; replace a plate with worn slots.')));
    }

    public static function replacePlate(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace the plate');
    }
}
