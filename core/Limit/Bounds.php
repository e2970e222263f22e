<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Quantity;

/** The least and greatest that something may be, and the watch band inside them; whatever there is not is nothing. */
final readonly class Bounds
{
    public function __construct(
        public ?Quantity $min = null,
        public ?Quantity $max = null,
        public ?Quantity $watchMin = null,
        public ?Quantity $watchMax = null,
    ) {
    }

    public static function atMost(Quantity $max, ?Quantity $watchFrom = null): self
    {
        return new self(max: $max, watchMax: $watchFrom);
    }

    public static function atLeast(Quantity $min, ?Quantity $watchBelow = null): self
    {
        return new self(min: $min, watchMin: $watchBelow);
    }

    public function areNone(): bool
    {
        return $this->min === null && $this->max === null && $this->watchMin === null && $this->watchMax === null;
    }

    public function cross(): bool
    {
        return $this->min !== null && $this->max !== null && $this->min->value > $this->max->value;
    }
}
