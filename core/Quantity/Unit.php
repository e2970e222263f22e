<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** One unit of one dimension: its symbol and what one of it is in the dimension's base unit. */
final readonly class Unit
{
    /**
     * @param  float  $factor  base units in one of this unit
     * @param  list<string>  $spellings  further ways people write it, in lower case without blanks
     */
    public function __construct(
        public string $symbol,
        public Dimension $dimension,
        public float $factor,
        public array $spellings = [],
    ) {
    }

    public function toBase(float $value): float
    {
        return $value * $this->factor;
    }

    public function fromBase(float $value): float
    {
        return $value / $this->factor;
    }
}
