<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\BoardSlot;
use App\Models\JobFacts;
use Spindle\Planning\Slot;
use Spindle\Vehicle\VehicleClass;

/** What tasks are called on the vehicles of some jobs: a tractor is split, of all others the gearbox comes out. */
final readonly class TaskNames
{
    /** @param  array<int, VehicleClass|null>  $classes  by job */
    private function __construct(private array $classes)
    {
    }

    /** @param  iterable<int>  $jobs */
    public static function ofJobs(iterable $jobs): self
    {
        $classes = [];
        foreach (JobFacts::query()->toBase()->whereIn('clutch_job_id', [...$jobs])->get(['clutch_job_id', 'class']) as $row) {
            $classes[(int) $row->clutch_job_id] = VehicleClass::tryFrom((string) $row->class);
        }

        return new self($classes);
    }

    public function of(Slot|BoardSlot $slot): string
    {
        return $slot instanceof Slot ? $slot->task->label($this->classes[$slot->job] ?? null)
            : $slot->work()->label($this->classes[$slot->clutch_job_id] ?? null);
    }
}
