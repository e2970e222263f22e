<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/** One thing that can be wrong, with the evidence that speaks for and against it. */
final readonly class Cause
{
    /**
     * @param  float  $prior  how common it is among vehicles that come in, not normalised; from memory [M]
     * @param  list<string>  $strong  signs and tests that speak strongly for it
     * @param  list<string>  $some  that speak somewhat for it
     * @param  list<string>  $against  that speak against it
     * @param  string  $settles  what proves it
     * @param  list<VehicleClass>  $classes  only these; all where empty
     * @param  list<Actuation>  $actuations  only these; all where empty
     */
    public function __construct(
        public string $id,
        public string $label,
        public Outcome $outcome,
        public float $prior,
        public array $strong,
        public array $some,
        public array $against,
        public string $settles,
        public bool $growsWithAge = false,
        public array $classes = [],
        public array $actuations = [],
        public ?FlywheelKind $flywheel = null,
    ) {
    }

    public function strength(string $evidence): Strength
    {
        return match (true) {
            in_array($evidence, $this->strong, true) => Strength::Strong,
            in_array($evidence, $this->some, true) => Strength::Some,
            in_array($evidence, $this->against, true) => Strength::Against,
            default => Strength::None,
        };
    }

    /** The same cause with one piece of evidence weighed otherwise. */
    public function weighing(string $evidence, Strength $strength): self
    {
        $place = static function (array $names, bool $here) use ($evidence): array {
            /** @var list<string> $names */
            $others = array_values(array_diff($names, [$evidence]));

            return $here ? [...$others, $evidence] : $others;
        };

        return new self(
            $this->id,
            $this->label,
            $this->outcome,
            $this->prior,
            $place($this->strong, $strength === Strength::Strong),
            $place($this->some, $strength === Strength::Some),
            $place($this->against, $strength === Strength::Against),
            $this->settles,
            $this->growsWithAge,
            $this->classes,
            $this->actuations,
            $this->flywheel,
        );
    }

    /** The same cause, more or less common. */
    public function asCommonAs(float $prior): self
    {
        return new self(
            $this->id, $this->label, $this->outcome, $prior, $this->strong, $this->some, $this->against,
            $this->settles, $this->growsWithAge, $this->classes, $this->actuations, $this->flywheel,
        );
    }
}
