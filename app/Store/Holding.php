<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Contracts\Database\Query\Builder;

/** Rows whose text holds what somebody looks for, letter by letter: nothing typed has a meaning of its own. */
final class Holding
{
    /** SQLite knows no sign that takes the meaning off another one unless it is told which. */
    private const ESCAPE = '\\';

    /**
     * @template B of Builder
     *
     * @param  B  $query
     * @param  literal-string  $column
     * @return B
     */
    public static function word(Builder $query, string $column, string $word): Builder
    {
        $query->whereRaw("{$column} like ? escape ?", ['%'.addcslashes($word, '%_'.self::ESCAPE).'%', self::ESCAPE]);

        return $query;
    }
}
