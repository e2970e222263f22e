<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Said;

/** What is to be done when a reading is out, as the end of a sentence. */
final readonly class Remedy
{
    private function __construct(public Said $said, public bool $isReplacement)
    {
    }

    /** The part is replaced; while it is open that is worth doing early. */
    public static function replace(Said $said): self
    {
        return new self($said, true);
    }

    public static function other(Said $said): self
    {
        return new self($said, false);
    }
}
