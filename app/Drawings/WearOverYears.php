<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Page\VehicleHistory;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** Wear of each clutch of a vehicle over the distance it went, one line a clutch, with the lining it had as the limit. */
final readonly class WearOverYears
{
    public const WIDTH = 560.0;

    public const HEIGHT = 150.0;

    /**
     * @param  list<array{x1: float, x2: float, y2: float, y: float, saidAt: float, text: string, worn: string}>  $lines
     */
    private function __construct(public array $lines)
    {
    }

    public static function of(VehicleHistory $history, Display $display): self
    {
        $lives = array_filter($history->lives, static fn ($l): bool => $l->distance !== null && $l->distance > 0.0);
        $total = array_sum(array_map(static fn ($l): float => (float) $l->distance, $lives));
        $most = max([0.1, ...array_map(static fn ($l): float => max((float) $l->worn, (float) $l->usable), $lives)]);
        $lines = [];
        $at = 0.0;
        foreach ($lives as $life) {
            $to = $at + (float) $life->distance;
            $down = round((float) $life->worn / $most * self::HEIGHT, 1);
            $lines[] = [
                'x1' => round($at / $total * self::WIDTH, 1), 'x2' => round($to / $total * self::WIDTH, 1),
                'y2' => $down, 'saidAt' => min(self::HEIGHT - 6, $down + 16), 'y' => round((float) $life->usable / $most * self::HEIGHT, 1),
                'text' => $history->distance($life->distance, $display), 'worn' => $life->worn === null ? 'wear not measured'
                    : $display->quantity(Length::mm($life->worn), 0.1),
            ];
            $at = $to;
        }

        return new self($lines);
    }
}
