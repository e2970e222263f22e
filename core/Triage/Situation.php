<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Quantity\Distance;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** What is known of the vehicle before anything is looked at: it rules causes out and makes others likelier. */
final readonly class Situation
{
    /** A clutch this old wears out more often than anything else happens to it, km. From memory [M]. */
    private const OLD = 120_000.0;

    /** And one this young hardly ever does, km. From memory [M]. */
    private const YOUNG = 15_000.0;

    public function __construct(
        public ?VehicleClass $class = null,
        public ?Actuation $actuation = null,
        public ?FlywheelKind $flywheel = null,
        public ?Distance $sinceFitted = null,
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
        $km = $this->sinceFitted?->value;

        return $cause->prior * match (true) {
            $km === null || ! $cause->growsWithAge => 1.0,
            $km >= self::OLD => 3.0,
            $km <= self::YOUNG => 0.2,
            default => 1.0,
        };
    }
}
