<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** What a job is made of, what it waits for, when it can be promised, and what it took. Nothing of it is judged. */
final readonly class PlanningSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Intake, 'plan');
        $dictionary->fields(PlanningFields::all(...));
        $dictionary->section(WorkCalendar::NAME, WorkCalendar::section());
        $dictionary->figures(['plan.work_hours' => 'h', 'plan.work_hours_sd' => 'h']);
        $dictionary->judgements(new WorkJudgement);
    }
}
