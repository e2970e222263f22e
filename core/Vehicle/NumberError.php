<?php

declare(strict_types=1);

namespace Spindle\Vehicle;

/** What an identification number cannot tell. */
final class NumberError extends \DomainException
{
    public static function noStandardForm(): self
    {
        return new self('only a number of the standard form has a check digit');
    }
}
