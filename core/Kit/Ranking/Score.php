<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

/** How good a kit is for one job among those that fit and carry; every part stands from 0 to 1 and can be shown. */
final readonly class Score
{
    /** @param  array<string, float|null>  $parts  by name; nothing where a datum is missing, which counts as nought */
    private function __construct(public array $parts, public float $total)
    {
    }

    /** @param  array<string, float|null>  $parts */
    public static function of(array $parts, RankingRules $rules): self
    {
        $sum = $all = 0.0;
        foreach ($rules->weights() as $name => $weight) {
            $all += $weight;
            $sum += $weight * ($parts[$name] ?? 0.0);
        }

        return new self($parts, $sum / $all);
    }
}
