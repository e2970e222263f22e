<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;
use Spindle\Vehicle\VehicleClass;

/**
 * One line of the table of built-in limits: one limit and a group of classes. Figures in the base unit of the dimension. Every row
 * carries its mark; a figure marked M is a default from memory for the shop to change, CP is common practice without a source.
 */
final readonly class PracticeRow
{
    public const LIGHT = [VehicleClass::Car, VehicleClass::Van];

    public const HEAVY = [VehicleClass::Truck, VehicleClass::Tractor];

    public const ALL = [VehicleClass::Car, VehicleClass::Van, VehicleClass::Truck, VehicleClass::Tractor];

    /**
     * @param  list<VehicleClass>  $classes  where it applies
     * @param  float|null  $min  bounds and watch bands in base units of the dimension
     * @param  string  $note  what is measured, and when
     * @param  string  $origin  where the figures come from, where there is more to say than the mark
     * @param  string  $label  what it is called; empty where it has the name of its reading
     * @param  bool  $isShare  written in per cent
     */
    public function __construct(
        public string $name,
        public array $classes,
        public Dimension $dimension,
        public Provenance $mark,
        public ?float $min = null,
        public ?float $max = null,
        public ?float $watchMin = null,
        public ?float $watchMax = null,
        public bool $edgeIsOut = false,
        public string $note = '',
        public string $origin = '',
        public string $label = '',
        public bool $isShare = false,
    ) {
    }

    /** Of a vehicle whose class is not known, only what is the same for every class holds. */
    public function appliesTo(?VehicleClass $class): bool
    {
        return $class === null ? $this->classes === self::ALL : in_array($class, $this->classes, true);
    }

    /** What stands beside the figures in a table. */
    public function remark(Display $display): string
    {
        return $this->limit()->remark($display);
    }

    public function limit(): Limit
    {
        $quantity = fn (?float $value): ?Quantity => $value === null ? null : $this->dimension->quantity()::of($value);
        $limit = Limit::of(
            $this->name,
            new Bounds($quantity($this->min), $quantity($this->max), $quantity($this->watchMin), $quantity($this->watchMax)),
            LimitSource::Practice, $this->mark,
        )->noted($this->note)->from($this->origin)->asShare($this->isShare);

        return $this->edgeIsOut ? $limit->outFromTheEdge() : $limit;
    }
}
