<?php

declare(strict_types=1);

namespace Spindle\Offer;

/** What was answered to an offer. */
enum OfferAnswer: string
{
    case Accepted = 'accepted';
    case Declined = 'declined';

    public function label(): string
    {
        return match ($this) {
            self::Accepted => 'Accepted',
            self::Declined => 'Declined',
        };
    }
}
