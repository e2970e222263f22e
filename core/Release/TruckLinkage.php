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

    /** What is to be done once the brake is good. */
    public static function read(TruckReadings $of): self
    {
        [$atGap, $atFork, $atPedal] = [
            self::side($of->gap, $of->gapBand, $of->doubt),
            self::side($of->forkPlay, $of->forkBand, $of->doubt),
            self::side($of->freePedal, $of->pedalBand, $of->doubt),
        ];

        return match (true) {
            $atGap === null => self::MeasureAgain,
            $atGap !== 0 && $of->isSelfAdjusting => self::ResetAdjuster,
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
