<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\OpenJob;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Vehicle;
use App\Register\FillFromRegister;
use App\Register\RegisterUnavailable;
use App\Register\VehicleRegister;
use Closure;
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
        return redirect()->route('station', [$job, AssessedJob::of($job->loadToShow())->stage()->value]);
    }

    public function create(): View
    {
        return view('new-job', ['known' => Vehicle::query()->find(session('known')),
            'open' => Job::query()->with('vehicle')->find(session('open')), 'classes' => VehicleClass::cases()]);
    }

    public function store(Request $request, VehicleRegister $register, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:200'],
                'plate' => ['nullable', 'string', 'max:30', 'required_without:number', self::findable($request->input('number'))],
                'number' => ['nullable', 'string', 'max:40'],
                'class' => ['required', Rule::enum(VehicleClass::class)],
                'units' => ['required', Rule::enum(UnitSystem::class)],
                'same' => ['nullable', Rule::in(['yes', 'no'])],
                'another' => ['nullable', Rule::in(['yes'])],
            ],
            [
                'name.required' => 'Vehicle: enter the make and model as the shop calls it.',
                'plate.required_without' => 'Plate: enter the plate or the identification number, so that the vehicle is found again.',
                'class.required' => 'Class: choose car, van, truck or tractor.',
            ],
        );
        $known = Vehicle::known($given['plate'] ?? '', $given['number'] ?? '');
        if ($known?->isCalledOtherwise($given['name']) === true) {
            if (! isset($given['same'])) {
                return redirect()->route('job.create')->withInput()->with('known', $known->id);
            }
            $known = $given['same'] === 'yes' ? $known : null;
        }
        $open = $known === null ? null : Job::query()->where('vehicle_id', $known->id)->where('is_open', true)->orderByDesc('id')->first();
        if ($open !== null && ! isset($given['another'])) {
            return redirect()->route('job.create')->withInput()->with('open', $open->id);
        }
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

    /** A plate that finds nothing, such as a dash, leads to no vehicle and to everybody's. */
    private static function findable(mixed $number): Closure
    {
        return static function (string $attribute, mixed $plate, Closure $fail) use ($number): void {
            if (! Vehicle::isFound(is_string($plate) ? $plate : '') && ! Vehicle::isFound(is_string($number) ? $number : '')) {
                $fail('Plate: at least '.Vehicle::LEAST.' letters or figures are expected, so that the vehicle is found again.');
            }
        };
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
