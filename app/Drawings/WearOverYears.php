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
     * @param  array{from: float, least: float, most: float, down: float, text: string}|null  $next  where the lining of now will be used up
     */
    private function __construct(public array $lines, public ?array $next)
    {
    }

    public static function of(VehicleHistory $history, Display $display): self
    {
        $lives = array_values(array_filter($history->lives, static fn ($l): bool => $l->distance !== null && $l->distance > 0.0));
        $gone = array_sum(array_map(static fn ($l): float => (float) $l->distance, $lives));
        $total = max(1e-9, $gone + ($history->forecast->most ?? 0.0));
        $most = max([0.1, ...array_map(static fn ($l): float => max((float) $l->worn, (float) $l->usable), $lives)]);
        $x = static fn (float $distance): float => round($distance / $total * self::WIDTH, 1);
        $y = static fn (float $worn): float => round($worn / $most * self::HEIGHT, 1);
        $lines = [];
        $at = 0.0;
        foreach ($lives as $life) {
            $to = $at + (float) $life->distance;
            $down = $y((float) $life->worn);
            $lines[] = [
                'x1' => $x($at), 'x2' => $x($to),
                'y2' => $down, 'saidAt' => min(self::HEIGHT - 6, $down + 16), 'y' => $y((float) $life->usable),
                'text' => $history->distance($life->distance, $display), 'worn' => $life->worn === null ? 'wear not measured'
                    : $display->quantity(Length::mm($life->worn), 0.1),
            ];
            $at = $to;
        }
        $last = $lives[count($lives) - 1] ?? null;
        $next = $history->forecast === null || $last === null ? null : [
            'from' => $x($gone), 'least' => $x($gone + $history->forecast->least), 'most' => $x($gone + $history->forecast->most),
            'down' => $y((float) ($last->usable ?? $most)),
            'text' => $history->distance($history->forecast->least, $display).' to '
                .$history->distance($history->forecast->most, $display),
        ];

        return new self($lines, $next);
    }

    /** Whether there is more to see than one clutch, which a line of the table says as well. */
    public function isWorthDrawing(): bool
    {
        return count($this->lines) > 1 || ($this->lines !== [] && $this->next !== null);
    }
}
