<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\ChangeJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChoice;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class KitController
{
    /** Chooses a kit for the job as it is in the catalogue now, or with none named takes the choice back. */
    public function choose(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['kit' => ['nullable', 'integer', 'exists:kits,id']]);
        $kit = isset($given['kit']) ? Kit::query()->findOrFail((int) $given['kit']) : null;
        $page = redirect()->route('station', [$job, Station::Kit->value]);
        try {
            ChangeJob::do($job->id, static function (Job $whole) use ($kit, $user): void {
                if (! $whole->isSigned()) {
                    $choice = KitChoice::query()->create([
                        'clutch_job_id' => $whole->id,
                        'kit_id' => $kit?->id,
                        'data' => $kit?->detail?->data,
                        'by_name' => $user->name,
                        'at' => now(),
                    ]);
                    $whole->setRelation('kitChoice', $choice)->touch();
                }
            });
        } catch (SheetError $e) {
            return $page->withErrors(['kit' => "Kit: it was not chosen. {$e->getMessage()}."]);
        }

        return $page;
    }
}
