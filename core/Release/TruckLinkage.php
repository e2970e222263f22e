<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;

/**
 * Reads a pull-type truck clutch with a clutch brake: what its three clearances together say must be done.
 *
 * The brake is the reference and comes first, then the bearing gap, the fork play, the free pedal. They are read as they stand; only a
 * reading that, moved within its own doubt, would lead to another action asks to be taken again, not for a wrench. Common practice, no
 * source; the outer edges of the bands are from memory.
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

    /** What is to be done once the brake is good. */
    public static function read(TruckReadings $of): self
    {
        return $of->doubtful() === null ? self::row($of) : self::MeasureAgain;
    }

    /** What the readings say as they stand. */
    public static function row(TruckReadings $of): self
    {
        [$atGap, $atFork, $atPedal] = [$of->gap->side(), $of->fork->side(), $of->pedal->side()];

        return match (true) {
            $atGap !== 0 && $of->isSelfAdjusting => self::ResetAdjuster,
            // Normal wear takes gap up and fork play down together; an overdone adjustment does the reverse.
            $atGap > 0 && $atFork < 0 => self::RingIn,
            $atGap < 0 && $atFork > 0 => self::RingOut,
            $atGap !== 0 => self::RingThenRod,
            $atFork !== 0 => self::Linkage,
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

    /**
     * Whole notches of the ring that bring the bearing gap to the middle of its band; nothing where the band has not both ends, since then
     * there is nothing to come back to.
     */
    public function notches(Length $gap, Limit $gapBand): ?int
    {
        if ($gapBand->min === null || $gapBand->max === null || ! in_array($this, [self::RingIn, self::RingOut, self::RingThenRod], true)) {
            return null;
        }
        $middle = ($gapBand->min->value + $gapBand->max->value) / 2;

        return (int) round(abs($gap->value - $middle) / self::NOTCH_MM);
    }
}
