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
enum ClaimedRating
{
    case Believable;
    case Optimistic;
    case NotBelievable;
    case Modest;
    case DoubtfullyLow;

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
            self::Optimistic, self::DoubtfullyLow => Verdict::Near,
            self::NotBelievable => Verdict::Out,
        };
    }

    public function advice(): string
    {
        return match ($this) {
            self::Believable => 'the claim is believable',
            self::Optimistic => 'the claim is optimistic; go by the computed figure',
            self::NotBelievable => 'the claim is not believable for this lining; go by the computed figure',
            self::Modest => 'the maker rated it modestly',
            self::DoubtfullyLow => 'the maker was very cautious, or a datum is wrong; check clamp load and diameters',
        };
    }
}
