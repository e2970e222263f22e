<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\Doubt;
use Spindle\Vehicle\VehicleClass;

/** What is said of a disc. */
final class DiscSentences implements Sentences
{
    private const NEEDED = [
        'thickness_new' => 'the thickness of the new disc', 'thickness' => 'the thickness now',
        'usable_per_side' => 'the usable lining a side',
    ];

    public static function sidesDiffer(WhichDisc $disc, AsRead $by, bool $isFlywheelSide, bool $isMuch): Said
    {
        return Said::as(__METHOD__, compact('disc', 'by', 'isFlywheelSide', 'isMuch'), static fn (Display $d): string => self::of(
            $disc, "The sides differ by {$d->read($by)}",
        ).($isMuch ? ': more worn on the '.($isFlywheelSide ? 'flywheel' : 'cover').' side; look at the face it ran on.' : '.'));
    }

    /** @param  list<string>  $missing  the last words of the readings that are missing */
    public static function wearUnknown(WhichDisc $disc, array $missing): Said
    {
        return Said::as(__METHOD__, compact('disc', 'missing'), static fn (): string => self::of(
            $disc, 'Wear cannot be told without ',
        ).implode(', ', array_map(static fn (string $key): string => self::NEEDED[$key], $missing)).'.');
    }

    public static function thickerThanNew(WhichDisc $disc): Said
    {
        return Said::as(__METHOD__, compact('disc'), static fn (): string => self::of(
            $disc, 'The disc measures thicker now than new: measure again, or correct the new thickness.',
        ));
    }

    public static function wear(WhichDisc $disc, WearCase $wear, Limit $limit): Said
    {
        return Said::as(__METHOD__, compact('disc', 'wear', 'limit'), static function (Display $d) use ($disc, $wear, $limit): string {
            $amount = "{$d->read($wear->used)} of {$d->read($wear->usable)}";

            return self::of($disc, $wear->isPastTheLining() ? "Worn past its lining: {$amount}"
                : $limit->writeShare($wear->share, $d)." of the lining used: {$amount}")
                .match ($wear->verdict) {
                    Verdict::Out => '. Replace.',
                    Verdict::Near => '. Replace while it is open: the labour outweighs the disc.',
                    default => '.',
                }.Doubt::said($wear->doubt, $d).($wear->life === null ? '' : self::life($wear->life, $d));
        });
    }

    /** A sentence of its own, with a blank before it. */
    private static function life(LifeLeft $life, Display $d): string
    {
        $ranges = implode(', ', array_map(
            static fn (array $range): string => "{$d->read($range[0])} to {$d->read($range[1])}", $life->ranges,
        ));

        return match (true) {
            ! $life->isMeasurable => ' No measurable wear yet, so nothing follows for how long it lasts.',
            $life->isAllButGone => ' At this rate it is all but gone.',
            $ranges !== '' => " At this rate another {$ranges}; drivers, hills and towing decide.",
            default => '',
        };
    }

    public static function thicknessAndRivetsDiffer(WhichDisc $disc, AsRead $byThickness, AsRead $byRivets): Said
    {
        return Said::as(__METHOD__, compact('disc', 'byThickness', 'byRivets'), static fn (Display $d): string => self::of(
            $disc, "By its thickness {$d->read($byThickness)} is worn, by the rivets {$d->read($byRivets)}. They cannot both be true; go "
                .'by the greater and measure again.',
        ));
    }

    /** A sentence of one disc; behind the name of the disc, where there are two, it begins small. */
    private static function of(WhichDisc $disc, string $sentence): string
    {
        return match ($disc) {
            WhichDisc::Only => $sentence,
            WhichDisc::Second => 'Second disc: '.lcfirst($sentence),
            WhichDisc::TakeOff => 'Take-off disc: '.lcfirst($sentence),
        };
    }

    public static function moreLiningThanDisc(Length $usable, Length $disc): Said
    {
        return Said::as(__METHOD__, compact('usable', 'disc'), static fn (Display $d): string => $d->quantity($usable, 0.1)
            .' of usable lining on a disc of '.$d->quantity($disc, 0.1).' is more than a disc has. A digit slipped, or the depth was '
            .'taken to the plate?');
    }

    public static function fluidWithoutHydraulics(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'Clutch fluid on the disc of a vehicle without hydraulics: one of the two '
            .'is not as entered. Smell it again, and look how the clutch is released.');
    }

    public static function oily(OilOnDisc $oil, ?VehicleClass $class): Said
    {
        return Said::as(__METHOD__, compact('oil', 'class'), static fn (): string => "{$oil->label()} on the disc: {$oil->leak($class)}.");
    }

    public static function replaceOrFindTheBend(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace, or find why it was bent');
    }

    public static function replaceAndLookAtTheShaft(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'replace, and look at the shaft');
    }

    public static function replaceBeforeRivetsCut(bool $isFlywheelSide): Said
    {
        return Said::as(__METHOD__, compact('isFlywheelSide'), static fn (): string => 'replace before the rivets cut the '
            .($isFlywheelSide ? 'flywheel' : 'plate'));
    }
}
