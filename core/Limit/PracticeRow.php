<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Quantity;
use Spindle\Vehicle\VehicleClass;

/** One line of the table of built-in limits. */
final readonly class PracticeRow
{
    /**
     * @param  list<VehicleClass>  $classes  where it applies
     * @param  float|null  $min  bounds and watch bands in base units of the dimension
     */
    public function __construct(
        public string $name,
        public array $classes,
        public Dimension $dimension,
        public Mark $mark,
        public ?float $min = null,
        public ?float $max = null,
        public ?float $watchMin = null,
        public ?float $watchMax = null,
        public bool $edgeIsOut = false,
        public string $note = '',
    ) {
    }

    public function limit(): Limit
    {
        $of = $this->dimension->quantity()::of(...);
        $quantity = fn (?float $value): ?Quantity => $value === null ? null : $this->dimension->quantity()::of($value);
        $limit = Limit::of(
            $this->name, $quantity($this->min), $quantity($this->max), LimitSource::Practice, $this->mark,
            $quantity($this->watchMin), $quantity($this->watchMax),
        )->noted($this->note);

        return $this->edgeIsOut ? $limit->outFromTheEdge() : $limit;
    }
}
