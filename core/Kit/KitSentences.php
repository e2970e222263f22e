<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Inertia;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

/** What is said of the figures of a kit among themselves. */
final class KitSentences implements Sentences
{
    /** @param  non-empty-list<Said>  $odd  what is odd, a sentence each */
    public static function oddSizes(array $odd): Said
    {
        return Said::as(__METHOD__, compact('odd'), static fn (Display $d): string => implode(
            ' ', array_map(static fn (Said $one): string => $one->in($d), $odd),
        ).' Look it up again, or measure it on the parts.');
    }

    public static function grooveDeeperThanDisc(Length $depth, Length $disc): Said
    {
        return Said::as(__METHOD__, compact('depth', 'disc'), static fn (Display $d): string => 'A groove depth of '
            ."{$d->quantity($depth, 0.1)} a side is more than a disc of {$d->quantity($disc, 0.1)} has.");
    }

    public static function grooveOfWornDisc(Length $depth): Said
    {
        return Said::as(__METHOD__, compact('depth'), static fn (Display $d): string => "A groove depth of {$d->quantity($depth, 0.01)} "
            .'a side is that of a worn disc.');
    }

    public static function coverSmallerThanDisc(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The cover is said to be smaller than its own disc.');
    }

    public static function otherThickness(Length $new, Length $before): Said
    {
        return Said::as(__METHOD__, compact('new', 'before'), static fn (Display $d): string => 'The new disc is said to be '
            ."{$d->quantity($new, 0.1)} thick, the one before was {$d->quantity($before, 0.1)} when new.");
    }

    public static function otherReleaseLoad(Ratio $share): Said
    {
        return Said::as(__METHOD__, compact('share'), static fn (Display $d): string => 'Its release load is '
            ."{$d->number($share->value, 1)} times that of the old cover.");
    }

    public static function stockStaysStock(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A stock vehicle on stock duty keeps a stock clutch: more clamp load '
            .'buys a heavier pedal and nothing else.');
    }

    public static function clampAboveOld(Ratio $rise): Said
    {
        return Said::as(__METHOD__, compact('rise'), static fn (Display $d): string => "Clamp load {$d->percent($rise->value)} above the "
            .'old cover: check fork and pivot, or uprate them.');
    }

    public static function effort(Ratio $rise): Said
    {
        return Said::as(__METHOD__, compact('rise'), static fn (Display $d): string => 'Pedal effort '.($rise->value < 0 ? '−' : '+')
            .$d->percent(abs($rise->value)).' against the old kit.');
    }

    public static function flywheelLighter(Ratio $less): Said
    {
        return Said::as(__METHOD__, compact('less'), static fn (Display $d): string => "Flywheel {$d->percent($less->value)} lighter: "
            .'revs fall faster for shifting, it stalls easier, and with few cylinders the gearbox may rattle at idle, since the damper '
            .'springs unload between firings.');
    }

    /** @param  Ratio|null  $heavier  than the old disc; nothing where it is as heavy, or nobody knows */
    public static function discInertia(Inertia $inertia, ?Ratio $heavier): Said
    {
        return Said::as(__METHOD__, compact('inertia', 'heavier'), static fn (Display $d): string => 'Disc of '
            .$d->number($inertia->value * 1000, 1).' g·m²'.match (true) {
                $heavier === null => '.',
                $heavier->value > 0 => ", {$d->percent($heavier->value)} heavier than the old one: it shifts slower.",
                default => ", {$d->percent(-$heavier->value)} lighter than the old one.",
            });
    }
}
