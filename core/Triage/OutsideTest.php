<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\Place;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** A test that costs no dismantling: how it is done, what it takes, and what counts as positive. */
final readonly class OutsideTest
{
    /**
     * @param  int  $minutes  from memory [M]
     * @param  string  $positive  what is seen when it is positive
     * @param  list<VehicleClass>  $classes  only these; all where empty
     * @param  list<Actuation>  $actuations  only these; all where empty
     * @param  Place  $place  where one stands for it
     * @param  bool  $isLook  something is looked at, and is there or not
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
        public array $actuations = [],
        public ?FlywheelKind $flywheel = null,
        public bool $isLook = false,
        public bool $twoStage = false,
        public Place $place = Place::UnderVehicle,
    ) {
    }

    /** Whether a vehicle like this can be tested so; what is not known rules nothing out. */
    public function suits(Situation $situation): bool
    {
        return ($this->classes === [] || $situation->class === null || in_array($situation->class, $this->classes, true))
            && ($this->actuations === [] || $situation->actuation === null || in_array($situation->actuation, $this->actuations, true))
            && ($this->flywheel === null || $situation->flywheel === null || $this->flywheel === $situation->flywheel)
            && (! $this->twoStage || $situation->isTwoStage !== false)
            && ($this->id !== 't_brake' || $situation->mayHaveBrake());
    }
}
