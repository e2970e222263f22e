<?php

declare(strict_types=1);

namespace Spindle\Kit;

/**
 * Ordering before the box is out, against waiting until it is: what each costs on average. A wrong order costs what sending it back
 * costs; waiting costs the days of delivery with the vehicle apart, if it comes to that. Source: expected value of two outcomes.
 */
final readonly class EarlyOrder
{
    /** @param  float  $chance  that the job comes to taking the clutch apart, 0 to 1 */
    public function __construct(
        private float $chance,
        private float $returnCost,
        private float $days,
        private float $dayCost,
    ) {
    }

    /** What ordering now costs on average: the order is for nothing with the chance that it is not needed. */
    public function now(): float
    {
        return (1 - $this->chance) * $this->returnCost;
    }

    /** What waiting costs on average: the days of delivery, with the chance that it is needed. */
    public function later(): float
    {
        return $this->chance * $this->days * $this->dayCost;
    }

    public function isNowCheaper(): bool
    {
        return $this->now() < $this->later();
    }
}
