<?php

declare(strict_types=1);

namespace Spindle\Assessment\Owed;

use Spindle\Capacity\KitClutch;
use Spindle\Hydraulics\OpenedCircuit;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\KitPart;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Proving\ProvingFields;
use Spindle\Proving\Test;
use Spindle\Proving\TestResult;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\PilotSeat;
use Spindle\Vehicle\VehicleClass;

/** What decides what a job owes: class, actuation, outcome of triage, what comes apart, what is new. */
final readonly class JobCase
{
    /**
     * @param  bool  $isOpened  the gearbox is off
     * @param  bool  $hasKit  new parts go in
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public JobSheet $sheet,
        public ?VehicleClass $class,
        public ?Actuation $actuation,
        public Outcome $outcome,
        public bool $isOpened,
        public bool $hasKit,
        private array $findings,
    ) {
    }

    /** @param  list<Finding>  $findings  what is judged already */
    public static function of(JobSheet $sheet, Reach $reach, array $findings): self
    {
        return new self($sheet, $sheet->vehicleClass(), $sheet->actuation(), $reach->outcome, $reach->outcome === Outcome::Strip,
            $reach->outcome === Outcome::Strip && KitClutch::isGiven($sheet->values), $findings);
    }

    /** Whether the vehicle leaves with its clutch worked on, so that it is set and proved. */
    public function isSet(): bool
    {
        return $this->outcome !== Outcome::NotTheClutch;
    }

    public function isHydraulic(): bool
    {
        return $this->actuation?->isHydraulic() === true;
    }

    /** A pull-type clutch of a truck, with a brake and a ring. */
    public function isTruckPull(): bool
    {
        return $this->class === VehicleClass::Truck && $this->actuation === Actuation::Pull;
    }

    /** Of one that is hydraulic it is asked whether something helps the foot. */
    public function isHydraulicTruck(): bool
    {
        return $this->class === VehicleClass::Truck && $this->actuation?->isHydraulic() === true;
    }

    public function hasPilot(): bool
    {
        return $this->sheet->pilot() !== PilotSeat::None;
    }

    public function isCircuitOpened(): bool
    {
        return OpenedCircuit::isOpened($this->sheet);
    }

    public function isReused(KitPart $part): bool
    {
        return $this->sheet->values->word("parts.{$part->value}") === PartState::Reused->value;
    }

    public function isFlywheelOff(): bool
    {
        return $this->isOpened && PartNeed::flywheelComesOff($this->sheet);
    }

    /** Whether a test was made, or somebody said why none was. */
    public function isTried(): bool
    {
        $results = array_map(static fn (Test $t): string => $t->key('result'), Test::cases());

        return $this->sheet->values->hasAny(ProvingFields::UNTRIED, ...$results);
    }

    public function isPassed(Test $test): bool
    {
        return $this->sheet->values->word($test->key('result')) === TestResult::Pass->value;
    }

    /** Whether something is judged under this name and within. */
    public function isWithin(string $finding): bool
    {
        foreach ($this->findings as $found) {
            if ($found->id === $finding) {
                return $found->verdict === Verdict::Within;
            }
        }

        return false;
    }
}
