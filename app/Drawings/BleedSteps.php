<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Page\TimeTaken;
use Spindle\Hydraulics\BleedingProgress;
use Spindle\Hydraulics\BleedStep;
use Spindle\Hydraulics\HydraulicsFields;

/** A bleeding as its list of steps: what is done, what is counted, what a step waits for, and how long it has taken so far. */
final readonly class BleedSteps
{
    private function __construct(public BleedingProgress $progress, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page): self
    {
        return new self(BleedingProgress::of($page->sheet), $page);
    }

    /** @return array<int, BleedStep> by their numbers, from one on */
    public function steps(): array
    {
        $steps = $this->progress->school->steps();

        return array_combine(range(1, count($steps)), $steps);
    }

    public function counted(int $step): int
    {
        return $this->progress->counted($step) ?? 0;
    }

    /** Why a step cannot be ticked yet; empty where it can, or is. */
    public function whyNot(int $step): string
    {
        return $this->progress->isTicked($step) ? '' : $this->progress->whyNot($step)?->in($this->page->display) ?? '';
    }

    /** What the rest of the steps wait for; empty where nothing is waited for. */
    public function waitsFor(): string
    {
        return $this->whyNot(count($this->steps()));
    }

    /** The step whose button is pressed next. */
    public function isNext(int $step): bool
    {
        return $this->progress->next() === $step;
    }

    /** "so far 12 min", from the first step or count to the last; empty before the second. */
    public function took(): string
    {
        $took = TimeTaken::by($this->page, [
            HydraulicsFields::STEPS_DONE, ...array_map(HydraulicsFields::counted(...), range(1, HydraulicsFields::MOST_STEPS)),
        ]);

        return $took === null ? '' : 'so far '.$this->page->display->number(max(1.0, $took->as('min')), 0).' min';
    }
}
