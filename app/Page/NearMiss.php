<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Kit;
use App\Shelf\ShelfFilter;
use App\Shelf\Sieve;
use Spindle\Capacity\CarryCase;
use Spindle\Kit\Fit\FitTable;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/** A kit that one thing alone keeps out: a slip of one reading does that too, so the figures are shown. */
final readonly class NearMiss
{
    private const LOOKED_AT = 40;

    private const MOST = 12;

    private function __construct(public ShelfRow $row, private Finding $why)
    {
    }

    /** @return list<self> those that carry enough first */
    public static function of(AssessedJob $page, ShelfFilter $filter): array
    {
        $ids = Sieve::of($page->sheet, CarryCase::of($page->sheet))->heldByOne($filter->kits(), self::LOOKED_AT);
        $kits = Kit::query()->with('detail')->findMany($ids)->keyBy('id');
        $misses = [];
        foreach ($ids as $id) {
            $row = isset($kits[$id]) && count($misses) < self::MOST ? ShelfRow::toFit($kits[$id], $page) : null;
            $out = $row === null ? [] : array_values(array_filter(
                $row->assessment->findings, static fn (Finding $f): bool => $f->verdict === Verdict::Out && FitTable::label($f->id) !== '',
            ));
            $misses = $row !== null && count($out) === 1 ? [...$misses, new self($row, $out[0])] : $misses;
        }

        return $misses;
    }

    /** "Splines over the teeth: hub 24.2 mm, shaft 23.6 mm". */
    public function why(AssessedJob $page): string
    {
        return FitTable::label($this->why->id).': '.lcfirst($this->why->say($page->display));
    }
}
