<?php

declare(strict_types=1);

namespace App\Shelf;

use Illuminate\Database\Query\Builder;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\CarryCase;
use Spindle\Kit\Ranking\Ranking;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/**
 * The kits of the shelf ranked for one job. The sieve holds back what cannot fit; those that carry enough by their columns are ranked
 * first, the others only where these do not fill the list, since they stand behind them in any case.
 */
final readonly class ShelfRanking
{
    /**
     * @param  Ranking  $ranking  by number of the row
     * @param  int  $counted  kits looked at, those held back among them
     * @param  int  $passing  kits that the sieve lets through
     * @param  int  $enough  of those, how many carry enough by their columns
     */
    private function __construct(public Ranking $ranking, public int $counted, public int $passing, public int $enough)
    {
    }

    /** @param  bool  $all  those that cannot fit come too, at the end, where the list has room for them */
    public static function of(JobSheet $sheet, ShelfFilter $filter, int $top, bool $all = false): self
    {
        $stamp = ShelfStamp::now();
        $sieve = Sieve::of($sheet, CarryCase::of($sheet));
        $kits = $filter->kits(...);
        $counted = $filter->isNone() ? $stamp->kits : $kits()->count();
        $passing = $sieve->passing($kits())->count();
        $enough = $sieve->carrying($sieve->passing($kits()), true)->count();
        $ranking = Ranking::of($sheet, self::read($sieve->carrying($sieve->passing($kits()), true)), $top, $stamp->currency);
        if ($ranking->carrying < min($top, $passing)) {
            $ranking = $ranking->with(
                Ranking::of($sheet, self::read($sieve->carrying($sieve->passing($kits()), false)), $top, $stamp->currency), $top,
            );
        }
        if ($all && count($ranking->kits) < min($top, $counted)) {
            $ids = array_map(static fn ($ranked): int => (int) $ranked->key, $ranking->kits);
            $ranking = $ranking->with(
                Ranking::of($sheet, self::read($kits()->whereIntegerNotInRaw('kits.id', $ids)), $top, $stamp->currency), $top,
            );
        }

        return new self($ranking, $counted, $passing, $enough);
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
