<?php

declare(strict_types=1);

namespace Spindle\Planning;

/**
 * Hours of a task, or days of a wait, as shortest, likeliest and longest. Expected value (a + 4 m + b) ÷ 6 and variance ((b − a) ÷ 6)²,
 * Malcolm, Roseboom, Clark and Fazar, Application of a technique for research and development program evaluation, Operations Research 7
 * (1959). Of what was recorded often enough, mean, variance and quantiles are those of the record itself.
 */
final readonly class ThreePoint
{
    /** Of the likeliest hours, where the shop has none of its own. From memory [M]. */
    private const SHORTEST = 0.8;

    private const LONGEST = 1.6;

    /** @param  list<float>  $seen  what was recorded, least first; nothing where it is a guess of three points */
    private function __construct(public float $shortest, public float $likeliest, public float $longest, private array $seen = [])
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

    /** @param  non-empty-list<float>  $seen  what was recorded; its middle is the likeliest */
    public static function seen(array $seen): self
    {
        sort($seen);
        $of = self::of($seen[0], self::between($seen, 0.5), $seen[count($seen) - 1]);

        return new self($of->shortest, $of->likeliest, $of->longest, $seen);
    }

    /** The same with everything so many times as long. */
    public function times(float $by): self
    {
        return new self(
            $by * $this->shortest, $by * $this->likeliest, $by * $this->longest,
            array_map(static fn (float $one): float => $by * $one, $this->seen),
        );
    }

    /** What is left of it once so much has passed. */
    public function less(float $passed): self
    {
        return $passed <= 0.0 ? $this : self::of(
            max(0.0, $this->shortest - $passed), max(0.0, $this->likeliest - $passed), max(0.0, $this->longest - $passed),
        );
    }

    public function expected(): float
    {
        return $this->seen !== [] ? array_sum($this->seen) / count($this->seen)
            : ($this->shortest + 4 * $this->likeliest + $this->longest) / 6;
    }

    /** In the square of its unit. */
    public function variance(): float
    {
        if (count($this->seen) < 2) {
            return (($this->longest - $this->shortest) / 6) ** 2;
        }
        $mean = $this->expected();

        return array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $this->seen)) / (count($this->seen) - 1);
    }

    /**
     * By its distribution: of what was recorded straight between one and the next, else the beta of its three points.
     *
     * @param  list<float>  $shares  from nought to one; so much of it lies below each
     * @return list<float>
     */
    public function quantiles(array $shares): array
    {
        $width = $this->longest - $this->shortest;
        if ($width <= 0.0) {
            return array_fill(0, count($shares), $this->likeliest);
        }
        if ($this->seen !== []) {
            return array_map(fn (float $share): float => self::between($this->seen, $share), $shares);
        }

        return BetaQuantiles::of(($this->likeliest - $this->shortest) / $width)->between($shares, $this->shortest, $width);
    }

    /**
     * As many as there are places, even over the distribution: the least of them first in place 0.
     *
     * @param  list<int>  $places  each of them once
     * @return list<float>
     */
    public function drawn(array $places): array
    {
        $count = count($places);
        $width = $this->longest - $this->shortest;
        if ($width <= 0.0 || $this->seen !== []) {
            return $this->quantiles(array_map(static fn (int $place): float => ($place + 0.5) / $count, $places));
        }
        $unit = BetaQuantiles::of(($this->likeliest - $this->shortest) / $width)->evenly($count);
        $drawn = [];
        foreach ($places as $place) {
            $drawn[] = $this->shortest + $width * $unit[$place];
        }

        return $drawn;
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function between(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $step = (int) $at;

        return $sorted[$step] + ($at - $step) * (($sorted[$step + 1] ?? $sorted[$step]) - $sorted[$step]);
    }
}
