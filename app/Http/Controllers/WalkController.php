<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\KeepLabour;
use App\Changes\KeepWalk;
use App\Changes\PostedEntries;
use App\Changes\PostedTick;
use App\Changes\TakeEntries;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\PutBehind;
use App\Models\User;
use App\Page\DeviceList;
use App\Page\Entries;
use App\Page\Pieces;
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
use Spindle\Fastening\BoltGroup;
use Spindle\Sheet\JobSheet;
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
            'walk' => $walk = self::walk(AssessedJob::of($job->loadToShow()), $user, $at), 'devices' => DeviceList::of($job->id, $user->id),
            'groups' => $walk->groups(), 'reasons' => PutBehind::REASONS,
        ]);
    }

    /** How much there is, and in which order, asked for now and then: somebody else may be at it too. */
    public function way(Request $request, Job $job, #[CurrentUser] User $user): View
    {
        $at = self::at($request);
        KeepWalk::isAt($job, $user, $at);
        $from = Place::tryFrom($request->string('from')->toString());

        return view('walk.way', [
            'walk' => self::walk(AssessedJob::of($job->loadToShow()), $user, $at, $from), 'devices' => DeviceList::of($job->id, $user->id),
        ]);
    }

    /** One step by itself: one that came up while the page was there, or as it stands now. */
    public function card(Request $request, Job $job, string $field, #[CurrentUser] User $user): View
    {
        $walk = self::walk(AssessedJob::of($job->loadToShow()), $user, self::at($request));

        return view('walk.group', ['group' => $walk->group($field) ?? abort(404), 'walk' => $walk, 'reasons' => PutBehind::REASONS]);
    }

    /** Takes what was read; what is far from what is usual is asked for once more first. */
    public function store(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse|Response
    {
        $posted = PostedEntries::of($request);
        $once = $request->string('once')->limit(200)->toString();
        [$outcomes, $isAsked, $page] = [[], false, null];
        // With a script it is one; without, a form of several, of which each is held against those before it.
        foreach ($posted as $entry) {
            $asked = self::ask($job, $entry, $once);
            if ($asked === null) {
                [$became, $page] = (new TakeEntries($job->id, $user))->take([$entry], []);
                KeepWalk::callFor($job->id, $entry->field->key);
            }
            $outcomes = [...$outcomes, ...($asked === null ? $became : [$asked])];
            $isAsked = $isAsked || $asked !== null;
        }
        $ticks = PostedTick::of($request);
        if ($ticks !== []) {
            return $this->ticked($request, $job, $user, $ticks);
        }
        $page ??= AssessedJob::of($job->loadToShow());
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
            'once' => ! $isAsked ? '' : $posted[0]->typed, 'devices' => DeviceList::of($job->id, $user->id),
        ]);
    }

    /**
     * Bolts are ticked one by one, or a round of them.
     *
     * @param  non-empty-list<PostedTick>  $ticks
     */
    private function ticked(Request $request, Job $job, User $user, array $ticks): RedirectResponse|Response
    {
        [$outcomes, $page] = (new TakeEntries($job->id, $user))->take([], $ticks);
        $field = Subjects::dictionary()->get($outcomes[0]->field);
        $asked = $request->string('card')->toString();
        KeepWalk::callFor($job->id, $field->key);
        KeepLabour::follow($page->job, $ticks[0]->station(), $user);
        if ($request->header('HX-Request') !== 'true') {
            return redirect()->route('job.walk', [$job, ...array_filter(['at' => self::at($request)?->value])])
                ->with('outcomes', $outcomes);
        }
        Pieces::now()->answer($request);
        $walk = self::walk($page, $user, self::at($request), $field->nature()->place, $outcomes);

        return response()->view('walk.ticked', [
            'walk' => $walk, 'devices' => DeviceList::of($job->id, $user->id),
            'card' => WalkCard::ofField($walk, BoltGroup::ofRound($asked) === null ? $field->key : $asked),
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
            'walk' => self::walk(AssessedJob::of($job->loadToShow()), $user, self::at($request)),
            'devices' => DeviceList::of($job->id, $user->id),
        ]);
    }

    /**
     * What is asked for once more before it counts; nothing where it counts.
     *
     * @param  string  $once  what was typed when it was asked the first time
     */
    private static function ask(Job $job, PostedEntries $posted, string $once): ?EntryOutcome
    {
        if (! $posted->field->isMeasured() || $posted->typed === '') {
            return null;
        }
        $page = null;
        $sheet = static function () use ($job, &$page): JobSheet {
            return ($page ??= AssessedJob::of($job->loadToShow()))->sheet;
        };
        $said = AskedOnceMore::of($job, $sheet, $posted, $once);

        return $said === null || $page === null ? null : EntryOutcome::refused(
            $posted->field->key, $posted->position, $posted->typed, $said->in($page->display),
        );
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

    private static function at(Request $request): ?Place
    {
        return Place::tryFrom($request->string('at')->toString());
    }
}
