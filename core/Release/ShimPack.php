<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;

/** Shims under the bearing: each moves it towards the fingers by its own thickness. */
final readonly class ShimPack
{
    /** Shims a shop keeps, mm. Default from memory [M]. */
    private const STOCK = [0.8, 1.6, 2.3];

    /** How far below the target a pack may bring the clearance, mm. Default from memory [M]. */
    private const MOST_BELOW_TARGET = 0.4;

    /** A pack of more shims, or thicker, means the wrong bearing or a wrong measurement. From memory [M]. */
    private const MOST_SHIMS = 3;

    private const THICKEST = 4.0;

    /** Thicknesses are compared in steps of 1 µm. */
    private const STEP = 0.001;

    /** @param  list<Length>  $shims  thickest first */
    private function __construct(public array $shims)
    {
    }

    /** Where none is due: the clearance is inside its band, or the bearing runs in contact. */
    public static function none(): self
    {
        return new self([]);
    }

    /** Whether anybody should believe that this bearing wants this pack. */
    public function isBelievable(): bool
    {
        return count($this->shims) <= self::MOST_SHIMS && $this->thickness()->value <= self::THICKEST + self::STEP / 2;
    }

    /** @return non-empty-list<Length> */
    public static function usualStock(): array
    {
        return array_map(Length::mm(...), self::STOCK);
    }

    /**
     * The pack from the stock, any count of each, that brings the clearance nearest to the target without going below it
     * by more than 0.4 mm; of two as near, the one with fewer shims.
     *
     * @param  list<Length>  $stock
     */
    public static function choose(Length $clearance, Length $target, array $stock): self
    {
        $room = self::steps($clearance->minus($target));
        $most = $room + self::steps(Length::mm(self::MOST_BELOW_TARGET));
        $sizes = array_values(array_unique(array_filter(array_map(self::steps(...), $stock), static fn (int $s): bool => $s > 0)));
        rsort($sizes);
        // Only multiples of what all sizes share can be reached.
        $unit = array_reduce($sizes, self::common(...), 0);

        // Fewest shims for each reachable thickness, and the last shim added on the way there.
        $count = [0 => 0];
        $last = [];
        for ($sum = $unit; $unit > 0 && $sum <= $most; $sum += $unit) {
            foreach ($sizes as $size) {
                $before = $count[$sum - $size] ?? null;
                if ($before !== null && (! isset($count[$sum]) || $before + 1 < $count[$sum])) {
                    $count[$sum] = $before + 1;
                    $last[$sum] = $size;
                }
            }
        }
        $best = 0;
        foreach ($count as $sum => $shims) {
            $nearer = abs($room - $sum) <=> abs($room - $best);
            if ($nearer < 0 || ($nearer === 0 && $shims < $count[$best])) {
                $best = $sum;
            }
        }
        $pack = [];
        for ($sum = $best; $sum > 0; $sum -= $last[$sum]) {
            $pack[] = $last[$sum];
        }
        rsort($pack);

        return new self(array_map(static fn (int $steps): Length => Length::mm($steps * self::STEP), $pack));
    }

    public function thickness(): Length
    {
        return Length::mm(array_sum(array_map(static fn (Length $s): float => $s->value, $this->shims)));
    }

    /** The greatest common divisor, by Euclid's algorithm. */
    private static function common(int $a, int $b): int
    {
        return $b === 0 ? $a : self::common($b, $a % $b);
    }

    private static function steps(Length $length): int
    {
        return (int) round($length->value / self::STEP);
    }
}
