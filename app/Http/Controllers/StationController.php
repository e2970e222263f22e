<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\KeepAsFound;
use App\Changes\KeepLabour;
use App\Changes\PostedCount;
use App\Changes\PostedEntries;
use App\Changes\PostedMark;
use App\Changes\PostedPhoto;
use App\Changes\PostedTick;
use App\Changes\RecordEntry;
use App\Changes\TakeEntries;
use App\Drawings\Drawings;
use App\Files\SvgFile;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\User;
use App\Page\DeviceList;
use App\Page\Entries;
use App\Page\Labour;
use App\Page\Pieces;
use App\Page\TellTale;
use App\Readings\EntryOutcome;
use App\Stations\Fold;
use App\Stations\Shown;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\View as ViewFactory;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Fastening\BoltGroup;
use Spindle\Sheet\Station;

/** A station of a job: its page, and the entries made on it. */
final class StationController
{
    /** Drawings of readings that are kept at another station, fetched anew after each entry. */
    public const FRESH = ['two-stage', 'clutch', 'chain'];

    /** Told to the page that something was entered: what follows from entries elsewhere on it waits for that to be fetched anew. */
    public const ENTERED = 'spindle:entered';

    /** What a station's answer holds beside boxes, tell-tale, rail and drawings. */
    private const BESIDE = [
        Station::Intake->value => ['job.asked', 'intake.answer', 'stations.answer'],
        Station::Triage->value => ['job.asked', 'stations.answer'],
        Station::Strip->value => ['strip.answer', 'stations.answer'],
        Station::Bench->value => ['stations.answer'],
        Station::Fit->value => ['job.asked', 'stations.answer'],
        Station::Set->value => ['stations.answer'],
        Station::Prove->value => ['job.asked'],
    ];

    /** What is drawn once it is opened. */
    public const FOLDED = ['bores-master', 'bores-slave'];

    public function show(Request $request, Job $job, string $station, #[CurrentUser] User $user): View
    {
        $at = Station::from($station);
        $page = AssessedJob::of($job->loadToShow());
        $outcomes = session('outcomes');
        $entries = Entries::of($page, $at, array_values(array_filter(
            is_array($outcomes) ? $outcomes : [], static fn (mixed $o): bool => $o instanceof EntryOutcome,
        )));
        $page->job->loadPhotos();
        $entries->instruments->recall();
        ViewFactory::share('devices', DeviceList::of($job->id, $user->id));

        // What is opened on a page that is there already.
        $fold = Fold::asked($request, $at, $entries);
        if ($fold !== null) {
            return view($fold->view, [...Shown::after($at, $entries, $request), ...$fold->given]);
        }
        $part = StripPart::tryFrom($request->string('part')->toString());
        if ($part !== null && $at === Station::Strip && $request->header('HX-Request') === 'true') {
            return view('strip.part', [...Shown::at($at, $entries, $request), 'part' => $part]);
        }

        return view('job', [
            ...Shown::at($at, $entries, $request), 'clock' => Labour::clockOf($user->id),
        ]);
    }

    /** Takes one entry, or with no JavaScript all of a station's form; answers with what they changed. */
    public function store(Request $request, int $job, string $station, #[CurrentUser] User $user): RedirectResponse|Response
    {
        [$outcomes, $page] = (new TakeEntries($job, $user))->take(
            PostedEntries::of($request), [...PostedMark::of($request), ...PostedTick::of($request), ...PostedCount::of($request),
                ...PostedPhoto::of($request)],
        );
        KeepLabour::follow($page->job, Station::from($station), $user);
        $entries = Entries::of($page, Station::from($station), $outcomes);
        if ($request->header('HX-Request') === 'true') {
            Pieces::now()->answer($request);

            return response()->view('job.answer', [
                ...Shown::after(Station::from($station), $entries, $request), 'outcomes' => $outcomes,
                'since' => $request->headers->get('X-Seq') ?? '',
                'answers' => self::BESIDE[$station] ?? [],
            ])
                ->header('HX-Trigger', self::ENTERED);
        }
        $open = array_values(array_filter($outcomes, static fn (EntryOutcome $o): bool => ! $o->isKept()));

        return redirect()->route('station', [$job, $station, ...$request->only('part', 'fold')])->with('outcomes', $open);
    }

    /** How a finding came about: formula, readings, limit. */
    public function finding(Request $request, Job $job, string $finding): View
    {
        $entries = Entries::at(Station::tryFrom($request->string('at')->toString()) ?? Station::Record, $job);

        return view('job.finding-why', [
            'page' => $entries->job, 'entries' => $entries, 'tell' => new TellTale,
            'finding' => $entries->job->assessment->find($finding) ?? abort(404),
        ]);
    }

    /** One drawing by itself, for a page on which its readings are not kept. */
    public function drawing(Job $job, string $name): View
    {
        $page = AssessedJob::of($job->loadToShow());

        return view(in_array($name, self::FOLDED, true) ? "drawings.{$name}" : 'drawings.fresh', [
            ...self::drawn($page), 'name' => $name,
        ]);
    }

    /** A drawing as a file of its own. */
    public function svg(Job $job, string $drawing): Response
    {
        $page = AssessedJob::of($job->loadToShow());
        $svg = SvgFile::of(view("drawings.{$drawing}", self::drawn($page))->render());
        if ($svg === null) {
            abort(404, 'There is nothing to draw yet.');
        }

        return response($svg, 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => 'attachment; filename="'.strtolower($job->label())."-{$drawing}.svg\"",
        ]);
    }

    /** The bolts of one group as they stand, for whoever looks on while somebody else ticks. */
    public function bolts(Job $job, string $group): View
    {
        $page = AssessedJob::of($job->loadToShow());

        return view('drawings.bolts', [...self::drawn($page), 'group' => BoltGroup::from($group)]);
    }

    public function again(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'field' => ['required', 'string', 'max:200'],
            'position' => ['nullable', 'integer', 'min:0', 'max:1000'],
        ]);
        $field = Subjects::dictionary()->find($given['field']);
        if ($field === null) {
            abort(404);
        }
        (new RecordEntry($job->id, $user))->doubt($field, (int) ($given['position'] ?? 0));

        return redirect()->route('station', [
            $job,
            $field->station->value,
            ...array_filter(['part' => StripPart::tryFrom($field->firstWord())?->value]),
        ]);
    }

    /** What was typed over a reading that was found is what it was set to. */
    public function found(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['set' => ['required', 'string', 'regex:/^[a-z0-9_.]+\|\d{1,3}$/']]);
        [$key, $position] = explode('|', $given['set']);
        $field = Subjects::dictionary()->find($key) ?? abort(404);
        KeepAsFound::of($job, $field, (int) $position, $user);

        return redirect()->route('station', [$job, $field->station->value]);
    }

    /** @return array{page: AssessedJob, entries: Entries, drawings: Drawings} what a drawing by itself is given */
    private static function drawn(AssessedJob $page): array
    {
        return ['page' => $page, 'entries' => Entries::of($page), 'drawings' => Drawings::of($page)];
    }
}
