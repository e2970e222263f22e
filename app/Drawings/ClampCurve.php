<?php

declare(strict_types=1);

namespace App\Drawings;

use Spindle\Capacity\ClampThroughLife;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;

/** The clamp load of a kit from new to the wear limit. Pixels of a picture 320 × 150. */
final readonly class ClampCurve
{
    private const LEFT = 12.0;

    private const WIDTH = 290.0;

    private const BOTTOM = 120.0;

    private const HEIGHT = 96.0;

    /** @param  Length  $wear of the lining, at the limit */
    private function __construct(
        public string $path,
        public float $newSaidAt,
        public float $wornSaidAt,
        public Force $new,
        public Force $worn,
        public Length $wear,
        public ClampThroughLife $life,
    ) {
    }

    public static function of(FieldValues $kit): ?self
    {
        $life = ClampThroughLife::of($kit);
        if ($life === null) {
            return null;
        }
        $most = max(1.0, ...array_map(static fn (array $p): float => $p[1]->value, $life->points));
        $last = $life->points[count($life->points) - 1];
        $y = static fn (float $force): float => round(self::BOTTOM - self::HEIGHT * $force / $most, 1);
        $path = '';
        foreach ($life->points as $i => [$wear, $force]) {
            $path .= ($i === 0 ? 'M' : 'L').round(self::LEFT + self::WIDTH * $wear->value / max(0.001, $last[0]->value), 1).' '
                .$y($force->value);
        }

        return new self(
            $path, max(14.0, $y($life->points[0][1]->value) - 6), max(30.0, $y($last[1]->value) - 6),
            $life->points[0][1], $last[1], $last[0], $life,
        );
    }
}
