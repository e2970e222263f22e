<?php

declare(strict_types=1);

namespace App\Shelf;

/** One row of a list, with where it stands. */
final readonly class CsvRow
{
    /**
     * @param  list<string>  $cells
     * @param  int  $line  the first line of the file it stands on
     * @param  int  $nextLine  the line that follows it; a cell may hold several
     * @param  int  $after  bytes from the start of the file to the next row
     */
    public function __construct(public array $cells, public int $line, public int $nextLine, public int $after)
    {
    }
}
