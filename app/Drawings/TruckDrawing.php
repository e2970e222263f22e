<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Limit\Limit;
use Spindle\Quantity\Length;

/** Cover with its ring, bearing, brake, fork and pedal in a row, each gap to its scale, with the band that is accepted for it. */
final readonly class TruckDrawing
{
    /** Face of the bearing; pads of the fork; top of the pedal. */
    public const BEARING = 250.0;

    public const FORK = 250.0;

    public const PEDAL = 60.0;

    /** Pixels a millimetre. */
    private const GAP = 7.0;

    private const PLAY = 14.0;

    private const FREE = 5.0;

    private const WIDEST = 330.0;

    /**
     * @param  array{float, float}|null  $gapBand  in pixels, from the bearing
     * @param  array{float, float}|null  $playBand
     * @param  array{float, float}|null  $freeBand
     * @param  int  $turn  the way the ring is turned, seen from the inspection hole: 1 clockwise, −1 the other way, 0 not at all
     */
    private function __construct(
        public ?float $gap,
        public ?float $play,
        public ?float $free,
        public ?array $gapBand,
        public ?array $playBand,
        public ?array $freeBand,
        public string $gapText,
        public string $playText,
        public string $freeText,
        public int $turn,
        public ?int $notches,
    ) {
    }

    public static function of(AssessedJob $page): self
    {
        $values = $page->sheet->left()->values ?? $page->values();
        $read = static fn (string $key): ?Length => $values->one(Length::class, $key) ?? $page->length($key);
        $px = static fn (?Length $l, float $scale): ?float => $l === null ? null : min(self::WIDEST, $l->value * $scale);
        $text = static fn (?Length $l, string $key): string => $l === null
            ? '?' : $page->display->quantity($l, $page->values()->resolution($key));
        [$gap, $play, $free] = [$read('truck.bearing_gap'), $read('truck.fork_play'), $read('truck.free_pedal')];
        $book = $page->sheet->limitBook();
        $notches = $page->assessment->figure('truck.ring_notches');

        return new self(
            $px($gap, self::GAP), $px($play, self::PLAY), $px($free, self::FREE),
            self::band($book->find('truck.bearing_gap'), self::GAP), self::band($book->find('truck.fork_play'), self::PLAY),
            self::band($book->find('truck.free_pedal'), self::FREE),
            $text($gap, 'truck.bearing_gap'), $text($play, 'truck.fork_play'), $text($free, 'truck.free_pedal'),
            match ($page->assessment->figure('truck.action')) {
                'ring_in' => 1,
                'ring_out' => -1,
                default => 0,
            },
            is_int($notches) ? $notches : null,
        );
    }

    /** @return array{float, float}|null */
    private static function band(?Limit $limit, float $scale): ?array
    {
        return $limit?->min === null || $limit->max === null ? null : [$limit->min->value * $scale, $limit->max->value * $scale];
    }
}
