<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Page\ShopHistory;

/**
 * Numbers of many jobs on one scale from nothing up: of each row the quarters as a bar, the middle as a stroke, and every job a point.
 *
 * @phpstan-import-type Row from ShopHistory
 */
final readonly class SpreadPlot
{
    public const WIDTH = 520.0;

    public const HEIGHT = 30.0;

    /** Points of one row lie on so many heights, so that those of like value are told apart. */
    private const HEIGHTS = 3;

    private const TICKS = 4;

    /**
     * @param  list<array{from: float, width: float, middle: float, dots: list<array{x: float, y: float, job: int, value: float}>}>  $rows
     * @param  list<array{x: float, value: float}>  $ticks
     */
    private function __construct(public array $rows, public array $ticks)
    {
    }

    /** @param  list<Row>  $rows */
    public static function of(array $rows): self
    {
        $most = self::round(max([1e-9, ...array_merge(...array_column($rows, 'values'), ...[array_column($rows, 'upper')])]));
        $at = static fn (float $value): float => round(self::WIDTH * $value / $most, 1);

        return new self(
            array_map(static fn (array $row): array => [
                'from' => $at($row['lower']), 'width' => max(1.0, round($at($row['upper']) - $at($row['lower']), 1)),
                'middle' => $at($row['median']),
                'dots' => array_map(static fn (int $i): array => [
                    'x' => $at($row['values'][$i]), 'y' => self::HEIGHT / 2 + 7.0 * ($i % self::HEIGHTS - 1), 'job' => $row['jobs'][$i],
                    'value' => $row['values'][$i],
                ], array_keys($row['values'])),
            ], $rows),
            array_map(static fn (int $i): array => ['x' => $at($most * $i / self::TICKS), 'value' => $most * $i / self::TICKS],
                range(0, self::TICKS)),
        );
    }

    /** The next round number above: 1, 2, 4 or 8 times a power of ten, so that its quarters are round too. */
    private static function round(float $most): float
    {
        $power = 10 ** floor(log10($most));
        foreach ([1, 2, 4, 8] as $times) {
            if ($most <= $times * $power) {
                return $times * $power;
            }
        }

        return 10 * $power;
    }
}
