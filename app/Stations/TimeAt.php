<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\LabourClock;
use App\Page\Entries;
use App\Page\Labour;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Sheet\Station;

/** The time a station takes: what can be clocked on to there, and what was recorded. */
final readonly class TimeAt
{
    /** @param  list<Task>  $tasks */
    private function __construct(public array $tasks, private Station $station, private Entries $entries)
    {
    }

    public static function of(Station $station, Entries $entries): self
    {
        return new self(Labour::tasksAt($entries->job, $station), $station, $entries);
    }

    /** Whether somebody's clock runs at this job. */
    public function runs(?LabourClock $clock): bool
    {
        return $clock?->clutch_job_id === $this->entries->job->job->id;
    }

    public function taken(): string
    {
        return Labour::taken($this->entries->job, $this->tasks);
    }

    /** @return list<string> readings that hold the hours */
    public function readings(): array
    {
        return array_map(PlanningFields::taken(...), $this->tasks);
    }

    public function isOpen(): bool
    {
        return Fold::isOpen($this->entries, Fold::HOURS, 'plan.taken.');
    }

    public function address(): string
    {
        return $this->entries->links->fold($this->station, Fold::HOURS);
    }
}
