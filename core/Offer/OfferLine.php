<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Limit\Said;

/** One line of an offer: what, and for how much; nothing where no price is known. */
final readonly class OfferLine
{
    public function __construct(public Said $what, public ?float $amount)
    {
    }
}
