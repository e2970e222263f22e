<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** A test that costs no dismantling: how it is done, what it takes, and what counts as positive. */
final readonly class OutsideTest
{
    /**
     * @param  int  $minutes  from memory [M]
     * @param  string  $positive  what is seen when it is positive
     * @param  list<VehicleClass>  $classes  only these; all where empty
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $how,
        public string $positive,
        public int $minutes,
        public bool $needsHelper = false,
        public bool $engineRuns = false,
        public string $caution = '',
        public array $classes = [],
        public bool $hydraulicOnly = false,
    ) {
    }

    public function suits(Situation $situation): bool
    {
        return ($this->classes === [] || $situation->class === null || in_array($situation->class, $this->classes, true))
            && (! $this->hydraulicOnly || ! $situation->actuation instanceof Actuation || $situation->actuation->isHydraulic());
    }
}
