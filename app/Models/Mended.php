<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\PlainText;

/** Rows of a package's own kind that are shown whatever is stored in them. */
trait Mended
{
    /**
     * @param  array<string, mixed>|object  $attributes
     * @param  string|null  $connection
     */
    public function newFromBuilder($attributes = [], $connection = null): static
    {
        return parent::newFromBuilder(PlainText::row((array) $attributes), $connection);
    }
}
