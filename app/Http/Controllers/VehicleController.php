<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\OpenJob;
use App\Drawings\OverYears;
use App\Drawings\WearOverYears;
use App\Jobs\ReaderLocale;
use App\Models\User;
use App\Models\Vehicle;
use App\Page\EarlierJob;
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
        $history = VehicleHistory::of($vehicle);
        $display = ReaderLocale::display();

        return view('vehicle', [
            'vehicle' => $vehicle, 'jobs' => EarlierJob::onVehicle($vehicle->id, self::MOST_JOBS),
            'history' => $history, 'chart' => WearOverYears::of($history, $display), 'years' => OverYears::all($history),
            'display' => $display,
        ]);
    }

    public function openJob(Request $request, Vehicle $vehicle, #[CurrentUser] User $user): RedirectResponse
    {
        return redirect()->route('station', [OpenJob::again($vehicle, $user), Station::Intake->value]);
    }
}
