<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Limit\Said;

/** What can be replaced while it is open: what it costs now, and what leaving it costs on average. */
final readonly class OfferOption
{
    public function __construct(public string $part, public Said $said, public bool $isWorthIt, public bool $isTaken)
    {
    }
}
