<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\ChangeJob;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Quantity\UnitSystem;

final class PreferenceController
{
    /** Paper, dark bay, or as the device asks. */
    public function theme(Request $request): RedirectResponse
    {
        $theme = $request->input('theme');
        $cookie = is_string($theme) && in_array($theme, ['paper', 'bay'], true)
            ? cookie()->make('theme', $theme, 60 * 24 * 365, httpOnly: true, sameSite: 'lax')
            : cookie()->forget('theme');

        return back()->withCookie($cookie);
    }

    /** Turns a job's preferred units round; what was typed stays as it was typed. */
    public function units(Job $job): RedirectResponse
    {
        ChangeJob::do($job->id, static function (Job $whole): void {
            if (! $whole->isSigned()) {
                $whole->update(['units' => UnitSystem::from($whole->units)->other()->value]);
            }
        });

        return back();
    }
}
