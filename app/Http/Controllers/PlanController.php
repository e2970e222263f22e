<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\AtRisk;
use App\Changes\RecordEntry;
use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Models\Job;
use App\Models\User;
use App\Page\Entries;
use App\Page\FieldsNow;
use App\Page\JobPlanning;
use App\Stations\Shown;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Spindle\Assessment\Subjects;
use Spindle\Planning\PlanningError;
use Spindle\Sheet\Station;

/** What a job still takes, what it waits for, and when it can be promised. */
final class PlanController
{
    /** What a job waits for, beside hands. */
    private const DELAYS = ['plan.layout', 'plan.delivery_days', 'plan.parts_on', 'plan.machining_days', 'plan.out_on', 'plan.back_on',
        'plan.returned_on'];

    /** A page beside the stations, with a name of its own. */
    private const HEADED = [
        'heading' => 'Plan and promise', 'question' => 'When is it done, and what has to happen first so that nothing waits?',
    ];

    /** The day that is promised from now on. */
    public function promise(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['day' => ['required', 'date_format:Y-m-d'], 'shown' => ['required', 'integer', 'min:0']]);
        $outcome = (new RecordEntry($job->id, $user))
            ->record(Subjects::dictionary()->get('promised_on'), 0, $given['day'], (int) $given['shown'], null);
        $plan = redirect()->route('job.plan', $job);

        return $outcome->isKept() ? $plan->with('notice', 'Promised for '.ReaderLocale::date(new \DateTimeImmutable($given['day'])).'.')
            : $plan->withErrors(['day' => $outcome->refusal !== '' ? $outcome->refusal : 'Somebody else promised another day meanwhile.']);
    }

    /** What a promised day stands at, to be fetched beside something else. */
    public function guard(Job $job): View|Response
    {
        try {
            $page = AssessedJob::of($job->loadToShow());
            $planning = JobPlanning::of($page);
        } catch (PlanningError) {
            return response('');
        }

        return view('plan.guard', ['page' => $page, 'planning' => $planning, 'guard' => $planning->guard()]);
    }

    /** The kit that would save a promised day, to be fetched beside what is said of the day. */
    public function otherKit(Job $job): Response
    {
        try {
            $planning = JobPlanning::of(AssessedJob::of($job->loadToShow()));
            $guard = $planning->guard();
            $said = $guard === null ? '' : $planning->otherKit($guard);
        } catch (PlanningError) {
            $said = '';
        }

        return response($said === '' ? '' : '<p>'.e($said).'</p>');
    }

    public function atRisk(): View
    {
        return view('plan.at-risk', ['risks' => AtRisk::now()]);
    }

    public function show(Job $job): View
    {
        $entries = Entries::at(Station::Intake, $job);
        $page = $entries->job;
        try {
            $planning = JobPlanning::of($page);
        } catch (PlanningError $e) {
            return view('job', [
                ...Shown::beside(Station::Intake, $entries), 'inner' => 'plan.none', ...self::HEADED, 'why' => ucfirst($e->getMessage()),
            ]);
        }

        return view('job', [...Shown::beside(Station::Intake, $entries), 'inner' => 'plan.job', ...self::HEADED, 'planning' => $planning,
            'delays' => FieldsNow::of($entries, 'delays', self::DELAYS)]);
    }
}
