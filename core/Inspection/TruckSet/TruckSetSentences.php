<?php

declare(strict_types=1);

namespace Spindle\Inspection\TruckSet;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;

/** What is said of the intermediate plate of a truck's set. */
final class TruckSetSentences implements Sentences
{
    public static function plateHangsOnPins(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'the plate hangs on its pins: new pins, square to the face');
    }

    public static function replacePlate(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace the plate');
    }
}
