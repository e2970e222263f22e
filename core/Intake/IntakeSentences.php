<?php

declare(strict_types=1);

namespace Spindle\Intake;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;

/** What is said of the vehicle. */
final class IntakeSentences implements Sentences
{
    /** @param  string  $label  of the entry */
    public static function notEntered(string $label): Said
    {
        return Said::as(__METHOD__, compact('label'), static fn (): string => "{$label} not entered; it decides which checks and limits "
            .'apply.');
    }

    public static function entered(string $label, string $answer): Said
    {
        return Said::as(__METHOD__, compact('label', 'answer'), static fn (): string => "{$label}: ".lcfirst($answer).'.');
    }

    public static function numberFits(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Identification number: the check digit fits.');
    }

    /** @param  string  $remark  what is odd about it */
    public static function numberOdd(string $remark): Said
    {
        return Said::as(__METHOD__, compact('remark'), static fn (): string => "Identification number: {$remark}. It is kept as written.");
    }
}
