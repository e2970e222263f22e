<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** What is said of whether the disc of a kit fits. */
final class DiscFitSentences implements Sentences
{
    public static function splines(int $hub, int $shaft): Said
    {
        return Said::as(__METHOD__, compact('hub', 'shaft'), static fn (): string => $hub === $shaft ? "{$hub} splines."
            : "{$hub} splines in the hub, {$shaft} on the shaft.");
    }

    public static function overSplines(Length $hub, Length $shaft): Said
    {
        return Said::as(__METHOD__, compact('hub', 'shaft'), static fn (Display $d): string => "Hub {$d->quantity($hub, 0.1)}, shaft "
            ."{$d->quantity($shaft, 0.1)} over the splines.");
    }

    public static function discBeyondItsCover(Length $lining, Length $cover): Said
    {
        return Said::as(__METHOD__, compact('lining', 'cover'), static fn (Display $d): string => "Disc {$d->quantity($lining, 1.0)} "
            ."does not go into its own cover, which takes {$d->quantity($cover, 1.0)}: a datum of the kit is wrong.");
    }

    public static function liningOnFace(Length $lining, Length $face, bool $isOver): Said
    {
        return Said::as(__METHOD__, compact('lining', 'face', 'isOver'), static fn (
            Display $d,
        ): string => "Lining {$d->quantity($lining, 1.0)} "
            .($isOver ? 'stands over the face of ' : 'on a face of ').$d->quantity($face, 1.0).'.');
    }

    public static function liningFromWithin(Length $lining, Length $face, bool $isOff): Said
    {
        return Said::as(__METHOD__, compact('lining', 'face', 'isOff'), static fn (Display $d): string => 'Lining from '
            .$d->quantity($lining, 1.0).' on a face from '.$d->quantity($face, 1.0).($isOff ? ': its inner edge runs off the face.' : '.'));
    }

    /**
     * What stands out towards the crank bolts, in the room there is.
     *
     * @param  Length  $left  between the two; nought or below where they meet
     */
    public static function hubToCrankBolts(bool $isHub, Length $stands, Length $room, Length $left, CrankBoltRoom $case): Said
    {
        return Said::as(__METHOD__, compact('isHub', 'stands', 'room', 'left', 'case'), static fn (Display $d): string => ($isHub ? 'Hub'
            : 'Damper')." stands {$d->quantity($stands, 0.1)} into {$d->quantity($room, 0.1)} of room".match ($case) {
                CrankBoltRoom::None => ': it stands on the crank bolts and the clutch will not release.',
                CrankBoltRoom::TooLittle => ": only {$d->quantity($left, 0.1)} left, wanted "
                    ."{$d->quantity(Length::mm(HubFlywheelSideCheck::LEAST_LEFT), 0.1)}.",
                CrankBoltRoom::GoneWhenWorn => ': clear when new, and on the bolts once the lining is worn down.',
                CrankBoltRoom::Enough => ", {$d->quantity($left, 0.1)} left.",
            });
    }

    public static function hubMeetsFingers(Length $hub, Length $fingers): Said
    {
        return Said::as(__METHOD__, compact('hub', 'fingers'), static fn (Display $d): string => 'The hub reaches '
            ."{$d->quantity($hub, 0.1)} from the flywheel and the fingers come down to {$d->quantity($fingers, 0.1)}: they meet.");
    }

    public static function hubRunsOffSplines(Length $hub, Length $shaft): Said
    {
        return Said::as(__METHOD__, compact('hub', 'shaft'), static fn (Display $d): string => "The hub is {$d->quantity($hub, 0.1)} "
            ."long and the splines of the shaft {$d->quantity($shaft, 0.1)}: it runs off them.");
    }

    public static function longHubToFlywheel(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'The longer side of the hub faces the flywheel; usually it faces the '
            .'gearbox. Read the old disc, or ask the maker.');
    }

    public static function hubCloseToFingers(Length $left, Length $wanted): Said
    {
        return Said::as(__METHOD__, compact('left', 'wanted'), static fn (Display $d): string => 'The hub stays only '
            ."{$d->quantity($left, 0.1)} clear of the fingers with the pedal down; {$d->quantity($wanted, 0.1)} is wanted. Measure it on "
            .'the parts before it goes in.');
    }

    public static function hubClearOfFingers(Length $left): Said
    {
        return Said::as(__METHOD__, compact('left'), static fn (Display $d): string => "The hub stays {$d->quantity($left, 0.1)} clear "
            .'of the fingers with the pedal down.');
    }

    /** @param  string  $hub  rigid or sprung */
    public static function hubSuits(string $hub): Said
    {
        return Said::as(__METHOD__, compact('hub'), static fn (): string => ucfirst($hub).' hub suits the flywheel.');
    }

    public static function rigidForCompetition(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A rigid hub, as competition wants it.');
    }

    public static function rigidOnSolid(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A rigid hub on a solid flywheel is for competition only.');
    }

    public static function sprungOnDualMass(): Said
    {
        return Said::as(__METHOD__, [], static fn (): string => 'A sprung hub on a dual-mass flywheel is two dampers in a row: a rigid hub '
            .'belongs there unless the maker says otherwise.');
    }
}
