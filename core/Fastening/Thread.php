<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Area;
use Spindle\Quantity\Length;

/** A metric thread: "M8x1.25", or "M8" with the coarse pitch; or one in inches: "3/8-16", "7/16-20 UNF", "1/2 UNC". */
final readonly class Thread
{
    /** Coarse pitch by nominal diameter, mm. Source: ISO 261, from memory. */
    private const COARSE = [5 => 0.8, 6 => 1.0, 7 => 1.0, 8 => 1.25, 10 => 1.5, 12 => 1.75, 14 => 2.0, 16 => 2.0, 18 => 2.5, 20 => 2.5,
        22 => 2.5, 24 => 3.0];

    /** Threads an inch of the coarse and the fine series, by nominal diameter in sixteenths of an inch. Source: ASME B1.1, from memory. */
    private const INCH = [
        4 => [20, 28], 5 => [18, 24], 6 => [16, 24], 7 => [14, 20], 8 => [13, 20], 9 => [12, 18], 10 => [11, 18], 12 => [10, 16],
        14 => [9, 14], 16 => [8, 12],
    ];

    private const INCH_MM = 25.4;

    private const METRIC_DEPTH = 0.9382;

    private const INCH_DEPTH = 0.9743;

    /** @param  float  $depth  what the stress area takes off the diameter, in pitches */
    private function __construct(public Length $diameter, public Length $pitch, private float $depth)
    {
    }

    /** Nothing where it is no such thread, or one without a pitch whose coarse one is not known. */
    public static function read(string $written): ?self
    {
        return self::metric($written) ?? self::inch($written);
    }

    private static function metric(string $written): ?self
    {
        if (preg_match('/^\s*M\s*(\d{1,2}(?:[.,]\d)?)(?:\s*[x×]\s*(\d(?:[.,]\d{1,2})?))?\s*$/iu', $written, $m) !== 1) {
            return null;
        }
        $number = static fn (string $text): float => (float) str_replace(',', '.', $text);
        $diameter = $number($m[1]);
        $pitch = isset($m[2]) ? $number($m[2]) : (self::COARSE[(int) $diameter] ?? null);

        return $pitch === null || $pitch <= 0.0 || $pitch >= $diameter / 2 ? null
            : new self(Length::mm($diameter), Length::mm($pitch), self::METRIC_DEPTH);
    }

    /** Known are the coarse and the fine series from a quarter of an inch to an inch, and no other pitch. */
    private static function inch(string $written): ?self
    {
        $pattern = '/^\s*(?:(\d{1,2})\s*\/\s*(\d{1,2})|(1))\s*(?:in|["″])?\s*(?:-\s*(\d{1,2}))?\s*(UNC|UNF)?\s*$/iu';
        if (preg_match($pattern, $written, $m, PREG_UNMATCHED_AS_NULL) !== 1 || (int) ($m[2] ?? 1) === 0) {
            return null;
        }
        $sixteenths = $m[3] === null ? 16 * (int) $m[1] / (int) $m[2] : 16;
        [$coarse, $fine] = self::INCH[(int) $sixteenths] ?? [0, 0];
        $series = strtoupper($m[5] ?? '');
        $threads = $m[4] === null ? ['UNC' => $coarse, 'UNF' => $fine][$series] ?? 0 : (int) $m[4];
        $isOne = match ($series) {
            'UNC' => $threads === $coarse,
            'UNF' => $threads === $fine,
            default => in_array($threads, [$coarse, $fine], true),
        };

        return (float) (int) $sixteenths !== (float) $sixteenths || $threads === 0 || ! $isOne ? null
            : new self(Length::mm($sixteenths / 16 * self::INCH_MM), Length::mm(self::INCH_MM / $threads), self::INCH_DEPTH);
    }

    /** A_s = π/4 · (d − 0.9382 P)². Source: ISO 898-1; of inch threads with 0.9743, ASME B1.1. */
    public function stressArea(): Area
    {
        return Area::of(M_PI / 4 * ($this->diameter->value - $this->depth * $this->pitch->value) ** 2);
    }
}
