<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\MakeOffer;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\User;
use App\Page\Entries;
use App\Page\JobOffer;
use App\Sheets\NearDay;
use App\Stations\Shown;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rules\Enum;
use Spindle\Offer\OfferAnswer;
use Spindle\Offer\OfferFields;
use Spindle\Sheet\Station;

/** What a job is offered for before the work, how the customer answered, and when to ask again. */
final class OfferController
{
    public function show(Job $job): View
    {
        $entries = Entries::at(Station::Kit, $job);

        return view('job', [
            ...Shown::beside(Station::Kit, $entries), 'inner' => 'offer.job', 'offer' => JobOffer::of($entries->job),
            'entered' => OfferFields::ENTERED,
        ]);
    }

    /** What is offered from now on: what was looked at. */
    public function make(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        abort_if($job->isSigned(), 422, 'This job is signed.');
        $mark = $request->validate(['mark' => ['required', 'string', 'size:32']])['mark'];
        $to = redirect()->route('job.offer', $job);

        return (new MakeOffer($job->id, $user))->make($mark) ? $to->with('notice', 'Offered. Print it, and write down the answer.')
            : $to->withErrors(['mark' => 'Not offered: a price, the hours or the job has changed since you looked. This is it now.']);
    }

    public function answer(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        abort_if($job->isSigned(), 422, 'This job is signed.');
        $given = $request->validate([
            'number' => ['required', 'integer'], 'answer' => ['required', new Enum(OfferAnswer::class)],
            'by' => ['required', 'string', 'max:120'], 'on' => ['required', ...NearDay::RULE, 'before_or_equal:tomorrow'],
        ], [], ['by' => 'answered by', 'on' => 'day of the answer']);
        $isKept = (new MakeOffer($job->id, $user))
            ->answer((int) $given['number'], OfferAnswer::from($given['answer']), trim($given['by']), $given['on']);
        $to = redirect()->route('job.offer', $job);

        return $isKept ? $to->with('notice', 'Written down.')
            : $to->withInput()->withErrors(['number' => 'Not written down: another offer was made meanwhile. Was it this one?']);
    }

    /** Beside something else: that what is known now goes beyond what was accepted. */
    public function beyond(Job $job): View|Response
    {
        $said = JobOffer::beyond(AssessedJob::of($job->loadToShow()));

        return $said === '' ? response('') : view('offer.beyond', ['said' => $said, 'job' => $job]);
    }

    /** On paper, in the customer's words. */
    public function sheet(Job $job): View
    {
        $page = AssessedJob::of($job->loadToShow());

        return view('offer.sheet', ['page' => $page, 'offer' => JobOffer::of($page)]);
    }
}
