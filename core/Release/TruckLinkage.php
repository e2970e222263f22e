<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;

/**
 * Reads a pull-type truck clutch with a clutch brake: what its three clearances together say must be done.
 *
 * The brake is the reference and comes first, then the bearing gap, the fork play, the free pedal. A reading nearer to its band's
 * edge than it can be trusted asks for a second reading, not for a wrench. Common practice, no source; the outer edges of the
 * bands are from memory.
 */
enum TruckLinkage: string
{
    case ReplaceBrake = 'replace_brake';
    case MeasureAgain = 'measure_again';
    case RingIn = 'ring_in';
    case RingOut = 'ring_out';
    case RingThenRod = 'ring_then_rod';
    case ResetAdjuster = 'reset_adjuster';
    case Linkage = 'linkage';
    case ReplaceLinkage = 'replace_linkage';
    case StopOrBind = 'stop_or_bind';
    case None = 'none';

    /** Bearing travel for one notch of the adjusting ring, mm. Default from memory [M]. */
    public const NOTCH_MM = 0.5;

    private const ROUNDING = 1e-6;

    /**
     * Each reading with the band accepted for it and how far it can be trusted.
     *
     * @param  bool  $selfAdjusting  a ring that sets itself is never turned by hand
     */
    public static function read(
        bool $brakeGood,
        bool $selfAdjusting,
        Length $gap,
        Limit $gapBand,
        Length $forkPlay,
        Limit $forkBand,
        Length $freePedal,
        Limit $pedalBand,
        Length $doubt,
    ): self {
        if (! $brakeGood) {
            return self::ReplaceBrake;
        }
        [$atGap, $atFork, $atPedal] = [
            self::side($gap, $gapBand, $doubt),
            self::side($forkPlay, $forkBand, $doubt),
            self::side($freePedal, $pedalBand, $doubt),
        ];

        return match (true) {
            $atGap === null => self::MeasureAgain,
            $atGap !== 0 && $selfAdjusting => self::ResetAdjuster,
            $atFork === null => self::MeasureAgain,
            // Normal wear takes gap up, fork play and free pedal down together; an overdone adjustment does the reverse.
            $atGap !== 0 && $atFork === -$atGap && $atPedal !== $atGap => $atGap > 0 ? self::RingIn : self::RingOut,
            $atGap !== 0 => self::RingThenRod,
            $atFork !== 0 => self::Linkage,
            $atPedal === null => self::MeasureAgain,
            $atPedal > 0 => self::ReplaceLinkage,
            $atPedal < 0 => self::StopOrBind,
            default => self::None,
        };
    }

    public function verdict(): Verdict
    {
        return match ($this) {
            self::None => Verdict::Within,
            self::MeasureAgain => Verdict::Near,
            default => Verdict::Out,
        };
    }

    public function instruction(): string
    {
        return match ($this) {
            self::ReplaceBrake => 'replace the clutch brake, then measure again: without it the gap cannot be trusted',
            self::MeasureAgain => 'too near to the edge of its band to tell; measure again with a finer instrument before anything '.
                'is turned',
            self::RingIn => 'normal wear: turn the adjusting ring clockwise seen from the inspection hole, measure again, lock it',
            self::RingOut => 'over-adjusted: turn the adjusting ring anticlockwise seen from the inspection hole, measure again, lock it',
            self::RingThenRod => 'ring and rod are both out: set the ring first, then the external rod, then measure again',
            self::ResetAdjuster => 'a self-adjusting clutch is never turned by the ring: reset it by the maker\'s procedure, or it '.
                'has failed',
            self::Linkage => 'set the external rod until the fork play is right',
            self::ReplaceLinkage => 'replace worn pins and rod ends; do not adjust them away',
            self::StopOrBind => 'too little free pedal with gap and fork right: look at the pedal stop and for a bind before '.
                'anything is turned',
            self::None => 'right: leave it',
        };
    }

    /**
     * Whole notches of the ring that bring the bearing gap back without overshooting the least gap; nothing where the band has not
     * both ends, since then there is nothing to come back to.
     */
    public function notches(Length $gap, Limit $gapBand): ?int
    {
        if ($gapBand->min === null || $gapBand->max === null || ! in_array($this, [self::RingIn, self::RingOut, self::RingThenRod], true)) {
            return null;
        }
        $notches = ($gap->value - $gapBand->min->value) / self::NOTCH_MM;

        return $notches >= 0 ? (int) floor($notches + self::ROUNDING) : (int) ceil(-$notches - self::ROUNDING);
    }

    /** Below its band, in it or above it, by more than the doubt; nothing where that cannot be told. */
    private static function side(Length $x, Limit $band, Length $doubt): ?int
    {
        return match ($band->judge($x, $doubt)) {
            Verdict::Near => null,
            Verdict::Out => $band->min !== null && $x->value < $band->min->value ? -1 : 1,
            default => 0,
        };
    }
}
