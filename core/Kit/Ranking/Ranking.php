<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** The best of any number of kits for one job; of the rest only how many there were is kept. */
final readonly class Ranking
{
    /** So many more than are wanted are kept before they are sorted and cut. */
    private const ROOM = 30;

    /** So many kits are opened at a time. */
    private const PIECE = 16;

    /**
     * @param  list<RankedKit>  $kits  the best first
     * @param  int  $fitting  of those that could come among the best, how many fit; all of them where there are no more than wanted
     * @param  int  $carrying  and carry as well
     * @param  int  $known  and are known to, with nothing left to ask
     */
    private function __construct(
        public array $kits,
        public int $counted,
        public int $fitting,
        public int $carrying,
        public int $known,
    ) {
    }

    /**
     * @param  iterable<int|string, FieldValues>  $kits  by name; read once, one at a time
     * @param  int  $top  so many are kept
     * @param  string  $currency  in which prices are compared where the shop has not said; that of most kits
     */
    public static function of(JobSheet $sheet, iterable $kits, int $top, string $currency = ''): self
    {
        $ranker = Ranker::of($sheet, $currency);
        $best = [];
        $counted = $fitting = $carrying = $known = 0;
        $order = static fn (RankedKit $a, RankedKit $b): int => $a->compare($b);
        $least = 0.0;
        foreach ($kits as $key => $kit) {
            $counted++;
            $ranked = $ranker->rank($key, $kit, $least);
            if ($ranked === null) {
                continue;
            }
            $fitting += (int) $ranked->fits;
            $carrying += (int) ($ranked->fits && $ranked->carries);
            $known += (int) ($ranked->standing === Standing::Known);
            $best[] = $ranked;
            // Now and then those that are no longer among the best are let go, so that memory stays what the top needs.
            if (count($best) >= $top + self::ROOM) {
                usort($best, $order);
                $best = array_slice($best, 0, $top);
                $least = self::least($best[$top - 1]);
            }
        }
        usort($best, $order);

        return new self(array_slice($best, 0, $top), $counted, $fitting, $carrying, $known);
    }

    /** A score below which no kit is wanted any more: where as many as are wanted are known to fit and carry. */
    private static function least(?RankedKit $last): float
    {
        return $last?->standing === Standing::Known ? $last->score->total : 0.0;
    }

    /**
     * The same from outlines: the kits are opened in the order of the best place they could have, until none that is left can come among
     * the best.
     *
     * @param  iterable<int|string, KitOutline>  $outlines  by name
     * @param  \Closure(list<int|string>): iterable<int|string, FieldValues>  $open  the data of some kits, by name
     */
    public static function ofOutlines(JobSheet $sheet, iterable $outlines, \Closure $open, int $top, string $currency = ''): self
    {
        $ranker = Ranker::of($sheet, $currency);
        $keys = $groups = $inGroups = $scores = [];
        foreach ($outlines as $key => $outline) {
            $keys[] = $key;
            [$groups[], $inGroups[], $scores[]] = $ranker->atBest($outline);
        }
        array_multisort($groups, SORT_DESC, $inGroups, SORT_DESC, $scores, SORT_DESC, $keys);
        $best = [];
        $fitting = $carrying = $known = 0;
        for ($i = 0; $i < count($keys); $i += self::PIECE) {
            $last = $best[$top - 1] ?? null;
            if ($last !== null && $last->isBefore([$groups[$i], $inGroups[$i], $scores[$i]])) {
                break;
            }
            foreach ($open(array_slice($keys, $i, self::PIECE)) as $key => $kit) {
                $ranked = $ranker->rank($key, $kit, self::least($last));
                if ($ranked !== null) {
                    $fitting += (int) $ranked->fits;
                    $carrying += (int) ($ranked->fits && $ranked->carries);
                    $known += (int) ($ranked->standing === Standing::Known);
                    $best[] = $ranked;
                }
            }
            usort($best, static fn (RankedKit $a, RankedKit $b): int => $a->compare($b));
            $best = array_slice($best, 0, $top);
        }

        return new self($best, count($keys), $fitting, $carrying, $known);
    }

    /**
     * @param  array<int|string, FieldValues>  $kits  by name
     * @return list<FieldValues> those of the ranking that can be put in
     */
    public function fittingAmong(array $kits): array
    {
        $fitting = array_filter($this->kits, static fn (RankedKit $k): bool => $k->fits && isset($kits[$k->key]));

        return array_values(array_map(static fn (RankedKit $k): FieldValues => $kits[$k->key], $fitting));
    }

    /** Two rankings of different kits for the same job as one. */
    public function with(self $other, int $top): self
    {
        $kits = [...$this->kits, ...$other->kits];
        usort($kits, static fn (RankedKit $a, RankedKit $b): int => $a->compare($b));

        return new self(
            array_slice($kits, 0, $top), $this->counted + $other->counted, $this->fitting + $other->fitting,
            $this->carrying + $other->carrying, $this->known + $other->known,
        );
    }
}
