<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** What is known of the vehicle before anything is looked at: it rules causes out and makes others likelier. */
final readonly class Situation
{
    public function __construct(
        public ?VehicleClass $class = null,
        public ?Actuation $actuation = null,
        public ?FlywheelKind $flywheel = null,
        public ?Distance $sinceFitted = null,
        public ?Duration $ranFor = null,
    ) {
    }

    /** Whether a vehicle like this can have the cause; what is not known rules nothing out. */
    public function allows(Cause $cause): bool
    {
        return ($cause->classes === [] || $this->class === null || in_array($this->class, $cause->classes, true))
            && ($cause->actuations === [] || $this->actuation === null || in_array($this->actuation, $cause->actuations, true))
            && ($cause->flywheel === null || $this->flywheel === null || $cause->flywheel === $this->flywheel);
    }

    /** How common the cause is here, before any evidence; not normalised. */
    public function weight(Cause $cause): float
    {
        return $cause->prior
            * Priors::byClass($cause->id, $this->class)
            * Priors::byActuation($cause->id, $this->actuation)
            * ($cause->growsWithAge ? Priors::byAge($this->sinceFitted, $this->ranFor, $this->class) : 1.0);
    }
}
