<?php

declare(strict_types=1);

namespace Spindle\Fitting;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** What is said of the fitting. */
final class FittingSentences implements Sentences
{
    public static function skippedWithoutWhy(FittingStep $step): Said
    {
        return Said::as(__METHOD__, compact('step'), static fn (): string => "{$step->label()}: skipped, and why is not said.");
    }

    public static function skippedForNothing(FittingStep $step, string $why): Said
    {
        return Said::as(__METHOD__, compact('step', 'why'), static fn (): string => "{$step->label()}: skipped, and “{$why}” says "
            .'nothing of why.');
    }

    public static function skipped(FittingStep $step, string $why): Said
    {
        return Said::as(__METHOD__, compact('step', 'why'), static fn (): string => "{$step->label()}: skipped; {$why}");
    }

    public static function readingDecides(FittingStep $step): Said
    {
        return Said::as(__METHOD__, compact('step'), static fn (): string => "{$step->label()}: a reading decides here, and it is not "
            .'entered.');
    }

    public static function allDone(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Every step of the fitting is done or accounted for.');
    }

    /** @param  int  $more  steps that are open beside it */
    public static function stillToDo(FittingStep $next, int $more): Said
    {
        return Said::as(__METHOD__, compact('next', 'more'), static fn (): string => 'Still to do: '.lcfirst($next->label())
            .($more > 0 ? ", and {$more} more." : '.'));
    }

    public static function noClips(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'No clips came with it.');
    }

    public static function clips(float $in, float $out): Said
    {
        return Said::as(__METHOD__, compact('in', 'out'), static fn (): string => $in === $out ? "{$in} clips in, {$out} out."
            : "{$in} clips came in and {$out} are out: do not close before they are all found.");
    }

    public static function bearingSlides(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The bearing slides free on its sleeve.');
    }

    public static function bearingSticks(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The bearing sticks on its sleeve: dress or replace the sleeve, look at '
            .'the fork, before the gearbox goes in.');
    }

    public static function pinsDiffer(Length $by): Said
    {
        return Said::as(__METHOD__, compact('by'), static fn (Display $d): string => 'The clearances at the pins differ by '
            .$d->quantity($by, 0.01).': measure each on the same side, or the plate hangs on one of them.');
    }

    public static function pins(Length $least, Limit $limit, bool $isOut): Said
    {
        return Said::as(__METHOD__, compact('least', 'limit', 'isOut'), static fn (Display $d): string => 'Smallest clearance at a drive '
            .'pin '
            .$d->both($least, 0.01).", {$limit->wording($d)}".($isOut ? ': the plate binds and the clutch drags.' : '.'));
    }

    public static function fingersDiffer(Length $by, Limit $limit, bool $isOut): Said
    {
        return Said::as(__METHOD__, compact('by', 'limit', 'isOut'), static fn (Display $d): string => 'Bolted down, the fingers differ by '
            .$d->both($by, 0.01).", {$limit->wording($d)}".($isOut ? ': something lies under the cover, or it came down tilted.' : '.'));
    }

    /** @param  string  $which  bore or face */
    public static function sweepMorePlaces(string $which, int $least): Said
    {
        return Said::as(__METHOD__, compact('which', 'least'), static fn (): string => "Housing {$which}: sweep at least {$least} "
            .'places, evenly spaced; eight are usual.');
    }

    /** @param  string  $towards  the high side, on the clock */
    public static function boreSwept(Length $runout, Limit $limit, ?Length $offset, string $towards): Said
    {
        return Said::as(__METHOD__, compact('runout', 'limit', 'offset', 'towards'), static fn (Display $d): string => self::swept(
            'bore', $runout, $limit, $d,
        ).($offset === null ? '.' : '. Offset dowels, eccentric by '.$d->quantity($offset, 0.01).' '.self::towards($towards).'.'));
    }

    public static function faceSwept(Length $runout, Limit $limit, bool $isWithin, string $towards): Said
    {
        return Said::as(__METHOD__, compact('runout', 'limit', 'isWithin', 'towards'), static fn (Display $d): string => self::swept(
            'face', $runout, $limit, $d,
        ).($isWithin ? '.' : '. It stands out '.self::towards($towards).': look for dirt and burrs, then at the housing itself.'));
    }

    private static function swept(string $which, Length $runout, Limit $limit, Display $d): string
    {
        return "Housing {$which} swept from the crankshaft: {$d->both($runout, 0.01)} in all, {$limit->wording($d)}";
    }

    private static function towards(string $clock): string
    {
        return "towards {$clock} o'clock, seen from the gearbox";
    }
}
