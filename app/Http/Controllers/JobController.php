<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\OpenJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Vehicle;
use App\Page\JobPage;
use App\Register\FillFromRegister;
use App\Register\RegisterUnavailable;
use App\Register\VehicleRegister;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\Station;
use Spindle\Vehicle\VehicleClass;

final class JobController
{
    /** A job opens at the station where it stands. */
    public function show(Job $job): RedirectResponse
    {
        return redirect()->route('station', [$job, JobPage::of($job->load(Job::WHOLE))->stage()->value]);
    }

    public function create(): View
    {
        return view('new-job');
    }

    public function store(Request $request, VehicleRegister $register, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:200'],
                'plate' => ['nullable', 'string', 'max:30', 'required_without:number'],
                'number' => ['nullable', 'string', 'max:40'],
                'class' => ['required', Rule::enum(VehicleClass::class)],
                'units' => ['required', Rule::enum(UnitSystem::class)],
            ],
            [
                'name.required' => 'Vehicle: enter the make and model as the shop calls it.',
                'plate.required_without' => 'Plate: enter the plate or the identification number, so that the vehicle is found again.',
                'class.required' => 'Class: choose car, van, truck or tractor.',
            ],
        );
        $known = Vehicle::known($given['plate'] ?? '', $given['number'] ?? '');
        $job =
            $known !== null
                ? OpenJob::again($known, $user)
                : OpenJob::forNew([
                    'name' => $given['name'], 'plate' => $given['plate'] ?? '', 'number' => $given['number'] ?? '',
                    'class' => $given['class'], 'units' => $given['units'],
                ], $user);

        return redirect()
            ->route('station', [$job, Station::Intake->value])
            ->with(
                'notice',
                $known !== null
                    ? "{$known->name} is known here; what was found before stands below."
                    : $this->fill($job, $request, $register, $user),
            );
    }

    /** What else the register knows of a vehicle that was found in it a moment ago. */
    private function fill(Job $job, Request $request, VehicleRegister $register, User $user): string
    {
        try {
            $found = $request->boolean('from_register')
                ? $register->find($job->vehicle->plate !== '' ? $job->vehicle->plate : $job->vehicle->number)
                : null;
        } catch (RegisterUnavailable $e) {
            return "{$e->getMessage()}; its other data can be filled in below, later.";
        }

        return $found === null ? '' : FillFromRegister::into($job, $found, $user)->sentence();
    }
}
