<?php

declare(strict_types=1);

namespace App\Drawings;

/**
 * Practice jobs one after the other, the first on the left: minutes of testing against those that were proposed, and whether the vehicle
 * was put right. Picture 640 × 180.
 */
final readonly class ProgressDrawing
{
    private const LEFT = 50.0;

    private const RIGHT = 630.0;

    private const TOP = 14.0;

    private const BOTTOM = 130.0;

    /** Fewer say nothing of a change. */
    private const LEAST = 2;

    private const WIDEST = 60.0;

    /**
     * @param  list<array{x: float, width: float, own: float, proposed: float, code: string, isRight: bool, minutes: int}>  $jobs
     *     heights of the two bars' tops
     * @param  list<array{float, int}>  $marks  minutes up the side
     */
    private function __construct(public array $jobs, public array $marks, public float $bottom)
    {
    }

    /** @param  list<array{code: string, own: int, proposed: int, isRight: bool}>  $jobs  the first first */
    public static function of(array $jobs): ?self
    {
        if (count($jobs) < self::LEAST) {
            return null;
        }
        $most = max(10, ...array_map(static fn (array $j): int => max($j['own'], $j['proposed']), $jobs));
        $y = static fn (float $minutes): float => round(self::BOTTOM - (self::BOTTOM - self::TOP) * $minutes / $most, 1);
        $step = min(self::WIDEST, (self::RIGHT - self::LEFT) / count($jobs));
        $drawn = [];
        foreach ($jobs as $i => $job) {
            $drawn[] = ['x' => round(self::LEFT + $step * $i, 1), 'width' => round($step * 0.36, 1), 'own' => $y($job['own']),
                'proposed' => $y($job['proposed']), 'code' => $job['code'], 'isRight' => $job['isRight'], 'minutes' => $job['own']];
        }

        return new self($drawn, array_map(
            static fn (int $i): array => [$y($most * $i / 2), (int) round($most * $i / 2)], [0, 1, 2],
        ), self::BOTTOM);
    }
}
