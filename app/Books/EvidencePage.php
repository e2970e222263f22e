<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\ShopBooks;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use Spindle\Triage\Cause;
use Spindle\Triage\Strength;

/** The table triage counts by, as its page shows it. */
final readonly class EvidencePage
{
    /**
     * @param  array<string, CauseLine>  $causes  by cause
     * @param  list<BookChange>  $changes
     */
    private function __construct(public array $causes, public array $changes)
    {
    }

    public static function now(): self
    {
        $causes = ShopKnowledge::evidence()->causes;
        $own = array_keys(ShopBooks::now()->figures(ShopFigure::CAUSES));

        return new self(
            array_map(static fn (Cause $c): CauseLine => CauseLine::of($c, $own), $causes),
            BookChanges::of([ShopFigure::CAUSES], static function (ShopFigure $f) use ($causes): string {
                [$cause, $evidence] = explode('.', $f->name, 2);

                return $causes[$cause]->label.', '.CauseLine::evidence($evidence);
            }),
        );
    }

    /** In how many of a hundred such faults a sign of this strength is there. */
    public function inHundred(string $strength): int
    {
        return (int) (100 * Strength::from($strength)->ofSign());
    }
}
