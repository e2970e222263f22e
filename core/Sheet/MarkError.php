<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\QuantityError;

/** What a mark on a face cannot be. */
final class MarkError extends \DomainException
{
    public static function notInThreeParts(): self
    {
        return new self('a mark is what it is, its clock position and its distance from the centre, such as heat_spot 4:30 105 mm');
    }

    public static function unknownKind(string $kind, string ...$known): self
    {
        return new self("“{$kind}” is no mark of a face; expected one of ".implode(', ', $known));
    }

    public static function noClockPosition(string $written): self
    {
        return new self("“{$written}” is no clock position; expected 1 to 12, or with minutes 4:30");
    }

    public static function radius(QuantityError $why): self
    {
        return new self('distance from the centre: '.$why->getMessage(), previous: $why);
    }

    public static function radiusOutOfRange(): self
    {
        return new self('the distance from the centre lies between 0 and 300 mm');
    }
}
