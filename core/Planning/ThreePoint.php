<?php

declare(strict_types=1);

namespace Spindle\Planning;

/**
 * A task as its shortest, likeliest and longest hours. Expected value (a + 4 m + b) ÷ 6 and variance ((b − a) ÷ 6)², Malcolm, Roseboom,
 * Clark and Fazar, Application of a technique for research and development program evaluation, Operations Research 7 (1959).
 */
final readonly class ThreePoint
{
    /** Of the likeliest hours, where the shop has none of its own. From memory [M]. */
    private const SHORTEST = 0.8;

    private const LONGEST = 1.6;

    private function __construct(public float $shortest, public float $likeliest, public float $longest)
    {
    }

    /** @throws PlanningError unless shortest ≤ likeliest ≤ longest, none below nought */
    public static function of(float $shortest, float $likeliest, float $longest): self
    {
        return $shortest < 0.0 || $shortest > $likeliest || $likeliest > $longest
            ? throw PlanningError::notInOrder($shortest, $likeliest, $longest) : new self($shortest, $likeliest, $longest);
    }

    public static function around(float $likeliest): self
    {
        return self::of(self::SHORTEST * $likeliest, $likeliest, self::LONGEST * $likeliest);
    }

    /** In hours. */
    public function expected(): float
    {
        return ($this->shortest + 4 * $this->likeliest + $this->longest) / 6;
    }

    /** In hours squared. */
    public function variance(): float
    {
        return (($this->longest - $this->shortest) / 6) ** 2;
    }
}
