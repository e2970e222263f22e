<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\ShopBooks;
use App\Models\ShopFigure;
use Spindle\Limit\Instrument;

/** How far the shop's instruments can be trusted, as its page shows it. */
final readonly class InstrumentsPage
{
    /**
     * @param  list<InstrumentLine>  $instruments
     * @param  list<BookChange>  $changes
     */
    private function __construct(public array $instruments, public array $changes)
    {
    }

    public static function now(): self
    {
        $inForce = ShopBooks::now()->figures(ShopFigure::UNCERTAINTIES);

        return new self(
            array_map(
                static fn (Instrument $i): InstrumentLine => InstrumentLine::of($i, $inForce[$i->value] ?? null), Instrument::cases(),
            ),
            BookChanges::of([ShopFigure::UNCERTAINTIES], static fn (ShopFigure $f): string => ucfirst(str_replace('_', ' ', $f->name))),
        );
    }
}
