<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Quantity\UnitSystem;

/** The bore of the housing as the dial went round it: readings out from a circle, much enlarged, and the way to the high side. */
final readonly class SweepDrawing
{
    public const MIDDLE = 165.0;

    private const CIRCLE = 88.0;

    /** The greatest reading stands so far off the circle. */
    private const OFF = 34.0;

    /** Where the readings are written. */
    private const TEXT = 142.0;

    /** @param  list<array{float, float, string, float, float}>  $points  where each reading stands, what it says and where */
    private function __construct(public array $points, public string $path, public ?float $towards, public string $offset)
    {
    }

    public static function of(AssessedJob $page): ?self
    {
        $readings = $page->values()->all(Length::class, 'housing.bore_dial');
        if (count($readings) < 2) {
            return null;
        }
        $mean = Length::mean($readings)->value;
        $most = max(0.01, ...array_map(static fn (Length $r): float => abs($r->value - $mean), $readings));
        $unit = $page->units() === UnitSystem::Metric ? 'mm' : 'in';
        $points = [];
        foreach ($readings as $i => $reading) {
            $angle = 2 * M_PI * $i / count($readings);
            $at = self::CIRCLE + ($reading->value - $mean) / $most * self::OFF;
            $points[] = [round(self::MIDDLE + $at * sin($angle), 1), round(self::MIDDLE - $at * cos($angle), 1),
                $page->display->number($reading->as($unit), $unit === 'mm' ? 2 : 4),
                round(self::MIDDLE + self::TEXT * sin($angle), 1), round(self::MIDDLE - self::TEXT * cos($angle) + 5, 1)];
        }
        $hours = $page->assessment->figure('housing.bore_direction');
        $offset = $page->assessment->figure('housing.bore_offset');

        return new self(
            $points, 'M'.implode('L', array_map(static fn (array $p): string => "{$p[0]} {$p[1]}", $points)).'Z',
            is_float($hours) ? $hours * 30 : null, is_float($offset) ? $page->display->quantity(Length::mm($offset), 0.01) : '',
        );
    }
}
