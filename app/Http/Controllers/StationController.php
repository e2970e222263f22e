<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\KitList;
use App\Models\Job;
use App\Models\User;
use App\Readings\EntryOutcome;
use App\Readings\PostedEntries;
use App\Readings\PostedMark;
use App\Readings\RecordEntry;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\Station;

/** A station of a job: its page, and the entries made on it. */
final class StationController
{
    public function show(Job $job, string $station): View
    {
        $at = Station::from($station);
        $bench = Bench::of($job->load(Job::WHOLE))->at($at);
        $outcomes = session('outcomes');
        $shown = is_array($outcomes) ? $bench->after(array_values(array_filter($outcomes, static fn (mixed $o): bool => $o instanceof EntryOutcome))) : $bench;

        return view('job', ['bench' => $shown, 'station' => $at, 'kits' => $at === Station::Kit ? KitList::for($bench) : []]);
    }

    /** Takes one entry, or with no JavaScript all of a station's form; answers with what they changed. */
    public function store(Request $request, Job $job, string $station): View|RedirectResponse|Response
    {
        /** @var User $user */
        $user = $request->user();
        $record = new RecordEntry($job, $user);
        $outcomes = [];
        foreach (PostedEntries::of($request) as $posted) {
            $outcomes[] = $record->record($posted->field, $posted->position, $posted->typed, $posted->shown, $posted->instrument);
        }
        foreach (PostedMark::of($request) as $mark) {
            $outcomes[] = $mark->record($job, $user);
        }
        $bench = Bench::of(Job::query()->with(Job::WHOLE)->findOrFail($job->id))->at(Station::from($station))->after($outcomes);
        if ($request->header('HX-Request') === 'true') {
            return view('job.answer', ['bench' => $bench, 'station' => Station::from($station), 'outcomes' => $outcomes]);
        }
        $open = array_values(array_filter($outcomes, static fn (EntryOutcome $o): bool => ! $o->isKept()));

        return redirect()->route('station', [$job, $station])->with('outcomes', $open);
    }

    public function again(Request $request, Job $job): RedirectResponse
    {
        $field = Dictionary::find($request->string('field')->value());
        abort_if($field === null, 404);
        /** @var User $user */
        $user = $request->user();
        (new RecordEntry($job, $user))->doubt($field, max(0, $request->integer('position')));

        return redirect()->route('station', [$job, $field->station->value]);
    }
}
