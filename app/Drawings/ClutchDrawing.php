<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Length;
use Spindle\Release\LightContact;

/** The clutch in section with its release bearing: the gap between bearing and fingers grows with what is measured. */
final readonly class ClutchDrawing
{
    public const TIP = 292.0;

    public const GEARBOX = 560.0;

    /** Pixels a millimetre of clearance; beyond this many the drawing stops growing. */
    private const SCALE = 12.0;

    private const WIDEST = 110.0;

    private const UNKNOWN = 40.0;

    private function __construct(
        public float $bearing,
        public float $shim,
        public bool $isKnown,
        public bool $touches,
        public string $a,
        public string $b,
        public string $gap,
    ) {
    }

    public function gapMiddle(): float
    {
        return (self::TIP + $this->bearing) / 2;
    }

    /** Of the shims behind the bearing, which is 54 pixels long. */
    public function shimsMiddle(): float
    {
        return $this->bearing + 54 + $this->shim / 2;
    }

    public static function of(AssessedJob $page): self
    {
        $values = $page->now()->values;
        $shimmed = $page->assessment->figure('release.clearance_shimmed');
        $given = $page->now()->values->one(Length::class, 'release.clearance');
        $gap = $given->value ?? (is_float($shimmed) ? $shimmed : (LightContact::of($page->now()) ? 0.0 : null));
        $shim = $page->assessment->figure('release.shim');
        $mean = static function (string $key) use ($values, $page): string {
            $all = $values->all(Length::class, $key);

            return $all === [] ? '' : $page->display->quantity(Length::mean($all), $values->resolution($key));
        };

        return new self(
            self::TIP + ($gap === null ? self::UNKNOWN : max(0.0, min(self::WIDEST, $gap * self::SCALE))),
            is_float($shim) ? min(40.0, ($shim * self::SCALE) / 2) : 0.0,
            $gap !== null,
            $gap !== null && $gap <= 0.0,
            $mean('release.depth_to_fingers'),
            $mean('release.bearing_height'),
            $gap === null
                ? ''
                : $page->display->quantity(
                    Length::mm($gap),
                    max(0.01, $values->resolution('release.depth_to_fingers', 'release.bearing_height', 'release.clearance')),
                ),
        );
    }
}
