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

    /**
     * Driving plates + driven plates − 1, flywheel and pressure plate counted as driving where they are.
     *
     * Source: Khurmi & Gupta, A Textbook of Machine Design, ch. 24.
     *
     * @throws CapacityError without a plate of each kind
     */
    public static function ofPlates(int $driving, int $driven): self
    {
        return $driving >= 1 && $driven >= 1
            ? new self($driving + $driven - 1)
            : throw CapacityError::noPlates();
    }
}
