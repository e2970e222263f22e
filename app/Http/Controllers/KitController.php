<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChoice;
use App\Models\User;
use App\Readings\InTurn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\JobSheet\Station;

final class KitController
{
    /** Chooses a kit for the job as it is in the catalogue now, or with none named takes the choice back. */
    public function choose(Request $request, Job $job): RedirectResponse
    {
        $given = $request->validate(['kit' => ['nullable', 'integer', 'exists:kits,id']]);
        /** @var User $user */
        $user = $request->user();
        $kit = isset($given['kit']) ? Kit::query()->findOrFail((int) $given['kit']) : null;
        InTurn::do(function () use ($job, $kit, $user): void {
            if (! $job->load('signedSheet')->isSigned()) {
                KitChoice::query()->create(['clutch_job_id' => $job->id, 'kit_id' => $kit?->id, 'data' => $kit?->data, 'by_name' => $user->name, 'at' => now()]);
                $job->touch();
            }
        });

        return redirect()->route('station', [$job, Station::Kit->value]);
    }
}
