<?php

declare(strict_types=1);

namespace Spindle\Capacity;

/** How many pairs of surfaces rub: two for each disc. */
final readonly class FrictionFaces
{
    private function __construct(public int $count)
    {
    }

    /** @throws CapacityError without a disc */
    public static function ofDiscs(int $discs): self
    {
        return $discs >= 1 ? new self(2 * $discs) : throw CapacityError::noDisc();
    }
}
