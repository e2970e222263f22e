<?php

declare(strict_types=1);

namespace App\Figures;

use App\Page\JobPage;
use Spindle\Quantity\Length;

/** The pedal's arc unrolled into a ribbon: free play, the way to take-up, and what is left to the floor. */
final readonly class PedalDrawing
{
    public const LEFT = 40.0;

    public const WIDTH = 540.0;

    private const TRAVEL = 140.0;

    private function __construct(
        public ?float $play,
        public ?float $takeUp,
        public bool $isTravelKnown,
        public string $playText,
        public string $takeUpText,
        public string $travelText,
    ) {
    }

    public static function of(JobPage $page): self
    {
        $travel = $page->length('release.pedal_travel');
        $play = $page->length('release.free_play');
        $percent = $page->assessment->figure('release.take_up_percent');
        $at = static fn (?Length $l): ?float => $l === null
            ? null
            : self::LEFT + min(1.0, $l->value / ($travel->value ?? self::TRAVEL)) * self::WIDTH;
        $text = static fn (?Length $l, string $key): string => $l === null
            ? ''
            : $page->display->quantity($l, $page->values()->resolution($key));

        return new self(
            $at($play),
            is_float($percent) ? self::LEFT + min(1.0, max(0.0, 1.0 - $percent / 100)) * self::WIDTH : null,
            $travel !== null,
            $text($play, 'release.free_play'),
            is_float($percent) ? $page->display->percent($percent / 100).' above the floor' : '',
            $text($travel, 'release.pedal_travel'),
        );
    }
}
