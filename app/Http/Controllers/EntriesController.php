<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\TakeBack;
use App\Models\Job;
use App\Models\User;
use App\Page\EntriesOfJob;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** The entries of a job just as they were typed; for a job that cannot be shown, the way back. */
final class EntriesController
{
    public function show(Job $job): View
    {
        return view('entries', EntriesOfJob::page($job, $job->standing->broken ?? ''));
    }

    /** The lead takes an entry, or the choice of a kit, back; nothing is deleted. */
    public function takeBack(Request $request, Job $job, #[CurrentUser] User $lead): RedirectResponse
    {
        Gate::authorize('takeBack', $job);
        $given = $request->validate(['seq' => ['required_without:kit', 'integer', 'min:1'], 'kit' => ['sometimes', 'boolean']]);
        $page = redirect()->route('job.entries', $job);
        if ($job->load('signedSheet')->isSigned()) {
            return $page->withErrors(['seq' => 'This job is signed; nothing in it is taken back.']);
        }
        $back = new TakeBack($job, $lead);
        isset($given['seq']) ? $back->entry((int) $given['seq']) : $back->kit();

        return ($job->load('standing')->standing->broken ?? '') === ''
            ? redirect()->route('job', $job)->with('notice', 'Taken back. The job can be shown.')
            : $page->with('notice', 'Taken back. The job still cannot be shown.');
    }
}
