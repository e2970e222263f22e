<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/**
 * What is known of the vehicle before anything is looked at: it rules causes out and makes others likelier. Whether its cover is pulled,
 * and adjusts itself, may be known from the clutch it has.
 */
final readonly class Situation
{
    /** Signs that only a hydraulic actuation can show. */
    private const SIGNS_OF_HYDRAULICS = ['spongy', 'sinks', 'pumping_helps', 'hardens_warm', 'fluid_low', 'after_hydraulic'];

    /** Causes that only a clutch brake can have. */
    private const OF_BRAKE = ['brake_worn', 'brake_hit'];

    public function __construct(
        public ?VehicleClass $class = null,
        public ?Actuation $actuation = null,
        public ?FlywheelKind $flywheel = null,
        public ?Distance $sinceFitted = null,
        public ?Duration $ranFor = null,
        public ?bool $isTwoStage = null,
        public ?PilotSeat $pilot = null,
        public ?bool $isPulled = null,
        public ?bool $adjustsItself = null,
    ) {
    }

    /** Whether a vehicle like this can have the cause; what is not known rules nothing out. */
    public function allows(Cause $cause): bool
    {
        return ($cause->classes === [] || $this->class === null || in_array($this->class, $cause->classes, true))
            && ($cause->actuations === [] || $this->actuation === null || in_array($this->actuation, $cause->actuations, true))
            && ($cause->flywheel === null || $this->flywheel === null || $cause->flywheel === $this->flywheel)
            && ($cause->id !== 'levers_uneven' || $this->isTwoStage !== false)
            && (! in_array($cause->id, self::OF_BRAKE, true) || $this->mayHaveBrake())
            && ($cause->id !== 'not_set_back' || $this->adjustsItself !== false)
            && ($cause->id !== 'light_flywheel' || $this->flywheel !== FlywheelKind::DualMass)
            && ($cause->id !== 'pilot' || $this->pilot !== PilotSeat::None);
    }

    /** A clutch brake belongs to a cover that is pulled, by a linkage or by hydraulics; on hydraulics pushing is usual. */
    public function mayHaveBrake(): bool
    {
        return $this->isPulled ?? in_array($this->actuation, [null, Actuation::Pull], true);
    }

    /** Whether a vehicle like this can show the sign; what is not known rules nothing out. */
    public function canShow(string $sign): bool
    {
        return match (true) {
            in_array($sign, self::SIGNS_OF_HYDRAULICS, true) => $this->actuation?->isHydraulic() !== false,
            $sign === 'branch_wont_stop' => $this->isTwoStage !== false && in_array($this->class, [null, VehicleClass::Tractor], true),
            $sign === 'first_from_rest' => in_array($this->class, [null, VehicleClass::Truck], true),
            default => true,
        };
    }

    /**
     * Whether a piece of evidence says anything here. On a concentric bearing no free play is as it should be, and age that is known
     * counts once, in how common a cause is.
     */
    public function heeds(string $evidence): bool
    {
        $test = Tests::all()[$evidence] ?? null;

        return match (true) {
            $test !== null => $test->suits($this),
            $evidence === 'no_free_play' => $this->actuation !== Actuation::Concentric,
            $evidence === 'many_km' => $this->sinceFitted === null && $this->ranFor === null,
            default => $this->canShow($evidence),
        };
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
