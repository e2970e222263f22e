<?php

declare(strict_types=1);

namespace App\Shelf;

/** What is wrong with one cell of a list. */
final readonly class RowError
{
    public function __construct(public int $line, public string $column, public string $read, public string $expected)
    {
    }
}
