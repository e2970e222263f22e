<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\OpenJob;
use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Models\Job;
use App\Models\JobStanding;
use App\Models\User;
use App\Models\Vehicle;
use App\Page\VehicleHistory;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\Station;

final class VehicleController
{
    private const MOST_JOBS = 12;

    public function show(Vehicle $vehicle): View
    {
        $jobs = Job::query()
            ->with([...Job::WHOLE, 'standing'])
            ->where('vehicle_id', $vehicle->id)
            ->orderByDesc('id')
            ->limit(self::MOST_JOBS)
            ->get();
        $pages = [];
        /** @var Job $job */
        foreach ($jobs as $job) {
            try {
                $pages[$job->id] = AssessedJob::of($job);
            } catch (JobCannotBeShown $e) {
                $job->setRelation(
                    'standing',
                    new JobStanding(['clutch_job_id' => $job->id, 'marks' => [], 'broken' => $e->getMessage()]),
                );
            }
        }

        return view('vehicle', ['vehicle' => $vehicle, 'jobs' => $jobs, 'pages' => $pages, 'history' => VehicleHistory::of($vehicle)]);
    }

    public function openJob(Request $request, Vehicle $vehicle, #[CurrentUser] User $user): RedirectResponse
    {

        return redirect()->route('station', [OpenJob::again($vehicle, $user), Station::Intake->value]);
    }
}
