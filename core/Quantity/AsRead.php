<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A quantity with how finely it was read or is worth saying: it is written no finer. */
final readonly class AsRead
{
    /** @param  float  $step  of the last digit worth writing, in the base unit */
    public function __construct(public Quantity $value, public float $step)
    {
    }
}
