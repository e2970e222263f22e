<?php

declare(strict_types=1);

namespace App\Shelf;

/** Why a supplier's list cannot be read at all. What is wrong with a row of it is told by row and does not stop the list. */
final class ShelfError extends \DomainException
{
    public static function unreadable(): self
    {
        return new self('the file cannot be read');
    }

    public static function notText(): self
    {
        return new self('the file is not a list in text: it holds characters no list has. Export it as CSV');
    }

    public static function empty(): self
    {
        return new self('the file is empty');
    }

    public static function noColumns(): self
    {
        return new self('no columns can be made out: a list has a row of names, with commas, semicolons or tabs between them');
    }

    public static function noRows(): self
    {
        return new self('the file has a row of names and no rows under it');
    }

    public static function namedTwice(string $column): self
    {
        return new self("the column “{$column}” stands there twice; which of them counts cannot be told");
    }

    public static function noNumber(): self
    {
        return new self("no column is said to hold the maker's number, by which a kit is known again");
    }

    public static function readTwice(string $field): self
    {
        return new self("two columns are said to hold “{$field}”; choose one");
    }

    public static function largerThan(int $megabytes): self
    {
        return new self("the file is larger than {$megabytes} MB");
    }

    public static function noMap(): self
    {
        return new self('the map cannot be read: JSON is expected, {"columns": {"Part no": {"field": "number"}}}');
    }

    public static function noShelf(): self
    {
        return new self('the shelf cannot be read or written; there is no database, or no room for it');
    }

    public static function noTop(): self
    {
        return new self('how many are shown is a number from 1 to 10000');
    }

    public static function notRead(): self
    {
        return new self('the list is not read to its end, or was taken or dropped already');
    }

    public static function badRows(int $count): self
    {
        return new self("{$count} of its rows cannot be read; say that the good rows are wanted without them, or mend the file");
    }
}
