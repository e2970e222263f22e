<?php

declare(strict_types=1);

namespace App\Books;

use App\Jobs\ReaderLocale;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use stdClass;

/** A kit as one line of the shelf shows it, for no job; what is not known is a dash. */
final readonly class ShelfLine
{
    private const NOT_KNOWN = '–';

    private function __construct(public stdClass $kit, public string $outer, public string $clampLoad, public string $price)
    {
    }

    /** @param  stdClass  $kit a row of the shelf */
    public static function of(stdClass $kit): self
    {
        $display = ReaderLocale::display();
        [$outer, $clamp, $price] = [$kit->lining_outer, $kit->clamp_load, $kit->price];

        return new self(
            $kit,
            is_numeric($outer) ? $display->quantity(Length::mm((float) $outer), 1.0) : self::NOT_KNOWN,
            is_numeric($clamp) ? $display->quantity(Force::N((float) $clamp), 100.0) : self::NOT_KNOWN,
            is_numeric($price) ? $display->number((float) $price, 2)." {$kit->currency}" : self::NOT_KNOWN,
        );
    }
}
