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

    /** Half as wide as the words of a band are. */
    private const HALF_A_LINE = 62;

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
        $x = $this->left();
        $y = max(0, min(self::HEIGHT - $height, $this->y - intdiv($height, 2)));

        return "{$x} {$y} {$width} {$height}";
    }

    /** The arrow that points at the place, from the side on which there is room. */
    public function arrow(): string
    {
        [$x, $y] = $this->tail();

        return sprintf('M%d %dL%d %d', $x, $y, $this->x + ($x < $this->x ? -9 : 9), $this->y + (int) (($y - $this->y) / 5));
    }

    /** @return array{x: int, y: int} the middle of the line of words at the arrow's tail */
    public function words(): array
    {
        [$x, $y] = $this->tail();
        [$width] = self::SHOWN;
        $left = $this->left();
        $x = max($left + self::HALF_A_LINE, min($left + $width - self::HALF_A_LINE, $x));

        return ['x' => $x, 'y' => $y + ($y > $this->y ? 12 : -5)];
    }

    private function left(): int
    {
        return max(0, min(self::WIDTH - self::SHOWN[0], $this->x - intdiv(self::SHOWN[0], 2)));
    }

    /** @return array{int, int} where the arrow begins */
    private function tail(): array
    {
        [$width, $height] = self::SHOWN;
        $isRoomLeft = $this->x - $this->left() > intdiv($width, 2) - 1;

        return [$this->x + ($isRoomLeft ? -46 : 46), $this->y + ($this->y < intdiv($height, 2) ? 26 : -26)];
    }
}
