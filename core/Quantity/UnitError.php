<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A mistake of the program: it names a unit there is not, or reckons with two quantities that do not combine. */
final class UnitError extends \LogicException
{
    public static function unknown(string $symbol): self
    {
        return new self("no unit {$symbol}");
    }

    public static function doNotCombine(Dimension $one, Dimension $other): self
    {
        return new self("a {$one->value} and a {$other->value} do not combine");
    }
}
