<?php

declare(strict_types=1);

namespace Spindle\Inspection\Cover;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Ratio;

/** What is said of a cover. */
final class CoverSentences implements Sentences
{
    /** @param  Limit|null  $limit  that the share is written against */
    public static function clampLoad(Ratio $share, ?Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('share', 'limit'), static fn (Display $d): string => 'Clamp load on the press '
            .($limit === null ? $d->percent($share->value) : $limit->writeShare($share, $d)).' of new');
    }

    public static function clampLoadWhenNewUnknown(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Clamp load is pressed, but what it was when new is not entered.');
    }

    public static function notMarked(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The cover was not marked to the flywheel before it came off: if it is '
            .'used again, its balance is lost.');
    }

    public static function clampsHarder(Ratio $share, bool $isNear): Said
    {
        return Said::as(__METHOD__, compact('share', 'isNear'), static fn (Display $d): string => 'The kit clamps with '
            ."{$d->percent($share->value)} of the old load".($isNear ? ': check or uprate fork and pivot.' : '.'));
    }

    public static function replaceOrSetTheLevers(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace the cover, or set the levers');
    }

    public static function springsAreWeak(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'springs are weak, replace the cover');
    }

    public static function replaceCover(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace the cover');
    }

    public static function replaceSpringsOrCover(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace the springs or the cover');
    }
}
