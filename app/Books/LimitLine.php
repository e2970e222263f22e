<?php

declare(strict_types=1);

namespace App\Books;

use App\Jobs\ReaderLocale;
use App\Limits\LimitsBook;
use App\Models\ShopLimit;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\UnitSystem;

/** One limit as the book shows it: built in, in both systems of units, and what the shop has put in its place. */
final readonly class LimitLine
{
    private function __construct(
        public string $name,
        public string $label,
        public string $remark,
        public string $classes,
        public string $for,
        public string $figures,
        public string $inOther,
        public Provenance $provenance,
        public ?ShopLimit $shop,
        public bool $hasLeast,
        public string $greatestIs,
    ) {
    }

    /** @param  array<string, ShopLimit>  $inForce by name and classes */
    public static function of(PracticeRow $row, array $inForce): self
    {
        $metric = ReaderLocale::display();
        $classes = LimitsBook::classes($row);
        $here = LimitsBook::figures($row, $metric);
        $there = LimitsBook::figures($row, ReaderLocale::display(UnitSystem::Inch));

        return new self(
            $row->name, LimitsBook::label($row), $row->remark($metric), $classes,
            count($row->classes) === 4 ? 'all' : str_replace(',', ', ', $classes), $here, $there === $here ? '' : $there, $row->mark,
            $inForce["{$row->name}|{$classes}"] ?? null, $row->min !== null, match (true) {
                $row->max !== null => 'At most',
                $row->watchMax !== null => 'Watch from',
                default => '',
            },
        );
    }
}
