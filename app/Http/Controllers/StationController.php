<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\KitList;
use App\Bench\Pieces;
use App\Models\Job;
use App\Models\User;
use App\Readings\EntryOutcome;
use App\Readings\PostedEntries;
use App\Readings\PostedMark;
use App\Readings\RecordEntry;
use App\Readings\TakeEntries;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Station;

/** A station of a job: its page, and the entries made on it. */
final class StationController
{
    public function show(Request $request, Job $job, string $station): View
    {
        $at = Station::from($station);
        $bench = Bench::of($job->load(Job::WHOLE))->at($at);
        $outcomes = session('outcomes');
        $shown = is_array($outcomes)
            ? $bench->after(array_values(array_filter($outcomes, static fn (mixed $o): bool => $o instanceof EntryOutcome)))
            : $bench;

        // A part that is opened on a page that is there already.
        $part = StripPart::tryFrom((string) $request->query('part'));
        if ($part !== null && $at === Station::Strip && $request->header('HX-Request') === 'true') {
            return view('strip.part', ['bench' => $shown, 'station' => $at, 'part' => $part]);
        }

        return view('job', ['bench' => $shown, 'station' => $at, 'kits' => $at === Station::Kit ? KitList::for($bench) : []]);
    }

    /** Takes one entry, or with no JavaScript all of a station's form; answers with what they changed. */
    public function store(Request $request, int $job, string $station): View|RedirectResponse|Response
    {
        /** @var User $user */
        $user = $request->user();
        [$outcomes, $bench] = (new TakeEntries($job, $user))->take(PostedEntries::of($request), PostedMark::of($request));
        $bench = $bench->at(Station::from($station))->after($outcomes);
        if ($request->header('HX-Request') === 'true') {
            Pieces::now()->answer($request);

            return view('job.answer', ['bench' => $bench, 'station' => Station::from($station), 'outcomes' => $outcomes]);
        }
        $open = array_values(array_filter($outcomes, static fn (EntryOutcome $o): bool => ! $o->isKept()));

        return redirect()->route('station', [$job, $station, ...$request->only('part')])->with('outcomes', $open);
    }

    public function again(Request $request, Job $job): RedirectResponse
    {
        $given = $request->validate([
            'field' => ['required', 'string', 'max:200'],
            'position' => ['nullable', 'integer', 'min:0', 'max:1000'],
        ]);
        $field = Subjects::dictionary()->find($given['field']);
        abort_if($field === null, 404);
        /** @var User $user */
        $user = $request->user();
        (new RecordEntry($job->id, $user))->doubt($field, (int) ($given['position'] ?? 0));

        return redirect()->route('station', [
            $job,
            $field->station->value,
            ...array_filter(['part' => StripPart::tryFrom(strtok($field->key, '.'))?->value]),
        ]);
    }
}
