<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\Models\Vehicle;
use App\Register\FillFromRegister;
use App\Register\RegisterUnavailable;
use App\Register\VehicleRegister;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\Station;

/** Asks the vehicle register: for a job not opened yet, or to fill what is still empty at intake. */
final class RegisterController
{
    public function __construct(private readonly VehicleRegister $register)
    {
    }

    public function ask(Request $request): RedirectResponse
    {
        $typed = array_map(
            static fn (mixed $text): string => is_string($text) ? trim(mb_substr($text, 0, 200)) : '',
            $request->only(['plate', 'number', 'name', 'class', 'units']),
        );
        $asked = ($typed['plate'] ?? '') !== '' ? $typed['plate'] : $typed['number'] ?? '';
        $page = redirect()->route('job.create');
        if ($asked === '') {
            return $page
                ->withInput($typed)
                ->withErrors(['plate' => 'Plate: enter a plate or an identification number to ask the register for.']);
        }
        if (($known = Vehicle::known($typed['plate'] ?? '', $typed['number'] ?? '')) !== null) {
            return $page
                ->withInput([
                    ...$typed,
                    'name' => $known->name,
                    'plate' => $known->plate,
                    'number' => $known->number,
                    'class' => $known->class,
                ])
                ->with('notice', "{$known->name} is known here: the new job brings what does not change and shows its history.");
        }
        try {
            $found = $this->register->find($asked);
        } catch (RegisterUnavailable $e) {
            return $page
                ->withInput($typed)
                ->withErrors([
                    'register' => "{$e->getMessage()}. Nothing is lost: enter the vehicle by hand, or ask again later at Intake.",
                ]);
        }
        if ($found === null) {
            return $page
                ->withInput($typed)
                ->withErrors(['register' => "The register knows no vehicle “{$asked}”. Check the plate, or enter the vehicle by hand."]);
        }
        $filled = array_filter([
            'plate' => $found->text('vehicle.plate'),
            'number' => $found->text('vehicle.number'),
            'name' => $found->text('vehicle.name'),
            'class' => $found->text('vehicle.class'),
        ]);

        return $page
            ->withInput([...$typed, ...$filled, 'from_register' => '1'])
            ->with('notice', 'Found in the register. With the job its other data are filled in; check them against the vehicle.');
    }

    public function fill(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $page = redirect()->route('station', [$job, Station::Intake->value]);
        $asked = $job->vehicle->plate !== '' ? $job->vehicle->plate : $job->vehicle->number;
        if ($asked === '') {
            return $page->withErrors(['register' => 'Plate: enter a plate or an identification number to ask the register for.']);
        }
        try {
            $found = $this->register->find($asked);
        } catch (RegisterUnavailable $e) {
            return $page->withErrors([
                'register' => "{$e->getMessage()}. Nothing was changed: enter the data by hand, or ask again later.",
            ]);
        }

        return $found === null
            ? $page->withErrors(['register' => "The register knows no vehicle “{$asked}”. Nothing was changed."])
            : $page->with('notice', FillFromRegister::into($job, $found, $user)->sentence());
    }
}
