<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\JobCannotBeShown;
use App\Models\Job;
use App\Models\JobStanding;
use App\Models\User;
use App\Models\Vehicle;
use App\Readings\OpenJob;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\Station;

final class VehicleController
{
    private const MOST_JOBS = 50;

    public function show(Vehicle $vehicle): View
    {
        $jobs = Job::query()
            ->with([...Job::WHOLE, 'standing'])
            ->where('vehicle_id', $vehicle->id)
            ->orderByDesc('id')
            ->limit(self::MOST_JOBS)
            ->get();
        $benches = [];
        /** @var Job $job */
        foreach ($jobs as $job) {
            try {
                $benches[$job->id] = Bench::of($job);
            } catch (JobCannotBeShown $e) {
                $job->setRelation(
                    'standing',
                    new JobStanding(['clutch_job_id' => $job->id, 'marks' => [], 'broken' => $e->getMessage()]),
                );
            }
        }

        return view('vehicle', ['vehicle' => $vehicle, 'jobs' => $jobs, 'benches' => $benches]);
    }

    public function openJob(Request $request, Vehicle $vehicle): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();

        return redirect()->route('station', [OpenJob::again($vehicle, $user), Station::Intake->value]);
    }
}
