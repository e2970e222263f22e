<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\SimulatedInstrument;
use App\Devices\TakeReading;
use App\Models\ArmedField;
use App\Models\Device;
use App\Models\DeviceReading;
use App\Models\Job;
use App\Models\User;
use App\Page\DeviceList;
use App\Readings\CurrentReadings;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Instrument;

/** Instruments that send their readings themselves: who they are, which field waits for one, and what they send. */
final class DeviceController
{
    /** A lead gives an instrument its token, which is shown once. */
    public function store(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60', Rule::unique('devices', 'name')],
            'instrument' => ['required', Rule::enum(Instrument::class)],
        ]);
        [$device, $token] = Device::withToken(trim($given['name']), Instrument::from($given['instrument']), $lead);

        return redirect()->route('instruments')->with('token', [$device->name, $token]);
    }

    public function revoke(Device $device): RedirectResponse
    {
        $device->revoke();

        return redirect()->route('instruments')->with('notice', "{$device->name} sends nothing any more.");
    }

    /** The next reading of a device goes to this field. */
    public function arm(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'device' => ['required', 'integer', Rule::exists('devices', 'id')->whereNull('revoked_at')],
            'field' => ['required', 'string', 'max:200'],
            'position' => ['required', 'integer', 'min:0', 'max:63'],
        ]);
        $field = Subjects::dictionary()->find($given['field']);
        if ($field === null || ! $field->isMeasured() || $job->isSigned()) {
            abort(404);
        }
        $position = (int) $given['position'];
        ArmedField::arm($user, (int) $given['device'], $job, $field->key, $position,
            (new CurrentReadings($job->readings))->row($field->key, $position)->seq ?? 0);

        return back();
    }

    public function disarm(Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        ArmedField::disarm($user, $job);

        return back();
    }

    /** Asked by the page while a field waits: what became of it; the page comes anew when something did. */
    public function waiting(Request $request, Job $job, #[CurrentUser] User $user): Response
    {
        $devices = DeviceList::of($job->id, $user->id);

        return $devices->armed === null || $devices->last !== $request->integer('last')
            ? response('', 200, ['HX-Refresh' => 'true'])
            : response()->view('devices.armed', ['job' => $job, 'devices' => $devices]);
    }

    /** What an instrument sends: {"value": "7.32", "unit": "mm", "id": "41", "taken_at": "2026-11-25T10:04:00Z"}. */
    public function take(Request $request): JsonResponse
    {
        $device = $request->user();
        if (! $device instanceof Device || $device->revoked_at !== null) {
            abort(403);
        }
        $given = $request->validate([
            'value' => ['required', 'max:60'], 'unit' => ['nullable', 'string', 'max:20'], 'id' => ['nullable', 'max:64'],
            'taken_at' => ['nullable', 'date'],
        ]);
        $value = is_scalar($given['value']) ? trim((string) $given['value']) : '';
        $number = isset($given['id']) && is_scalar($given['id']) ? (string) $given['id'] : null;
        $reading = TakeReading::from(
            $device, trim($value.' '.($given['unit'] ?? '')), $number, isset($given['taken_at']) ? Carbon::parse($given['taken_at']) : null,
        );

        return response()->json(
            ['outcome' => $reading->outcome, 'said' => $reading->said], $reading->outcome === DeviceReading::TAKEN ? 200 : 409,
        );
    }

    public function simulated(): View
    {
        return view('devices.simulated', ['kinds' => SimulatedInstrument::kinds()]);
    }

    /** What the simulated instrument shows of a true value. */
    public function read(Request $request): JsonResponse
    {
        $given = $request->validate([
            'kind' => ['required', Rule::in(array_keys(SimulatedInstrument::kinds()))],
            'true' => ['required', 'numeric', 'between:-100000,100000'],
        ]);

        return response()->json(['text' => (new SimulatedInstrument)->read($given['kind'], (float) $given['true'])]);
    }
}
