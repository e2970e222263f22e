<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** A number with a dimension, held in the base unit of that dimension. Always finite. */
abstract readonly class Quantity
{
    /** @throws QuantityError when the number is not finite */
    final protected function __construct(public float $value)
    {
        if (! is_finite($value)) {
            throw QuantityError::notFinite();
        }
    }

    abstract public static function dimension(): Dimension;

    /** The quantity of this many base units. */
    final public static function of(float $baseUnits): static
    {
        return new static($baseUnits);
    }

    /** The quantity of this many of a unit of the same dimension. */
    final public static function in(float $value, string $unit): static
    {
        return new static(Units::named($unit)->toBase($value));
    }

    /** How many of the named unit this is. */
    final public function as(string $unit): float
    {
        return Units::named($unit)->fromBase($this->value);
    }

    final public function plus(self $other): static
    {
        return new static($this->value + $this->like($other));
    }

    final public function minus(self $other): static
    {
        return new static($this->value - $this->like($other));
    }

    final public function times(float $factor): static
    {
        return new static($this->value * $factor);
    }

    final public function over(float $divisor): static
    {
        return new static($this->value / $divisor);
    }

    /** How often the other goes into this one. */
    final public function ratioTo(self $other): Ratio
    {
        return Ratio::of($this->value / $this->like($other));
    }

    /**
     * The least of at least one quantity.
     *
     * @param  non-empty-list<static>  $quantities
     */
    final public static function least(array $quantities): static
    {
        return new static(min(array_map(static fn (self $q): float => $q->value, $quantities)));
    }

    /** @param  non-empty-list<static>  $quantities */
    final public static function greatest(array $quantities): static
    {
        return new static(max(array_map(static fn (self $q): float => $q->value, $quantities)));
    }

    /** @param  non-empty-list<static>  $quantities */
    final public static function mean(array $quantities): static
    {
        return new static(array_sum(array_map(static fn (self $q): float => $q->value, $quantities)) / count($quantities));
    }

    /**
     * The greatest less the smallest.
     *
     * @param  non-empty-list<static>  $quantities
     */
    final public static function spread(array $quantities): static
    {
        return static::greatest($quantities)->minus(static::least($quantities));
    }

    private function like(self $other): float
    {
        if ($other::dimension() !== static::dimension()) {
            throw UnitError::doNotCombine(static::dimension(), $other::dimension());
        }

        return $other->value;
    }
}
