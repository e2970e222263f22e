<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** What a limit cannot be. */
final class LimitError extends \DomainException
{
    public static function noFigure(): self
    {
        return new self('a limit needs a least or a greatest value');
    }

    public static function boundsCross(): self
    {
        return new self('the least value is above the greatest');
    }
}
