<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\LabourClock;
use Illuminate\Support\Facades\DB;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Quantity\Duration;
use Spindle\Sheet\Station;

/** What is recorded of the time a job takes, station by station. */
final class Labour
{
    public static function clockOf(?int $user): ?LabourClock
    {
        // Most have none: no model is made to find that out.
        $row = DB::table('labour_clocks')->where('user_id', $user)->first();

        return $row === null ? null : (new LabourClock)->newFromBuilder($row);
    }

    /** @return list<Task> */
    public static function tasksAt(AssessedJob $page, Station $station): array
    {
        return array_values(array_filter(
            Task::of($page->sheet, $page->assessment->reach), static fn (Task $t): bool => $t->station() === $station,
        ));
    }

    /** @param  list<Task>  $tasks */
    public static function taken(AssessedJob $page, array $tasks): string
    {
        $hours = 0.0;
        $any = false;
        foreach ($tasks as $task) {
            foreach ($page->values()->all(Duration::class, PlanningFields::taken($task)) as $piece) {
                $hours += $piece->value;
                $any = true;
            }
        }

        return $any ? $page->display->number($hours, 1).' h' : 'none recorded';
    }
}
