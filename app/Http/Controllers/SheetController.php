<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Page\PrintedSheet;
use Illuminate\Contracts\View\View;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningPlan;

/** The sheet of a job: printed for the customer, and as an open file. */
final class SheetController
{
    public function show(Job $job): View
    {
        $page = AssessedJob::of($job->loadWhole());

        return view('printed', ['page' => $page, 'sheet' => PrintedSheet::of($page)]);
    }

    /** Labels for the bags that bolts wait in, one for each group and each bolt that differs. */
    public function labels(Job $job): View
    {
        $page = AssessedJob::of($job->loadWhole());
        $plans = array_map(static fn (BoltGroup $g): ?TighteningPlan => TighteningPlan::of($page->sheet, $g), BoltGroup::cases());

        return view('labels', ['page' => $page, 'plans' => array_filter($plans)]);
    }
}
