<?php

declare(strict_types=1);

namespace App\Changes;

use App\Limits\LimitsBook;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use App\Models\ShopLimit;
use App\Models\User;
use App\Shelf\ShelfRebuild;
use App\Store\InTurn;
use Spindle\Limit\PracticeRow;
use Spindle\Sheet\SheetError;

/** Sets what counts for the shop from now on, and has what stands with open jobs and with the shelf follow it. */
final readonly class SetForShop
{
    public function __construct(private User $by)
    {
    }

    /**
     * @param  array<string, string>  $values  by name; empty where the built-in figure counts again
     *
     * @throws SheetError naming what cannot be; nothing is set then
     */
    public function figures(string $section, array $values): void
    {
        foreach (array_filter($values, static fn (string $value): bool => $value !== '') as $name => $value) {
            ShopKnowledge::check($section, $name, $value);
        }
        InTurn::do(function () use ($section, $values): void {
            foreach ($values as $name => $value) {
                ShopFigure::query()->create([
                    'section' => $section, 'name' => $name, 'value' => $value, 'by_name' => $this->by->name, 'at' => now(),
                ]);
            }
        });
        if (ShopFigure::movesShelf($section)) {
            ShelfRebuild::all();
        }
        if (ShopFigure::movesJobs($section)) {
            WriteStanding::ofOpenJobs();
        }
    }

    /** @throws SheetError where these can be no bounds of it */
    public function limit(PracticeRow $row, string $classes, string $least, string $greatest): void
    {
        if ($least !== '' || $greatest !== '') {
            LimitsBook::check($row, $least, $greatest);
        }
        InTurn::do(fn (): ShopLimit => ShopLimit::query()->create([
            'name' => $row->name, 'classes' => $classes, 'least' => $least, 'greatest' => $greatest, 'by_name' => $this->by->name,
            'at' => now(),
        ]));
        WriteStanding::ofOpenJobs();
    }
}
