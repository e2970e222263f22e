<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Limit\Said;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** What is done now so that nothing waits later. Common practice, no source. */
final class PlanAdvice
{
    /** Marks on a flywheel that send it to the machinist. */
    private const HEAT = ['heat_spots', 'scoring', 'blue'];

    /** @return list<Said> */
    public static function of(JobSheet $sheet, JobPlan $plan): array
    {
        $values = $sheet->values;
        $advice = [];
        $reach = Reach::of($sheet);
        $planned = array_column(array_map(static fn (PlannedTask $t): array => [$t->task->value, $t], $plan->tasks), 1, 0);
        if ($plan->lateFrom !== null) {
            $advice[] = PlanningSentences::flywheelIsLate($plan->lateFrom);
        }
        if ($plan->isDeliveryOpen) {
            $advice[] = PlanningSentences::deliveryOpen();
        }
        $isHot = array_intersect(self::HEAT, $values->words('flywheel.conditions')) !== [];
        if ($isHot && ! $values->hasAny('plan.machining_days', PlanningFields::OUT_ON) && isset($planned[Task::Fitting->value])) {
            $advice[] = PlanningSentences::bookTheMachinist();
        }
        if ($reach->outcome === Outcome::Strip && isset($planned[Task::Access->value], $planned[Task::Ordering->value])
            && ! Reach::hasKit($sheet) && ! $values->hasAny(...$sheet->dictionary->seenOnlyOpen())) {
            $advice[] = PlanningSentences::orderBeforeOpening();
        }
        foreach ($plan->tasks as $task) {
            if ($task->task->helperMinutes() > 0) {
                $at = $task->task->isHelpedAtEnd() ? $task->end : $task->start;
                $advice[] = PlanningSentences::helper($task->task, $at, $sheet->vehicleClass());
            }
            if ($task->waitsFor !== '' && $task->isCritical) {
                $advice[] = PlanningSentences::decidesTheEnd($task->waitsFor);
            }
        }

        return $advice;
    }
}
