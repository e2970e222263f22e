<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\ChangeJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Waiver;
use App\Page\JobPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class WaiverController
{
    /** Lets a finding pass with a reason, or takes such a waiver back. */
    public function store(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'finding' => ['required', 'string', 'max:200'],
            'withdraw' => ['sometimes', 'boolean'],
            'reason' => ['required_without:withdraw', 'nullable', 'string', 'min:4', 'max:1000'],
        ], ['reason.required_without' => 'Reason: say why this may pass.', 'reason.min' => 'Reason: say why this may pass, in words.']);
        $page = redirect()->route('station', [$job, Station::Record->value]);
        try {
            ChangeJob::do($job->id, static function (Job $whole) use ($given, $user): void {
                if ($whole->isSigned()) {
                    return;
                }
                // A waiver of what is no longer judged can still be taken back.
                $isGiven = ! ($given['withdraw'] ?? false);
                if ($isGiven && JobPage::of($whole)->assessment->find($given['finding']) === null) {
                    throw SheetError::unreadable('nothing on this job is judged under that name');
                }
                $waiver = Waiver::query()->create([
                    'clutch_job_id' => $whole->id, 'finding' => $given['finding'], 'reason' => $given['reason'] ?? '',
                    'withdrawn' => ! $isGiven, 'by_name' => $user->name, 'at' => now(),
                ]);
                $whole->waivers->push($waiver);
                $whole->touch();
            });
        } catch (SheetError $e) {
            return $page->withInput()->withErrors(['reason' => "Reason: {$e->reason}."]);
        }

        return $page;
    }
}
