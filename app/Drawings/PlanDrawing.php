<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Page\JobPlanning;
use Spindle\Planning\PlannedTask;

/** The tasks of a job over its days. Pixels of a picture 1000 wide. */
final readonly class PlanDrawing
{
    private const LEFT = 250.0;

    /** Pixels for each per cent of the whole time. */
    private const SCALE = 7.4;

    private const TOP = 24;

    private const ROW = 26;

    /**
     * @param  list<PlanBar>  $bars
     * @param  list<array{float, string}>  $days  where each begins
     */
    private function __construct(public array $bars, public array $days, public int $bottom)
    {
    }

    public static function of(JobPlanning $planning): self
    {
        $bars = [];
        foreach ($planning->bars() as $i => $bar) {
            $bars[] = new PlanBar(
                $bar['task'], self::x($bar['x']), self::TOP + self::ROW * $i, max(5.0, self::SCALE * $bar['width']),
                self::x(max(0.0, $bar['wait'] - 3)),
            );
        }

        return new self(
            $bars, array_map(static fn (array $day): array => [self::x($day['x']), $day['text']], $planning->days()),
            self::ROW * count($bars) + 20,
        );
    }

    /** @return list<string> what decides when it is done: tasks of an hour and more, and what they wait for */
    public static function decides(JobPlanning $planning): array
    {
        $critical = $planning->plan->critical();
        $long = array_filter($critical, static fn (PlannedTask $t): bool => $t->hours >= 1.0);

        return [
            ...array_values(array_map(static fn (PlannedTask $t): string => lcfirst($planning->name($t->task)), $long)),
            ...array_values(array_filter(array_map(static fn (PlannedTask $t): string => $t->waitsFor, $critical))),
        ];
    }

    private static function x(float $percent): float
    {
        return self::LEFT + self::SCALE * $percent;
    }
}
