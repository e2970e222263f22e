<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** A reason was given for something that needs none. */
final class ConcessionError extends \DomainException
{
    public static function nothingToLetPass(Verdict $found): self
    {
        return new self("there is nothing to let pass: it is {$found->label()}");
    }
}
