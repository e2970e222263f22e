<?php

declare(strict_types=1);

namespace Spindle\Planning;

/**
 * The beta distribution of three points between nought and one, α = 1 + 4 m and β = 5 − 4 m, by its quantiles. Malcolm, Roseboom, Clark
 * and Fazar, Application of a technique for research and development program evaluation, Operations Research 7 (1959).
 */
final class BetaQuantiles
{
    /** Steps of the table; between them it is straight. */
    private const STEPS = 512;

    /** Steps by which the density is summed, a multiple of those of the table. */
    private const SUMMED = 1024;

    /** @var array<string, self> by where the likeliest lies */
    private static array $known = [];

    /** @var array<int, list<float>> by how many */
    private array $evenly = [];

    /** @param  list<float>  $table  quantiles, at 0, 1/512, … 1 */
    private function __construct(private readonly array $table)
    {
    }

    /** @param  float  $likeliest  from nought to one, where between shortest and longest the likeliest lies */
    public static function of(float $likeliest): self
    {
        return self::$known[sprintf('m %.6f', $likeliest)] ??= new self(self::table(max(0.0, min(1.0, $likeliest))));
    }

    /** @return list<float> */
    private static function table(float $likeliest): array
    {
        [$a, $b] = [4 * $likeliest, 4 - 4 * $likeliest];
        $sum = [0.0];
        for ($i = 0; $i < self::SUMMED; $i++) {
            $x = ($i + 0.5) / self::SUMMED;
            $sum[] = $sum[$i] + $x ** $a * (1 - $x) ** $b;
        }
        [$whole, $table, $at] = [$sum[self::SUMMED], [], 0];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $wanted = $whole * $step / self::STEPS;
            while ($at < self::SUMMED - 1 && $sum[$at + 1] < $wanted) {
                $at++;
            }
            $table[] = match ($step) {
                0 => 0.0,
                self::STEPS => 1.0,
                default => ($at + ($wanted - $sum[$at]) / ($sum[$at + 1] - $sum[$at])) / self::SUMMED,
            };
        }

        return $table;
    }

    /**
     * The middles of so many parts of the distribution that are alike: all of its draws that a plan makes, in their order.
     *
     * @return list<float>
     */
    public function evenly(int $count): array
    {
        if (! isset($this->evenly[$count])) {
            $shares = [];
            for ($i = 0; $i < $count; $i++) {
                $shares[] = ($i + 0.5) / $count;
            }
            $this->evenly[$count] = $this->between($shares, 0.0, 1.0);
        }

        return $this->evenly[$count];
    }

    /**
     * Of the same distribution laid over a stretch.
     *
     * @param  list<float>  $shares  from nought to one; so much lies below what comes back
     * @return list<float> in the unit of the stretch
     */
    public function between(array $shares, float $from, float $width): array
    {
        $all = [];
        foreach ($shares as $share) {
            $x = $share * self::STEPS;
            $step = min(self::STEPS - 1, (int) $x);
            $all[] = $from + $width * ($this->table[$step] + ($x - $step) * ($this->table[$step + 1] - $this->table[$step]));
        }

        return $all;
    }
}
