<?php

declare(strict_types=1);

namespace App\Models;

/** Tables here are only added to: of the rows of one name the last one counts. */
final class LastRow
{
    /**
     * @template T of object
     *
     * @param  iterable<T>  $rows  in the order they were written
     * @param  callable(T): string  $name
     * @return array<string, T> by name
     */
    public static function ofEach(iterable $rows, callable $name): array
    {
        $last = [];
        foreach ($rows as $row) {
            $last[$name($row)] = $row;
        }

        return $last;
    }
}
