<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\QrCode;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Page\JobLabels;
use App\Page\PrintedSheet;
use Illuminate\Contracts\View\View;

/** The sheet of a job: printed for the customer, and as an open file. */
final class SheetController
{
    public function show(Job $job): View
    {
        $page = AssessedJob::of($job->loadToShow());

        return view('printed', ['page' => $page, 'sheet' => PrintedSheet::of($page)]);
    }

    /** Labels for the vehicle, for parts, and for the bags that bolts wait in. */
    public function labels(Job $job): View
    {
        $page = AssessedJob::of($job->loadToShow());

        return view('labels', ['page' => $page, 'labels' => new JobLabels($page), 'qr' => QrCode::of(...)]);
    }
}
