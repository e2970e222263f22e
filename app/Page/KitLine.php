<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Kit\Ranking\Standing;
use Spindle\Limit\Verdict;

/** A kit as one line of a job's shelf says it, in words of its reader: what a page shows of it, and nothing that is worked out again. */
final readonly class KitLine
{
    /** What is drawn of its torque. */
    public const FIGURES = ['capacity.run_in', 'capacity.margin', 'capacity.floor_margin'];

    /** @param  array<string, float>  $figures  what is drawn of its torque, as far as it is known */
    private function __construct(
        public int $id,
        public string $name,
        public string $number,
        public Standing $standing,
        public Verdict $verdict,
        public string $reason,
        public string $what,
        public string $effort,
        public string $heat,
        public string $price,
        public string $priceMadeOf,
        public string $days,
        public array $figures,
    ) {
    }

    public static function of(ShelfRow $row): self
    {
        $figures = [];
        foreach (self::FIGURES as $name) {
            $figure = $row->assessment->figure($name);
            $figures += is_float($figure) ? [$name => $figure] : [];
        }

        return new self(
            $row->kit->id, $row->kit->name, $row->kit->number, $row->ranked->standing ?? Standing::Asked, $row->verdict(), $row->reason(),
            $row->what(), $row->effort(), $row->heat(), $row->priceOfJob(), $row->priceMadeOf(), $row->days(), $figures,
        );
    }

    /** Whether it is known to fit and carry. */
    public function isKnown(): bool
    {
        return $this->standing === Standing::Known;
    }
}
