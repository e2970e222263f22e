<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\KeepLabour;
use App\Changes\KeepWalk;
use App\Changes\PostedEntries;
use App\Changes\TakeEntries;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\PutBehind;
use App\Models\User;
use App\Page\DeviceList;
use App\Page\Entries;
use App\Readings\EntryOutcome;
use App\Walk\AskedOnceMore;
use App\Walk\WalkCard;
use App\Walk\WalkPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Said;
use Spindle\Sheet\Place;
use Spindle\Walk\Step;

/** The walk through a job: one thing to take after the other, at one place or wherever it leads. */
final class WalkController
{
    public function show(Request $request, Job $job, #[CurrentUser] User $user): View
    {
        $at = self::at($request);
        KeepWalk::isAt($job, $user, $at);

        return view('walk', [
            'walk' => $walk = self::walk(AssessedJob::of($job->loadWhole()), $user, $at), 'devices' => DeviceList::of($job->id, $user->id),
            'cards' => $walk->cards(), 'reasons' => PutBehind::REASONS,
        ]);
    }

    /** How much there is, and in which order, asked for now and then: somebody else may be at it too. */
    public function way(Request $request, Job $job, #[CurrentUser] User $user): View
    {
        $at = self::at($request);
        KeepWalk::isAt($job, $user, $at);
        $from = Place::tryFrom($request->string('from')->toString());

        return view('walk.way', [
            'walk' => self::walk(AssessedJob::of($job->loadWhole()), $user, $at, $from), 'devices' => DeviceList::of($job->id, $user->id),
        ]);
    }

    /** One step by itself: one that came up while the page was there, or as it stands now. */
    public function card(Request $request, Job $job, string $field, #[CurrentUser] User $user): View
    {
        $walk = self::walk(AssessedJob::of($job->loadWhole()), $user, self::at($request));

        return view('walk.card', ['card' => self::find($walk, $field), 'walk' => $walk, 'reasons' => PutBehind::REASONS]);
    }

    /** Takes what was read; what is far from what is usual is asked for once more first. */
    public function store(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse|Response
    {
        $posted = array_slice(PostedEntries::of($request), 0, 1);
        $once = $request->string('once')->limit(200)->toString();
        $asked = $posted === [] ? null : self::ask($job, $posted[0], $once);
        if ($asked !== null) {
            $page = AssessedJob::of($job->loadWhole());
            $outcomes = [EntryOutcome::refused(
                $posted[0]->field->key, $posted[0]->position, $posted[0]->typed, $asked->in($page->display),
            )];
        } else {
            [$outcomes, $page] = (new TakeEntries($job->id, $user))->take($posted, []);
            KeepWalk::callFor($job->id, ...array_map(static fn (PostedEntries $p): string => $p->field->key, $posted));
        }
        if ($posted !== []) {
            KeepLabour::follow($page->job, $posted[0]->field->station, $user);
        }
        if ($request->header('HX-Request') !== 'true' || $posted === []) {
            return redirect()->route('job.walk', [$job, ...array_filter(['at' => self::at($request)?->value])])
                ->with('outcomes', $outcomes);
        }
        $walk = self::walk($page, $user, self::at($request), $posted[0]->field->nature()->place, $outcomes);

        return response()->view('walk.answer', [
            'walk' => $walk, 'outcomes' => $outcomes, 'card' => WalkCard::ofField($walk, $posted[0]->field->key),
            'once' => $asked === null ? '' : $posted[0]->typed, 'devices' => DeviceList::of($job->id, $user->id),
        ]);
    }

    /** It cannot be taken now, and why; or it can again. */
    public function behind(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse|Response
    {
        $given = $request->validate([
            'field' => ['required', 'string', 'max:120'], 'why' => ['nullable', Rule::in(array_keys(PutBehind::REASONS))],
        ]);
        if ($given['field'] !== Step::KIT && Subjects::dictionary()->entry($given['field']) === null) {
            abort(404);
        }
        if (($given['why'] ?? '') === '') {
            KeepWalk::callFor($job->id, $given['field']);
        } else {
            KeepWalk::putBehind($job, $given['field'], $given['why'], $user);
        }
        if ($request->header('HX-Request') !== 'true') {
            return redirect()->route('job.walk', $job);
        }

        return response()->view('walk.way', [
            'walk' => self::walk(AssessedJob::of($job->loadWhole()), $user, self::at($request)),
            'devices' => DeviceList::of($job->id, $user->id),
        ]);
    }

    private static function ask(Job $job, PostedEntries $posted, string $once): ?Said
    {
        if (! $posted->field->isMeasured() || $posted->typed === '') {
            return null;
        }
        $page = AssessedJob::of($job->loadWhole());

        return AskedOnceMore::of($job, $page->sheet, $posted, $once);
    }

    /** @param  list<EntryOutcome>  $outcomes */
    private static function walk(AssessedJob $page, User $user, ?Place $at, ?Place $from = null, array $outcomes = []): WalkPage
    {
        $kept = session('outcomes');
        $given = $outcomes !== [] || ! is_array($kept) ? $outcomes
            : array_values(array_filter($kept, static fn (mixed $o): bool => $o instanceof EntryOutcome));
        $entries = Entries::of($page, null, $given);
        $entries->instruments->recall();

        return WalkPage::of($entries, $user->id, $at, $from);
    }

    private static function find(WalkPage $walk, string $field): WalkCard
    {
        foreach ($walk->walk->steps as $step) {
            if ($step->key === $field) {
                return WalkCard::of($walk, $step);
            }
        }

        return Subjects::dictionary()->entry($field) === null ? abort(404) : WalkCard::ofField($walk, $field);
    }

    private static function at(Request $request): ?Place
    {
        return Place::tryFrom($request->string('at')->toString());
    }
}
