<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Quantity\Duration;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The work of a job in hours, expected and with its spread: sums of the three-point rule over its tasks. */
final readonly class WorkJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('plan.work', 'The hours of work');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        // Nothing is planned of a vehicle nobody has said the class of.
        if ($sheet->vehicleClass() === null) {
            return;
        }
        [$expected, $variance] = [0.0, 0.0];
        foreach (JobPlan::hours($sheet) as $task) {
            $expected += $task->expected();
            $variance += $task->variance();
        }
        $results->figure('plan.work_hours', Duration::of($expected));
        $results->figure('plan.work_hours_sd', Duration::of(sqrt($variance)));
    }
}
