<?php

declare(strict_types=1);

namespace Spindle\History;

use DateTimeImmutable;

/** One clutch of a vehicle: from when to when, how far, how much lining it lost. What is not known is left out, never nought. */
final readonly class Life
{
    /**
     * @param  float|null  $distance  in km, of a tractor hours
     * @param  float|null  $worn  lining it lost, in mm
     * @param  float|null  $usable  lining it had, in mm
     * @param  list<string>  $causes  of its end, by their names in the table of causes
     */
    public function __construct(
        public ?DateTimeImmutable $from,
        public ?DateTimeImmutable $to,
        public ?float $distance,
        public ?float $worn,
        public ?float $usable,
        public array $causes = [],
    ) {
    }

    /** Lining lost in mm per 1000 km, or per 1000 hours; nothing where it cannot be told. */
    public function rate(): ?float
    {
        return $this->distance === null || $this->distance <= 0.0 || $this->worn === null ? null : 1000.0 * $this->worn / $this->distance;
    }

    /** How far all of its lining would have gone at its own rate; nothing where it cannot be told. */
    public function wholeLining(): ?float
    {
        return $this->distance === null || $this->worn === null || $this->worn <= 0.0 || $this->usable === null
            ? null : $this->distance * $this->usable / $this->worn;
    }
}
