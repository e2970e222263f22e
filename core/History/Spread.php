<?php

declare(strict_types=1);

namespace Spindle\History;

/**
 * A few numbers as their count, middle and quarters; never a bare mean. Quartiles by linear interpolation between the ordered values,
 * type 7 of Hyndman and Fan, Sample quantiles in statistical packages, The American Statistician 50 (1996).
 */
final readonly class Spread
{
    /** Fewer are said to be few. From memory [M]. */
    private const FEW = 5;

    private function __construct(public int $count, public float $lower, public float $median, public float $upper)
    {
    }

    /** @param  list<float>  $values  nothing of none */
    public static function of(array $values): ?self
    {
        if ($values === []) {
            return null;
        }
        sort($values);

        return new self(count($values), self::quantile($values, 0.25), self::quantile($values, 0.5), self::quantile($values, 0.75));
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $low = (int) floor($at);
        $next = $sorted[min($low + 1, count($sorted) - 1)];

        return $sorted[$low] + ($at - $low) * ($next - $sorted[$low]);
    }

    public function isFew(): bool
    {
        return $this->count < self::FEW;
    }
}
