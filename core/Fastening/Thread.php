<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Area;
use Spindle\Quantity\Length;

/** A metric thread: "M8x1.25", or "M8" with the coarse pitch. */
final readonly class Thread
{
    /** Coarse pitch by nominal diameter, mm. Source: ISO 261, from memory. */
    private const COARSE = [5 => 0.8, 6 => 1.0, 7 => 1.0, 8 => 1.25, 10 => 1.5, 12 => 1.75, 14 => 2.0, 16 => 2.0, 18 => 2.5, 20 => 2.5,
        22 => 2.5, 24 => 3.0];

    private function __construct(public Length $diameter, public Length $pitch)
    {
    }

    /** Nothing where it is no metric thread, or one without a pitch whose coarse one is not known. */
    public static function read(string $written): ?self
    {
        if (preg_match('/^\s*M\s*(\d{1,2}(?:[.,]\d)?)(?:\s*[x×]\s*(\d(?:[.,]\d{1,2})?))?\s*$/iu', $written, $m) !== 1) {
            return null;
        }
        $number = static fn (string $text): float => (float) str_replace(',', '.', $text);
        $diameter = $number($m[1]);
        $pitch = isset($m[2]) ? $number($m[2]) : (self::COARSE[(int) $diameter] ?? null);

        return $pitch === null || $pitch <= 0.0 || $pitch >= $diameter / 2 ? null : new self(Length::mm($diameter), Length::mm($pitch));
    }

    /** A_s = π/4 · (d − 0.9382 P)². Source: ISO 898-1. */
    public function stressArea(): Area
    {
        return Area::of(M_PI / 4 * ($this->diameter->value - 0.9382 * $this->pitch->value) ** 2);
    }
}
