<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Quantity\Duration;
use Spindle\Sheet\JobSheet;

/** The tasks of a job that are not done, their hours, and what was worked on each already. */
final readonly class WorkLeft
{
    /**
     * @param  array<string, ThreePoint>  $hours  by task, in order
     * @param  array<string, float>  $taken  hours
     * @param  list<string>  $done  tasks
     */
    private function __construct(public array $hours, public array $taken, private array $done)
    {
    }

    /** @param  array<string, ThreePoint>  $own  the shop's own hours by task */
    public static function of(JobSheet $sheet, array $own = []): self
    {
        $done = $sheet->values->words(PlanningFields::DONE);
        // What has gone to the machinist has been taken out.
        if ($sheet->values->hasAny(PlanningFields::OUT_ON, PlanningFields::RETURNED_ON)) {
            $done[] = Task::Machining->value;
        }
        $hours = array_diff_key(JobPlan::hours($sheet, $own), array_fill_keys($done, true));
        $taken = [];
        foreach (array_keys($hours) as $name) {
            $pieces = $sheet->values->all(Duration::class, PlanningFields::taken(Task::from($name)));
            $taken[$name] = array_sum(array_map(static fn (Duration $piece): float => $piece->value, $pieces));
        }

        return new self($hours, $taken, $done);
    }

    public function isDone(Task $task): bool
    {
        return in_array($task->value, $this->done, true);
    }

    /** @return array<string, float> what is left of each where it takes the likeliest hours */
    public function likeliest(): array
    {
        return array_combine(array_keys($this->hours), array_map(
            fn (ThreePoint $hours, string $name): float => max(0.0, $hours->likeliest - $this->taken[$name]),
            $this->hours, array_keys($this->hours),
        ));
    }
}
