<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Page\Entries;
use App\Page\JobPlanning;
use App\Stations\Shown;
use Illuminate\Contracts\View\View;
use Spindle\Planning\PlanningError;
use Spindle\Sheet\Station;

/** What a job still takes, what it waits for, and when it can be promised. */
final class PlanController
{
    public function show(Job $job): View
    {
        $entries = Entries::at(Station::Intake, $job);
        $page = $entries->job;
        try {
            $planning = JobPlanning::of($page);
        } catch (PlanningError $e) {
            return view('job', [...Shown::beside(Station::Intake, $entries), 'inner' => 'plan.none', 'why' => ucfirst($e->getMessage())]);
        }

        return view('job', [...Shown::beside(Station::Intake, $entries), 'inner' => 'plan.job', 'planning' => $planning]);
    }
}
