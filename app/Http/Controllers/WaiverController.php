<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\Agreement;
use App\Changes\ChangeJob;
use App\Changes\LetPass;
use App\Changes\TakeOver;
use App\Models\Job;
use App\Models\User;
use App\Models\Waiver;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class WaiverController
{
    private const REASON = ['required', 'string', 'min:4', 'max:1000'];

    private const SAID = [
        'reason.required' => 'Reason: say why this may pass.', 'reason.min' => 'Reason: say why this may pass, in words.',
    ];

    private const ASKED = 'Asked for. It passes once somebody agrees who may let pass what is out, or everything at once.';

    /** Lets a finding pass with a reason, or takes such a waiver back. */
    public function store(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $isTakenBack = $request->boolean('withdraw');
        $given = $request->validate(
            ['finding' => ['required', 'string', 'max:200'], ...$isTakenBack ? [] : ['reason' => self::REASON]],
            self::SAID,
        );

        // A waiver of what is no longer judged can still be taken back.
        return self::change($job, static fn (Job $whole): Waiver => $isTakenBack
            ? (new LetPass($user))->takeBack($whole, $given['finding'])
            : (new LetPass($user))->one($whole, $given['finding'], $given['reason']));
    }

    /** Lets everything pass that is open. */
    public function all(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['reason' => self::REASON], self::SAID);

        return self::change($job, static fn (Job $whole): ?Waiver => (new LetPass($user))->all($whole, $given['reason'])[0] ?? null);
    }

    /** Agrees to what somebody else asked for. */
    public function agree(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'finding' => ['required', 'string', 'max:200'], 'asked' => ['required', 'integer'], 'reason' => ['required', 'string'],
            'found' => ['required', 'string'], 'version' => ['required', 'integer'],
        ], ['required' => 'What is agreed to has to be sent whole; look at it again.']);
        $to = new Agreement($given['finding'], (int) $given['asked'], $given['reason'], $given['found'], (int) $given['version']);

        return self::change($job, static fn (Job $whole): Waiver => (new LetPass($user))->agree($whole, $to));
    }

    /** The lead puts in force what a file stated elsewhere. */
    public function takeOver(Request $request, Job $job, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:200']]);
        $page = redirect()->route('station', [$job, Station::Intake->value]);
        try {
            ChangeJob::do($job->id, static fn (Job $whole) => (new TakeOver($lead))->one($whole, $given['name']));
        } catch (SheetError $e) {
            return $page->withErrors(['name' => "Not taken over: {$e->reason}."]);
        }

        return $page->with('notice', 'Taken over. It counts for this job from now on.');
    }

    /** @param  Closure(Job): (Waiver|null)  $change */
    private static function change(Job $job, Closure $change): RedirectResponse
    {
        $page = redirect()->route('station', [$job, Station::Record->value]);
        try {
            $done = ChangeJob::do($job->id, static fn (Job $whole): ?Waiver => $whole->isSigned() ? null : $change($whole))->result;
        } catch (SheetError $e) {
            return $page->withInput()->withErrors(['reason' => "Reason: {$e->reason}."]);
        }

        return $done instanceof Waiver && $done->asked ? $page->with('notice', self::ASKED) : $page;
    }
}
