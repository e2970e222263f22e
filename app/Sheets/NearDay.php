<?php

declare(strict_types=1);

namespace App\Sheets;

use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;

/** A day that somebody can mean: nobody plans or promises beyond ten years, and one further off was mistyped. */
final class NearDay
{
    private const YEARS = 10;

    /** For a day in a form. */
    public const RULE = ['date_format:Y-m-d', 'after:-'.self::YEARS.' years', 'before:+'.self::YEARS.' years'];

    /** @throws SheetError when a field that holds a day holds one that lies too far off */
    public static function check(Field $field, string $typed, string $place): void
    {
        if ($field->kind === Kind::Date && (int) substr(trim($typed), 0, 4) > now()->year + self::YEARS) {
            throw SheetError::at($place, "“{$typed}” lies more than ".self::YEARS.' years ahead');
        }
    }
}
