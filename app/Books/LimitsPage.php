<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\LimitsBook;
use App\Models\ShopLimit;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;

/** The limits book as its page shows it. */
final readonly class LimitsPage
{
    /**
     * @param  list<LimitLine>  $limits
     * @param  list<DutyLine>  $duties
     * @param  list<LiningLine>  $linings
     * @param  list<BookChange>  $changes
     */
    private function __construct(public array $limits, public array $duties, public array $linings, public array $changes)
    {
    }

    public static function now(): self
    {
        $inForce = LimitsBook::inForce();
        $changes = ShopLimit::query()->orderByDesc('id')->limit(50)->get();

        return new self(
            array_map(static fn (PracticeRow $row): LimitLine => LimitLine::of($row, $inForce), Subjects::dictionary()->practice->rows),
            array_map(DutyLine::of(...), Duty::cases()),
            array_map(LiningLine::of(...), Material::cases()),
            array_values($changes->map(static fn (ShopLimit $l): BookChange => new BookChange(
                LimitsBook::nameOf($l->name).' ('.str_replace(',', ', ', $l->classes).')', $l->words(), $l,
            ))->all()),
        );
    }

    /** @return list<Provenance> how well a built-in figure can be founded */
    public function marks(): array
    {
        return Provenance::cases();
    }
}
