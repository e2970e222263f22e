<?php

declare(strict_types=1);

namespace App\Books;

use App\Models\ModelFigure;

/** One of the maker's figures of a model. */
final readonly class ModelLine
{
    public function __construct(public string $key, public string $label, public ModelFigure $figure)
    {
    }
}
