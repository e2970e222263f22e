<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Page\JobPage;
use Illuminate\Contracts\View\View;
use Spindle\Sheet\Station;

/** Everything a job needs beside its kit. */
final class PartsController
{
    public function show(Job $job): View
    {
        $page = JobPage::of($job->load(Job::WHOLE))->at(Station::Kit);
        $page->job->loadMissing('photos');
        $page->instruments->recall();

        return view('job', ['page' => $page, 'station' => Station::Kit, 'inner' => 'kit.parts']);
    }
}
