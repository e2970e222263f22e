<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Page\VehicleHistory;

/** One figure of a vehicle over its jobs, with the limit it had at the last of them. */
final readonly class OverYears
{
    public const WIDTH = 190.0;

    public const HEIGHT = 60.0;

    /**
     * @param  list<array{x: float, y: float, text: string}>  $points
     * @param  list<float>  $limits  heights
     */
    private function __construct(public string $label, public array $points, public array $limits)
    {
    }

    /** @return list<self> those that were measured at two jobs or more */
    public static function all(VehicleHistory $history): array
    {
        return array_map(self::of(...), array_values($history->series()));
    }

    /** @param  list<array{at: int, label: string, value: float, text: string, min: float|null, max: float|null}>  $rows */
    private static function of(array $rows): self
    {
        $last = $rows[count($rows) - 1];
        $limits = array_values(array_filter([$last['min'], $last['max']], static fn (?float $l): bool => $l !== null));
        $values = [...array_column($rows, 'value'), ...$limits];
        [$low, $high] = [min([$last['value'], ...$values]), max([$last['value'], ...$values])];
        $span = max(1, $last['at'] - $rows[0]['at']);
        $y = static fn (float $v): float => round(self::HEIGHT * (1 - ($v - $low) / max(1e-9, $high - $low)), 1);

        return new self($last['label'], array_map(static fn (array $r): array => [
            'x' => round(self::WIDTH * ($r['at'] - $rows[0]['at']) / $span, 1), 'y' => $y((float) $r['value']), 'text' => $r['text'],
        ], $rows), array_map($y, $limits));
    }
}
