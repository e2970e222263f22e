<?php

declare(strict_types=1);

namespace App\Books;

use App\Models\ShopFigure;
use Closure;

/** The last changes of what the shop has set, newest first. */
final class BookChanges
{
    private const SHOWN = 50;

    /**
     * @param  list<string>  $sections
     * @param  Closure(ShopFigure): string  $what  says of what a change is
     * @return list<BookChange>
     */
    public static function of(array $sections, Closure $what): array
    {
        $rows = ShopFigure::query()->whereIn('section', $sections)->orderByDesc('id')->limit(self::SHOWN)->get();

        return array_values($rows->map(static fn (ShopFigure $f): BookChange => new BookChange($what($f), $f->value, $f))->all());
    }
}
