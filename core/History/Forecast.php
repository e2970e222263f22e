<?php

declare(strict_types=1);

namespace Spindle\History;

use DateInterval;
use DateTimeImmutable;

/**
 * When a vehicle's clutch will be worn out, from what its own clutches lasted and how far it goes in a day. Four in five lie within: with
 * two lives or more by the prediction interval mean ± t s √(1 + 1/n) with Student's t; with one by a wide guess. A range, never a day.
 */
final readonly class Forecast
{
    /** Student's t, four fifths between both tails, by degrees of freedom; published tables. */
    private const T = [1 => 3.078, 1.886, 1.638, 1.533, 1.476, 1.440, 1.415, 1.397, 1.383, 1.372];

    private const T_OF_MANY = 1.282;

    /** What one life says of the next: from so much to so much of it. From memory [M]. */
    private const OF_ONE = [0.6, 1.6];

    /** No forecast goes below this share of the middle, however the lives differ. From memory [M]. */
    private const LEAST = 0.3;

    private const FURTHEST_YEARS = 25;

    /**
     * @param  float  $least  distance or hours from the fitting on
     * @param  DateTimeImmutable|null  $latest  nothing where it is too far off to say
     */
    private function __construct(
        public float $least,
        public float $middle,
        public float $most,
        public DateTimeImmutable $earliest,
        public ?DateTimeImmutable $latest,
        public int $lives,
    ) {
    }

    /**
     * Nothing where no life, or not how far the vehicle goes in a day, is known.
     *
     * @param  list<Life>  $lives
     * @param  list<float>  $perDay  how far it went in a day, in each of the times that are known
     * @param  DateTimeImmutable  $fitted  when the clutch of now went in
     */
    public static function of(array $lives, array $perDay, DateTimeImmutable $fitted): ?self
    {
        $lasted = array_values(array_filter(array_map(static fn (Life $l): ?float => $l->wholeLining(), $lives),
            static fn (?float $d): bool => $d !== null));
        $perDay = array_values(array_filter($perDay, static fn (float $d): bool => $d > 0.0));
        if ($lasted === [] || $perDay === []) {
            return null;
        }
        [$least, $middle, $most] = self::range($lasted);
        $day = static function (float $distance, float $rate) use ($fitted): ?DateTimeImmutable {
            $days = (int) round($distance / $rate);

            return $days > 365 * self::FURTHEST_YEARS ? null : $fitted->add(new DateInterval("P{$days}D"));
        };
        $earliest = $day($least, max($perDay));

        return $earliest === null ? null : new self($least, $middle, $most, $earliest, $day($most, min($perDay)), count($lasted));
    }

    /**
     * @param  non-empty-list<float>  $lasted
     * @return array{float, float, float}
     */
    private static function range(array $lasted): array
    {
        $n = count($lasted);
        $mean = array_sum($lasted) / $n;
        if ($n === 1) {
            return [self::OF_ONE[0] * $mean, $mean, self::OF_ONE[1] * $mean];
        }
        $variance = array_sum(array_map(static fn (float $d): float => ($d - $mean) ** 2, $lasted)) / ($n - 1);
        $half = (self::T[$n - 1] ?? self::T_OF_MANY) * sqrt($variance * (1 + 1 / $n));

        return [max(self::LEAST * $mean, $mean - $half), $mean, $mean + $half];
    }
}
