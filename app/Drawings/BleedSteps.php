<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\TimeTaken;
use Spindle\Hydraulics\BleedingRules;
use Spindle\Hydraulics\BleedingSchool;
use Spindle\Hydraulics\BleedStep;
use Spindle\Hydraulics\HydraulicsFields;

/** A bleeding as its list of steps: what is done, what is counted, and how long it has taken so far. */
final readonly class BleedSteps
{
    /** @param  list<string>  $done */
    private function __construct(public BleedingSchool $school, private array $done, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        return new self(BleedingRules::schoolFor($page->sheet), $page->values()->words('hydraulics.steps_done'), $page);
    }

    /** @return list<BleedStep> by its number less one */
    public function steps(): array
    {
        return $this->school->steps();
    }

    public function isDone(int $step): bool
    {
        return in_array("s{$step}", $this->done, true);
    }

    public function counted(int $step): int
    {
        return $this->page->values()->count(HydraulicsFields::counted($step)) ?? 0;
    }

    /** The step that is counted at next; nought where none is. */
    public function now(): int
    {
        foreach ($this->steps() as $i => $step) {
            if ($step->counted !== '' && ! $this->isDone($i + 1) && $this->counted($i + 1) < $step->times) {
                return $i + 1;
            }
        }

        return 0;
    }

    /** "so far 12 min", from the first step or count to the last; empty before the second. */
    public function took(): string
    {
        $took = TimeTaken::by($this->page, [
            'hydraulics.steps_done', ...array_map(HydraulicsFields::counted(...), range(1, HydraulicsFields::MOST_STEPS)),
        ]);

        return $took === null ? '' : 'so far '.$this->page->display->number(max(1.0, $took->as('min')), 0).' min';
    }
}
