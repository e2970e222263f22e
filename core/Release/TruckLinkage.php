<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Quantity\Length;

/**
 * Reads a pull-type truck clutch with a clutch brake: what its three clearances together say must be done.
 *
 * The brake is the reference and comes first, then the bearing gap, the fork play, the free pedal. Common practice, no
 * source; the outer edges of the bands are from memory.
 */
enum TruckLinkage: string
{
    case ReplaceBrake = 'replace_brake';
    case RingIn = 'ring_in';
    case RingOut = 'ring_out';
    case Linkage = 'linkage';
    case ReplaceLinkage = 'replace_linkage';
    case None = 'none';

    /** Bearing travel for one notch of the adjusting ring, mm. Default from memory [M]. */
    public const NOTCH_MM = 0.5;

    private const ROUNDING = 1e-6;

    /** Each reading with the band accepted for it. */
    public static function read(bool $brakeGood, Length $gap, Limit $gapBand, Length $forkPlay, Limit $forkBand, Length $freePedal, Limit $pedalBand): self
    {
        $side = static fn (Length $x, Limit $band): int => match (true) {
            $band->min !== null && $x->value < $band->min->value - self::ROUNDING => -1,
            $band->max !== null && $x->value > $band->max->value + self::ROUNDING => 1,
            default => 0,
        };

        return match (true) {
            ! $brakeGood => self::ReplaceBrake,
            $side($gap, $gapBand) > 0 => self::RingIn,
            $side($gap, $gapBand) < 0 => self::RingOut,
            $side($forkPlay, $forkBand) !== 0 => self::Linkage,
            $side($freePedal, $pedalBand) > 0 => self::ReplaceLinkage,
            $side($freePedal, $pedalBand) < 0 => self::Linkage,
            default => self::None,
        };
    }

    public function instruction(): string
    {
        return match ($this) {
            self::ReplaceBrake => 'replace the clutch brake, then measure again: without it the gap cannot be trusted',
            self::RingIn => 'normal wear: turn the adjusting ring clockwise seen from the inspection hole, measure again, lock it',
            self::RingOut => 'over-adjusted: turn the adjusting ring anticlockwise seen from the inspection hole, measure again, lock it',
            self::Linkage => 'set the external rod until the fork play is right',
            self::ReplaceLinkage => 'replace worn pins and rod ends; do not adjust them away',
            self::None => 'right: leave it',
        };
    }

    /**
     * Whole notches of the ring that bring the bearing gap back without overshooting the least gap.
     */
    public function notches(Length $gap, Limit $gapBand): int
    {
        $notches = ($gap->value - ($gapBand->min->value ?? 0.0)) / self::NOTCH_MM;

        return match ($this) {
            self::RingIn => (int) floor($notches + self::ROUNDING),
            self::RingOut => (int) ceil(-$notches - self::ROUNDING),
            default => 0,
        };
    }
}
