<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Models\Job;
use App\Models\User;
use App\Models\Vehicle;
use App\Readings\OpenJob;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\JobSheet\Station;

final class VehicleController
{
    public function show(Vehicle $vehicle): View
    {
        $jobs = Job::query()->with(Job::WHOLE)->where('vehicle_id', $vehicle->id)->orderByDesc('id')->get();

        return view('vehicle', ['vehicle' => $vehicle, 'benches' => $jobs->map(Bench::of(...))]);
    }

    public function openJob(Request $request, Vehicle $vehicle): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();

        return redirect()->route('station', [OpenJob::again($vehicle, $user), Station::Intake->value]);
    }
}
