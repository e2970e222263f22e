<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;

/** What is said of the shaft, its pilot and the seals around it. */
final class ShaftSentences implements Sentences
{
    public static function noPilot(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'This engine has no pilot bearing: the gearbox alone carries the shaft.');
    }

    public static function boreSmallerThanTip(AsRead $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (Display $d): string => 'The bore of the pilot is smaller than the tip of '
            ."the shaft, by {$d->readBoth($by)}: no fit at all. Measure both again; if it stays, it binds.");
    }

    public static function rollingPilot(AsRead $play, bool $isLoose): Said
    {
        return Said::as(__METHOD__, compact('play', 'isLoose'), static fn (Display $d): string => $d->read($play).($isLoose
            ? ' play in a rolling pilot bearing: any looseness is out, replace it.'
            : ': no play in the rolling pilot bearing that the instrument can tell.'));
    }

    public static function pilotPlay(AsRead $play): Said
    {
        return Said::as(__METHOD__, compact('play'), static fn (Display $d): string => "Play of the shaft in the pilot {$d->read($play)}");
    }

    public static function replacePilot(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace the pilot');
    }

    public static function leakNotNamed(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Oil on the disc, and where it came from is not named. Find the leak '
            .'before anything new goes in.');
    }

    /** @param  bool|null  $isMended  nothing where nobody wrote it down */
    public static function leak(Leak $leak, ?bool $isMended): Said
    {
        return Said::as(__METHOD__, compact('leak', 'isMended'), static fn (): string => "The oil on the disc came from {$leak->spoken()}"
            .match ($isMended) {
                null => '; whether it was mended is not written down.',
                false => '. It is not mended: mend it before anything new goes in.',
                true => '; mended.',
            });
    }
}
