<?php

declare(strict_types=1);

namespace App\Drawings;

use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;

/**
 * Where the instrument touches: a plain sketch of the part, not to scale, of which the surroundings of that place are shown. Each is 360
 * by 220.
 */
final readonly class Sketch
{
    /** Where on its sketch each place is, by drawing and by what the place is called in the dictionary. */
    private const PLACES = [
        'disc' => [
            'splines' => [172, 110], 'lining' => [172, 28], 'rivets, flywheel side' => [154, 56], 'rivets, cover side' => [190, 56],
            'rim' => [172, 24], 'hub' => [206, 110],
        ],
        'flywheel' => [
            'face' => [110, 46], '12:00' => [110, 46], '1:30' => [155, 65], '3:00' => [174, 110], '4:30' => [155, 155],
            '6:00' => [110, 174],            '7:30' => [65, 155], '9:00' => [46, 110], '10:30' => [65, 65], 'section' => [275, 70],
        ],
        'cover' => ['plate' => [96, 62], 'fingers' => [176, 98], 'springs' => [128, 60]],
        'pilot' => ['play' => [148, 88], 'bore' => [130, 84], 'tip' => [160, 110]],
        'levers' => [
            'levers' => [206, 84], 'travel' => [236, 110], 'first release' => [236, 110], 'travel disc' => [104, 60],
            'take-off disc' => [148, 60], 'bolts' => [182, 40],
        ],
        'pairs' => ['old' => [90, 110], 'new' => [270, 110]],
        'housing' => ['A' => [112, 96], 'B' => [262, 96], 'housing' => [218, 40]],
        'chain' => [
            'pedal travel' => [34, 150], 'free play' => [48, 128], 'pedal ratio' => [62, 40], 'master bore' => [112, 66],
            'slave bore' => [182, 148], 'ring, outside' => [292, 96], 'ring, inside' => [292, 104], 'stroke lost' => [150, 120],
            'linkage ratio' => [150, 120], 'fork ratio' => [252, 136], 'clearance' => [304, 104], 'finger ratio' => [316, 84],
            'lost in the cover' => [324, 70], 'cushion, a disc' => [342, 60],
        ],
        'ring' => ['bearing to brake' => [206, 82], 'fork to pads' => [164, 44], 'free pedal' => [44, 140], 'squeeze' => [222, 82]],
        'bolts' => ['flywheel' => [180, 38], 'cover' => [180, 38], 'housing' => [180, 38], 'slave' => [180, 38]],
        'pedal' => ['take-up' => [104, 118]],
    ];

    private const WIDTH = 360;

    private const HEIGHT = 220;

    /** What is shown of it around the place. */
    private const SHOWN = [210, 120];

    private function __construct(public string $drawing, public int $x, public int $y, public string $anchor)
    {
    }

    /** Nothing where the reading has no place on a drawing. */
    public static function of(Field $field): ?self
    {
        $nature = $field->nature();
        $place = self::placeOn($nature->drawing, $nature->anchor);

        return $place === null || $nature->drawing === null
            ? null : new self($nature->drawing->value, $place[0], $place[1], $nature->anchor);
    }

    /** @return array{int, int}|null */
    public static function placeOn(?Drawing $drawing, string $anchor): ?array
    {
        return self::PLACES[$drawing->value ?? ''][$anchor] ?? null;
    }

    /** What of the sketch is shown. */
    public function window(): string
    {
        [$width, $height] = self::SHOWN;
        $x = max(0, min(self::WIDTH - $width, $this->x - intdiv($width, 2)));
        $y = max(0, min(self::HEIGHT - $height, $this->y - intdiv($height, 2)));

        return "{$x} {$y} {$width} {$height}";
    }

    /** The arrow that points at the place, from the side on which there is room. */
    public function arrow(): string
    {
        [$width, $height] = self::SHOWN;
        $left = max(0, min(self::WIDTH - $width, $this->x - intdiv($width, 2)));
        $isLeft = $this->x - $left > intdiv($width, 2) - 1;
        [$far, $near] = $isLeft ? [-46, -9] : [46, 9];
        $below = $this->y < intdiv($height, 2) ? 26 : -26;

        return sprintf('M%d %dL%d %d', $this->x + $far, $this->y + $below, $this->x + $near, $this->y + (int) ($below / 5));
    }
}
