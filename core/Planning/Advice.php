<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Sheet\JobSheet;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** What is done now so that nothing waits later. Common practice, no source. */
final class Advice
{
    /** Marks on a flywheel that send it to the machinist. */
    private const HEAT = ['heat_spots', 'scoring', 'blue'];

    /** @return list<string> */
    public static function of(JobSheet $sheet, JobPlan $plan): array
    {
        $values = $sheet->values;
        $advice = [];
        $reach = Reach::of($sheet);
        $planned = array_column(array_map(static fn (PlannedTask $t): array => [$t->task->value, $t], $plan->tasks), 1, 0);
        $isHot = array_intersect(self::HEAT, $values->words('flywheel.conditions')) !== [];
        if ($isHot && ! $values->has('plan.machining_days') && isset($planned[Task::Fitting->value])) {
            $advice[] = 'Heat or scoring was found on the flywheel: book the machinist now, and enter how many days that takes.';
        }
        if ($reach->outcome === Outcome::Strip && isset($planned[Task::Access->value], $planned[Task::Ordering->value])
            && ! Reach::hasKit($sheet) && ! $values->hasAny(...$sheet->dictionary->seenOnlyOpen())) {
            $advice[] = 'Nothing is apart yet: look whether triage is sure enough to order before the gearbox comes out; the two sums '
                .'stand at Kit.';
        }
        foreach ($plan->tasks as $task) {
            if ($task->task->helperMinutes() > 0) {
                $at = $task->task->isHelpedAtEnd() ? $task->end : $task->start;
                $advice[] = "A helper for {$task->task->helperMinutes()} minutes ".($task->task->isHelpedAtEnd() ? 'at the end of '
                    : 'at the start of ').lcfirst($task->task->label()).', about '.$at->format('D H:i').'.';
            }
            if ($task->waitsFor !== '' && $task->isCritical) {
                $advice[] = ucfirst($task->waitsFor).' decides the end: a day sooner there is a day sooner for the customer.';
            }
        }

        return $advice;
    }
}
