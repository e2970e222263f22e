<?php

declare(strict_types=1);

namespace Spindle\Fastening;

/** How the bolts of a group stand, and in which order they are tightened. */
enum BoltLayout: string
{
    case Circle = 'circle';
    case Row = 'row';

    public const FEWEST = 3;

    public const MOST = 32;

    public function label(): string
    {
        return match ($this) {
            self::Circle => 'On a circle',
            self::Row => 'In a row',
        };
    }

    /**
     * Bolts by number in the order in which they are tightened; on a circle clockwise from the top, in a row from the left. On a circle
     * each goes to the bolt opposite or nearly opposite, in a row from the middle outwards. Common practice, no source.
     *
     * @return list<int>
     *
     * @throws FasteningError with fewer than three bolts or more than thirty-two
     */
    public function order(int $bolts): array
    {
        if ($bolts < self::FEWEST || $bolts > self::MOST) {
            throw FasteningError::bolts();
        }

        return $this === self::Circle ? self::crosswise($bolts) : self::outwards($bolts);
    }

    /** @return list<int> */
    private static function crosswise(int $bolts): array
    {
        $half = intdiv($bolts, 2);
        if ($bolts % 2 !== 0) {
            // Of an odd number always to the next but half.
            return array_map(static fn (int $i): int => $i * $half % $bolts + 1, range(0, $bolts - 1));
        }

        return array_merge(...array_map(static fn (int $first): array => [$first + 1, $first + 1 + $half], self::pairs($half)));
    }

    /**
     * The pairs of opposite bolts in the order in which they are tightened, by the first of each from nought: one after the other; with
     * eight bolts or more each second one at right angles to the one before.
     *
     * @return list<int>
     */
    private static function pairs(int $half): array
    {
        $quarter = intdiv($half, 2);
        if ($half < 4) {
            return range(0, $half - 1);
        }
        $pairs = [];
        for ($i = 0; $i < $quarter; $i++) {
            $pairs = [...$pairs, $i, $i + $quarter];
        }

        return $half % 2 === 0 ? $pairs : [...$pairs, $half - 1];
    }

    /** @return list<int> */
    private static function outwards(int $bolts): array
    {
        $middle = intdiv($bolts + 1, 2);
        $order = [];
        for ($i = 0; $i < $bolts; $i++) {
            $order[] = $middle + ($i % 2 === 1 ? intdiv($i + 1, 2) : -intdiv($i, 2));
        }

        return $order;
    }
}
