<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** One computed figure under its fixed name, in its fixed unit. */
final readonly class Figure
{
    /**
     * @param  float|int|string|list<int>  $value
     * @param  bool  $atLeast  the true figure is this or more
     * @param  float|null  $uncertainty  in the same unit; nothing where no reading in it has one
     * @param  array{float, float}|null  $range  between what it may lie by the scatter of what it is made of, in the same unit
     * @param  string  $decidedBy  the reading that contributes most to it
     */
    public function __construct(
        public string $name,
        public float|int|string|array $value,
        public string $unit,
        public bool $atLeast = false,
        public ?float $uncertainty = null,
        public string $decidedBy = '',
        public ?array $range = null,
    ) {
    }
}
