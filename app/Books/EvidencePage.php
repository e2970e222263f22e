<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\OwnFaults;
use App\Limits\ShopBooks;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use Spindle\Triage\Cause;
use Spindle\Triage\OwnCases;
use Spindle\Triage\Strength;

/** The table triage counts by, as its page shows it. */
final readonly class EvidencePage
{
    /**
     * @param  array<string, CauseLine>  $causes  by cause
     * @param  list<BookChange>  $changes
     */
    private function __construct(public array $causes, public array $changes, private OwnCases $own)
    {
    }

    /** How many of the shop's own jobs were this fault. */
    public function ownCases(string $cause): int
    {
        return $this->own->cases($cause);
    }

    public function isLearning(): bool
    {
        return OwnFaults::isOn();
    }

    public function weight(): float
    {
        return OwnFaults::weight();
    }

    /** The day from which jobs count; empty where all do. */
    public function since(): string
    {
        return substr(OwnFaults::since(), 0, 10);
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
            OwnFaults::cases(),
        );
    }

    /** In how many of a hundred such faults a sign of this strength is there. */
    public function inHundred(string $strength): int
    {
        return (int) (100 * Strength::from($strength)->ofSign());
    }
}
