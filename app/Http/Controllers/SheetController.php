<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Sheets\SheetBuilder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningPlan;

/** The sheet of a job: printed for the customer, and as an open file. */
final class SheetController
{
    public function show(Job $job): View
    {
        return view('sheet', ['page' => AssessedJob::of($job->loadWhole())]);
    }

    /** Labels for the bags that bolts wait in, one for each group and each bolt that differs. */
    public function labels(Job $job): View
    {
        $page = AssessedJob::of($job->loadWhole());
        $plans = array_map(static fn (BoltGroup $g): ?TighteningPlan => TighteningPlan::of($page->sheet, $g), BoltGroup::cases());

        return view('labels', ['page' => $page, 'plans' => array_filter($plans)]);
    }

    /** A signed job gives the exact bytes that were frozen; an open one what stands now. */
    public function json(Job $job): Response
    {
        $page = AssessedJob::of($job->loadWhole());
        $json = $job->signedSheet->json ?? SheetBuilder::withLog($job, $page->document)->toJson();
        $name = strtolower($job->label()).($page->isAltered() ? '-not-what-was-signed' : '');

        return response($json, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.$name.'.json"',
        ]);
    }
}
