<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\ChangeJob;
use App\Changes\RecordEntry;
use App\Drawings\CourseDrawing;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\PracticeStep;
use App\Models\User;
use App\Page\PracticeBay;
use App\Practice\AtStations;
use App\Practice\Ground;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Station;
use Spindle\Triage\Signs;

/** A practice vehicle at the stations: what it answers to whoever reads, asks and looks, and how it went. */
final class PracticeJobController
{
    /** What the instrument shows; a script types it into the field, without one it is entered here. */
    public function read(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse|RedirectResponse
    {
        $given = $request->validate(['field' => ['required', 'string', 'max:200'], 'hurried' => ['nullable', 'boolean']]);
        $field = Subjects::dictionary()->entry($given['field']) ?? abort(404);
        $page = AssessedJob::of($job->loadToShow());
        $at = AtStations::of($job);
        $answer = $at->read($field, $page, $request->boolean('hurried'));
        if ($request->expectsJson()) {
            return response()->json([
                'typed' => $answer->typed, 'why' => $answer->why === '' ? '' : ucfirst("{$answer->why}."), 'minutes' => $at->minutes(),
            ]);
        }
        if ($answer->typed === []) {
            return back()->with('outcomes', [EntryOutcome::refused($field->key, 0, '', $answer->why)]);
        }
        ChangeJob::do($job->id, static function (Job $whole) use ($field, $answer, $user): void {
            $record = new RecordEntry($whole->id, $user);
            foreach ($answer->typed as $position => $typed) {
                $seq = (new CurrentReadings($whole->readings))->row($field->key, $position)->seq ?? 0;
                $record->take($whole, $field, $position, $typed, $seq, $field->instrument);
            }
        });

        return back();
    }

    /** The customer is asked for a sign; what he says is entered. */
    public function ask(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['sign' => ['required', Rule::in(array_keys(Signs::all()))]]);
        $sign = (string) $given['sign'];
        $isThere = AtStations::of($job)->ask($sign);
        ChangeJob::do($job->id, static function (Job $whole) use ($sign, $isThere, $user): void {
            $current = new CurrentReadings($whole->readings);
            $field = Subjects::dictionary()->get($isThere ? 'triage.signs' : 'triage.absent');
            $row = $current->row($field->key);
            $words = array_filter(explode(',', $row->typed ?? ''), static fn (string $w): bool => ! in_array($w, ['', 'none'], true));
            (new RecordEntry($whole->id, $user))->take(
                $whole, $field, 0, implode(',', array_unique([...$words, $sign])), $row->seq ?? 0, null,
            );
        });

        return back()->with('notice', ucfirst(Signs::all()[$sign]).($isThere ? ': yes.' : ': no.'));
    }

    public function caution(Request $request, Job $job): RedirectResponse
    {
        $given = $request->validate(['station' => ['required', Rule::enum(Station::class)]]);
        AtStations::of($job)->note(PracticeStep::CAUTION, $given['station']);

        return back();
    }

    /** The tell-tale is looked at once; it counts as asked for. */
    public function look(Job $job): RedirectResponse
    {
        $at = AtStations::of($job);
        $at->canLook() || abort(404);
        $at->note(PracticeStep::LOOKED, 'tell-tale');

        return back()->with('looked', true);
    }

    public function end(Job $job): RedirectResponse
    {
        AtStations::of($job)->end(AssessedJob::of($job->loadToShow()));

        return redirect()->route('job.practice.debrief', $job);
    }

    /** Whether the lead sees how it went. */
    public function show(Request $request, Job $job): RedirectResponse
    {
        AtStations::of($job)->letSee($request->boolean('shown'));

        return back();
    }

    public function debrief(Job $job): View|RedirectResponse
    {
        $at = AtStations::of($job);
        if (! $at->isOver()) {
            return redirect()->route('job', $job);
        }
        $page = AssessedJob::of($job->loadToShow());
        $debrief = $at->debrief($page);

        return view('practice.over', [
            'at' => $at, 'page' => $page, 'job' => $job, 'debrief' => $debrief, 'course' => CourseDrawing::of($debrief->way),
            'saidOf' => PracticeBay::said(...), 'again' => Ground::shop('practice'),
        ]);
    }
}
