<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** A mistake of the program: it asks for a limit that no subject has written down for every class of vehicle. */
final class UnknownLimit extends \LogicException
{
    public static function named(string $name): self
    {
        return new self("no limit {$name}");
    }
}
