<?php

declare(strict_types=1);

namespace Spindle\Inspection;

/** What a part or its reading cannot be. */
final class InspectionError extends \DomainException
{
    public static function noUsableLining(): self
    {
        return new self('the usable lining is more than nothing');
    }

    public static function rateWithoutWear(): self
    {
        return new self('a rate needs some wear');
    }

    public static function rateWithoutLife(): self
    {
        return new self('a rate needs some distance or time');
    }

    public static function chanceNotAShare(): self
    {
        return new self('a chance lies between 0 and 1');
    }

    public static function negativeCost(): self
    {
        return new self('price, labour and rate are not negative');
    }

    public static function faceNotRead(): self
    {
        return new self('a face is read at one place at least');
    }
}
