<?php

declare(strict_types=1);

namespace App\Drawings;

use Spindle\Practice\Debrief;
use Spindle\Practice\Played;

/**
 * How likely what a practice job really comes to stood over the minutes: by one's own way, as proposed, and by habit. Picture 640 × 200.
 */
final readonly class CourseDrawing
{
    private const LEFT = 56.0;

    private const RIGHT = 620.0;

    private const TOP = 16.0;

    private const BOTTOM = 160.0;

    /**
     * @param  list<array{name: string, path: string, x: float, y: float, minutes: int, isRight: bool}>  $ways
     * @param  list<array{float, string}>  $marks  minutes along the bottom
     */
    private function __construct(public array $ways, public array $marks)
    {
    }

    public static function of(Debrief $debrief): self
    {
        return self::ofWays(['You' => $debrief->own, 'As proposed' => $debrief->proposed, 'By habit' => $debrief->habit]);
    }

    /** @param  non-empty-array<string, Played>  $ways  by whose they are */
    public static function ofWays(array $ways): self
    {
        $most = max(10, ...array_values(array_map(static fn (Played $p): int => $p->minutes, $ways)));
        $x = static fn (float $minute): float => round(self::LEFT + (self::RIGHT - self::LEFT) * $minute / $most, 1);
        $y = static fn (float $chance): float => round(self::BOTTOM - (self::BOTTOM - self::TOP) * $chance, 1);
        $lines = [];
        foreach ($ways as $name => $played) {
            $path = '';
            foreach ($played->course as $i => [$minute, $chance]) {
                // What is known after a test is known once its minutes are over.
                $path .= $i === 0 ? "M{$x($minute)} {$y($chance)}" : "H{$x($minute)}V{$y($chance)}";
            }
            [$minute, $chance] = $played->course[count($played->course) - 1];
            $lines[] = ['name' => $name, 'path' => $path, 'x' => $x($minute), 'y' => $y($chance), 'minutes' => $played->minutes,
                'isRight' => $played->isRight()];
        }

        return new self($lines, array_map(
            static fn (int $i): array => [$x($most * $i / 4), (string) (int) round($most * $i / 4)], range(0, 4),
        ));
    }
}
