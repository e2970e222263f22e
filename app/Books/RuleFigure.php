<?php

declare(strict_types=1);

namespace App\Books;

use App\Jobs\ReaderLocale;

/** One figure the shop can put in place of a built-in one. */
final readonly class RuleFigure
{
    private function __construct(public string $name, public string $what, public string $shown, public string $own)
    {
    }

    /** @param  string|float  $builtIn counts while the shop has none of its own */
    public static function of(string $name, string $what, string|float $builtIn, string $own): self
    {
        return new self($name, $what, match (true) {
            $own !== '' => $own,
            is_float($builtIn) => ReaderLocale::display()->number($builtIn, $builtIn < 10 ? 2 : 0),
            default => $builtIn,
        }, $own);
    }
}
