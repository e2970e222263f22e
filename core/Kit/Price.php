<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Sheet\FieldValues;

/** What a kit costs, as far as its supplier says it in a way that can be compared. */
final readonly class Price
{
    public function __construct(public float $amount, public string $currency)
    {
    }

    /** Nothing where there is no price, or it is no plain number. */
    public static function of(FieldValues $kit): ?self
    {
        $written = trim($kit->word('kit.price') ?? '');

        return preg_match('/^\d{1,9}(?:[.,]\d{1,2})?$/', $written) === 1
            ? new self((float) str_replace(',', '.', $written), strtoupper(trim($kit->word('kit.currency') ?? '')))
            : null;
    }

    /** Whether it can be held against others of this currency. One that names none is in none, unless none of the others names any. */
    public function isIn(string $currency): bool
    {
        return $this->currency === $currency;
    }
}
