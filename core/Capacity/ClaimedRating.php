<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Verdict;
use Spindle\Quantity\Ratio;

/**
 * A claimed torque rating tested against physics: the coefficient it implies against what the material gives.
 *
 * The bands of 15 % and 35 % are defaults from memory.
 */
enum ClaimedRating: string
{
    case Believable = 'believable';
    case Optimistic = 'optimistic';
    case NotBelievable = 'not_believable';
    case Modest = 'modest';
    case DoubtfullyLow = 'doubtfully_low';

    /** A claim within this share of the lining's coefficient is believable. */
    public const CLOSE = 0.15;

    /** Beyond this share above it a claim is not believable. */
    public const FAR = 0.35;

    public static function of(Ratio $implied, Ratio $nominal): self
    {
        $off = $implied->value / $nominal->value - 1;
        $rounding = 1e-9;

        return match (true) {
            $off > self::FAR + $rounding => self::NotBelievable,
            $off > self::CLOSE + $rounding => self::Optimistic,
            $off < -self::FAR - $rounding => self::DoubtfullyLow,
            $off < -self::CLOSE - $rounding => self::Modest,
            default => self::Believable,
        };
    }

    public function verdict(): Verdict
    {
        return match ($this) {
            self::Believable, self::Modest => Verdict::Within,
            // What physics does not bear out blocks nothing: the computed figure is what is judged.
            self::Optimistic, self::DoubtfullyLow, self::NotBelievable => Verdict::Near,
        };
    }
}
