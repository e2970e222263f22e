<?php

declare(strict_types=1);

namespace App\Shelf;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\CarryCase;
use Spindle\Kit\Ranking\KitOutline;
use Spindle\Kit\Ranking\Ranking;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/**
 * The kits of the shelf ranked for one job. The sieve holds back what cannot fit; those that carry enough by their columns are ranked
 * first, the others only where these do not fill the list, since they stand behind them in any case. Only kits that could come among the
 * best by their columns are opened.
 */
final readonly class ShelfRanking
{
    /**
     * @param  Ranking  $ranking  by number of the row
     * @param  int|null  $counted  kits looked at, those held back among them; nothing where only some were looked for and found
     * @param  int  $passing  kits that the sieve lets through
     * @param  int  $enough  of those, how many carry enough by their columns
     */
    private function __construct(public Ranking $ranking, public ?int $counted, public int $passing, public int $enough)
    {
    }

    /** @param  bool  $all  those that cannot fit come too, at the end, where the list has room for them */
    public static function of(JobSheet $sheet, ShelfFilter $filter, int $top, bool $all = false): self
    {
        $stamp = ShelfStamp::now();
        $sieve = Sieve::of($sheet, CarryCase::of($sheet));
        $kits = $filter->kits(...);
        $passing = $enough = 0;
        $strong = self::outlines($sieve->marked($kits()->select(KitColumns::OUTLINE)), $passing, $enough);
        $ranking = Ranking::ofOutlines($sheet, $strong, self::open(...), $top, $stamp->currency);
        if ($ranking->known < min($top, $passing)) {
            $weak = $sieve->carrying($sieve->passing($kits()), false)->select(KitColumns::OUTLINE)->selectRaw('1 as enough');
            $ranking = $ranking->with(Ranking::ofOutlines($sheet, self::outlines($weak), self::open(...), $top, $stamp->currency), $top);
        }
        // Whoever finds what was looked for need not wait for all that is like it to be counted.
        $counted = $filter->isNone() ? $stamp->kits : ($passing > 0 ? null : $kits()->count());
        if ($all && count($ranking->kits) < min($top, $counted ?? $top)) {
            $ids = array_map(static fn ($ranked): int => (int) $ranked->key, $ranking->kits);
            $ranking = $ranking->with(
                Ranking::of($sheet, self::read($kits()->whereIntegerNotInRaw('kits.id', $ids)), $top, $stamp->currency), $top,
            );
        }

        return new self($ranking, $counted, $passing, $enough);
    }

    /**
     * Those that carry enough, from the columns alone, which lie together in one index; all that pass are counted.
     *
     * @return \Generator<int, KitOutline>
     */
    private static function outlines(Builder $kits, int &$passing = 0, int &$enough = 0): \Generator
    {
        // As bare rows: a shelf of thousands is read for every ranking, and most of its rows are never looked at again.
        $connection = DB::connection();
        $statement = $connection->getPdo()->prepare($kits->toSql());
        $connection->bindValues($statement, $connection->prepareBindings($kits->getBindings()));
        $statement->execute();
        while (is_array($row = $statement->fetch(\PDO::FETCH_NUM))) {
            /**
             * @var array{
             *     int, float|null, float|null, float|null, int|null, string|null, int|null, float|null, float|null, string|null, int|null,
             *     float|null, int|null, int|null,
             * } $row
             */
            $passing++;
            if ((bool) $row[13]) {
                $enough++;
                yield $row[0] => KitColumns::outline($row);
            }
        }
    }

    /**
     * @param  list<int|string>  $ids
     * @return \Generator<int, FieldValues>
     */
    private static function open(array $ids): \Generator
    {
        return self::read(DB::table('kits')->whereIntegerInRaw('kits.id', array_map(intval(...), $ids)));
    }

    /** @return \Generator<int, FieldValues> */
    private static function read(Builder $kits): \Generator
    {
        $dictionary = Subjects::dictionary();
        foreach ($kits->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')->select(['kits.id', 'facts'])->cursor() as $row) {
            /** @var array<string, float|string|list<string>>|null $facts */
            $facts = json_decode((string) $row->facts, true);
            yield (int) $row->id => FieldValues::ofBase($dictionary, $facts ?? []);
        }
    }
}
