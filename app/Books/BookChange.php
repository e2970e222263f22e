<?php

declare(strict_types=1);

namespace App\Books;

use App\Models\ModelFigure;
use App\Models\ShopFigure;
use App\Models\ShopLimit;

/** A change of a book as its page tells it: of what, to what, by whom and when. */
final readonly class BookChange
{
    /** @param  string  $to empty where it was taken out again */
    public function __construct(public string $of, public string $to, public ShopLimit|ShopFigure|ModelFigure $row)
    {
    }
}
