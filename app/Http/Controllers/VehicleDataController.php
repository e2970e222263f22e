<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Models\Vehicle;
use App\Upkeep\EraseIdentity;
use App\Upkeep\VehicleData;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What is known of one vehicle and so of whoever brings it: given out, or erased, by the lead. */
final class VehicleDataController
{
    public function export(Vehicle $vehicle): BinaryFileResponse
    {
        return response()->download(VehicleData::write($vehicle), "vehicle-{$vehicle->id}.zip", ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function erase(Request $request, Vehicle $vehicle, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(
            ['plate' => ['nullable', 'string', 'max:100'], 'reason' => ['required', 'string', 'min:4', 'max:200']],
            ['reason.required' => 'Reason: say why, without a name: it stays in the log.', 'reason.min' => 'Reason: say why, in words.'],
        );
        $page = redirect()->route('vehicle', $vehicle);
        $asked = $vehicle->plate === '' ? $vehicle->name : $vehicle->plate;
        if (Vehicle::fold($given['plate'] ?? '') !== Vehicle::fold($asked)) {
            return $page->withInput()->withErrors(['plate' => "To erase: type {$asked} as it stands here. Nothing was erased."]);
        }
        $jobs = (new EraseIdentity($lead))->of($vehicle, $given['reason']);

        return $page->with('notice', "Erased on {$jobs} jobs. What was measured and fitted stays. Backups of before hold it until they are "
            .'replaced.');
    }
}
