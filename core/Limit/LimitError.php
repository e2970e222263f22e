<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** What a limit cannot be. */
final class LimitError extends \DomainException
{
    /** A sentence was kept that no subject has: of another program. */
    public static function saysNothing(string $method): self
    {
        return new self("{$method} says nothing");
    }

    public static function noFigure(): self
    {
        return new self('a limit needs a least or a greatest value');
    }

    public static function boundsCross(): self
    {
        return new self('the least value is above the greatest');
    }
}
