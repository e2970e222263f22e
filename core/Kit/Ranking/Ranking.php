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

    /**
     * @param  list<RankedKit>  $kits  the best first
     * @param  int  $fitting  of those that could come among the best, how many fit; all of them where there are no more than wanted
     * @param  int  $carrying  and carry as well
     */
    private function __construct(public array $kits, public int $counted, public int $fitting, public int $carrying)
    {
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
        $counted = $fitting = $carrying = 0;
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
            $best[] = $ranked;
            // Now and then those that are no longer among the best are let go, so that memory stays what the top needs.
            if (count($best) >= $top + self::ROOM) {
                usort($best, $order);
                $best = array_slice($best, 0, $top);
                $last = $best[$top - 1];
                $least = $last->fits && $last->carries ? $last->score->total : 0.0;
            }
        }
        usort($best, $order);

        return new self(array_slice($best, 0, $top), $counted, $fitting, $carrying);
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
            $this->carrying + $other->carrying,
        );
    }
}
