<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Said;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** How far a bleeding is: which steps are ticked, how often each was done, and what a step still waits for. */
final readonly class BleedingProgress
{
    private function __construct(public BleedingSchool $school, private FieldValues $values)
    {
    }

    public static function of(JobSheet $sheet): self
    {
        return new self(BleedingRules::schoolFor($sheet), $sheet->values);
    }

    /** @param  int  $step  from one on */
    public function isTicked(int $step): bool
    {
        return in_array(HydraulicsFields::step($step), $this->values->words(HydraulicsFields::STEPS_DONE), true);
    }

    /** @return array<string, string> the word of each step => what is done at it */
    public function toTick(): array
    {
        $steps = [];
        foreach ($this->school->steps() as $i => $step) {
            $times = $step->counted === '' ? '' : " {$step->times} {$step->counted}.";
            $steps[HydraulicsFields::step($i + 1)] = ($i + 1).". {$step->text}{$times}";
        }

        return $steps;
    }

    /** How often it was done; nothing where nobody counted. */
    public function counted(int $step): ?int
    {
        return $this->values->count(HydraulicsFields::counted($step));
    }

    /** Whether it was counted as often as it takes; a step that is not counted is done by its tick. */
    public function isCountedOut(int $step): bool
    {
        $of = $this->school->steps()[$step - 1];

        return $of->counted === '' || ($this->counted($step) ?? 0) >= $of->times;
    }

    /** Why a step cannot be ticked: the counts of one before it, or its own, are not done. Nothing where it can. */
    public function whyNot(int $step): ?Said
    {
        for ($before = 1; $before <= min($step, count($this->school->steps())); $before++) {
            if (! $this->isCountedOut($before)) {
                $of = $this->school->steps()[$before - 1];

                return HydraulicsSentences::countFirst($before, $this->counted($before) ?? 0, $of->times, $of->counted);
            }
        }

        return null;
    }

    /** The first step that is not ticked; nothing where all are. */
    public function next(): ?int
    {
        foreach (array_keys($this->school->steps()) as $i) {
            if (! $this->isTicked($i + 1)) {
                return $i + 1;
            }
        }

        return null;
    }
}
