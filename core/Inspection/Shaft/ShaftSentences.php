<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Inspection\Disc\OilOnDisc;
use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
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

    public static function rollingPilot(AsRead $play, Verdict $verdict, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('play', 'verdict', 'limit'), static fn (Display $d): string => $d->read($play)
            ." between the tip of the shaft and its rolling pilot bearing, {$limit->wording($d)}".match ($verdict) {
                Verdict::Out => ': more than a slip fit, or loose inside. Replace it, and look at the tip.',
                Verdict::Near => '; measure again with a finer instrument.',
                default => ': a slip fit. Roughness and looseness inside it are felt by hand.',
            });
    }

    public static function bushBinds(AsRead $play, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('play', 'limit'), static fn (Display $d): string => 'Play of the shaft in the bush '
            ."{$d->read($play)}, {$limit->wording($d)}: it binds when hot. Work it in with this shaft, no felt play and no bind, or fit "
            .'another.');
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

    public static function otherLeak(OilOnDisc $oil, Leak $leak): Said
    {
        return Said::as(__METHOD__, compact('oil', 'leak'), static fn (): string => "{$oil->label()} does not come from {$leak->spoken()}: "
            .'the leak behind it is still to be found and mended.');
    }

    public static function noHydraulicsToLeak(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A slave is said to have leaked, and this vehicle has no hydraulics: the '
            .'leak is still to be found.');
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
