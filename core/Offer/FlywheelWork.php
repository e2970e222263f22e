<?php

declare(strict_types=1);

namespace Spindle\Offer;

/** What is offered for a flywheel that cannot stay as it is. */
enum FlywheelWork: string
{
    case Machined = 'machined';
    case Replaced = 'replaced';

    public function label(): string
    {
        return match ($this) {
            self::Machined => 'Machined',
            self::Replaced => 'A new one',
        };
    }

    /** The field that says what it costs. */
    public function price(): string
    {
        return match ($this) {
            self::Machined => OfferFields::MACHINING,
            self::Replaced => OfferFields::NEW_FLYWHEEL,
        };
    }
}
