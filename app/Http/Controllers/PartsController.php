<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\AddNote;
use App\Changes\PlaceOrder;
use App\Changes\RecordEntry;
use App\Counter\CounterUnavailable;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\OrderState;
use App\Models\OrderStep;
use App\Models\User;
use App\Page\Entries;
use App\Page\JobParts;
use App\Stations\Shown;
use App\Store\Csv;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Station;

/** Everything a job needs beside its kit: where it comes from, what is ordered, what came. */
final class PartsController
{
    public function show(Job $job): View
    {
        $entries = Entries::at(Station::Kit, $job);
        $page = $entries->job;

        return view('job', [...Shown::beside(Station::Kit, $entries), 'inner' => 'kit.parts', 'parts' => JobParts::of($page)]);
    }

    public function order(Request $request, Job $job, #[CurrentUser] User $user, PlaceOrder $orders): RedirectResponse
    {
        $given = $request->validate([
            'part' => ['required', 'string', Rule::in([OrderStep::KIT, ...JobParts::names()])],
            'number' => ['required', 'string', 'max:60'],
            'quantity' => ['required', 'integer', 'between:1,99'],
            'ask' => ['nullable', 'string'],
            'anyway' => ['nullable', 'string', 'max:200'],
        ]);
        $page = redirect()->route('job.parts', $job);
        if ($job->isSigned()) {
            return $page->withErrors(['order' => 'Order: the job is signed.']);
        }
        $isNewKit = $given['part'] === OrderStep::KIT && ! isset($given['ask'])
            && (OrderStep::lastOf($job->id)[OrderStep::KIT] ?? null)?->isOnItsWay() !== true;
        $doubts = $isNewKit ? JobParts::of(AssessedJob::of($job->loadToShow()))->doubtsOf(trim($given['number'])) : [];
        $why = trim($given['anyway'] ?? '');
        if ($doubts !== [] && $why === '') {
            return $page->withInput()->withErrors(['order' => 'Nothing is ordered yet. Say why it is ordered all the same.'])
                ->with('doubts', $doubts);
        }
        if ($doubts !== []) {
            AddNote::to($job->id, $user, Station::Kit, "Ordered though not known to be right: {$why}");
        }
        try {
            $step = isset($given['ask'])
                ? $orders->ask($job, $user, $given['part'], trim($given['number']), (int) $given['quantity'])
                : $orders->place($job, $user, $given['part'], trim($given['number']), (int) $given['quantity']);
        } catch (CounterUnavailable $e) {
            return $page->withInput()->withErrors(['order' => ucfirst($e->getMessage()).'. Nothing is ordered; the line keeps that.']);
        }

        return $page->with('notice', "{$step->number}: {$step->state->label()}. {$step->said}");
    }

    /** What came, or did not, or was sent back. */
    public function note(Request $request, Job $job, OrderStep $step, #[CurrentUser] User $user, PlaceOrder $orders): RedirectResponse
    {
        abort_unless($step->clutch_job_id === $job->id, 404);
        $given = $request->validate([
            'what' => ['required', Rule::in(['ask', 'arrived', 'wrong', 'sent_back', 'cancel'])],
            'said' => ['nullable', 'string', 'max:200'],
            'pieces' => ['nullable', 'integer', "between:1,{$step->quantity}"],
        ], attributes: ['pieces' => 'pieces here']);
        $page = redirect()->route('job.parts', $job);
        try {
            $now = match ($given['what']) {
                'ask' => $orders->standing($step, $user),
                'cancel' => $orders->cancel($step, $user),
                'arrived' => $orders->came($step, (int) ($given['pieces'] ?? $step->quantity), $user),
                default => $orders->noted($step, OrderState::from($given['what']), $user, trim($given['said'] ?? '')),
            };
        } catch (CounterUnavailable $e) {
            return $page->withErrors(['order' => ucfirst($e->getMessage()).'. What is known of the order stays as it was.']);
        }

        return $page->with('notice', "{$now->number}: {$now->state->label()}. {$now->said}");
    }

    /** Whatever inspection proposes for a part of which nothing is said yet, taken with one press. */
    public function accept(Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $taken = 0;
        foreach (JobParts::of(AssessedJob::of($job->loadToShow()))->proposed() as $part => $state) {
            $outcome = (new RecordEntry($job->id, $user))->record(Subjects::dictionary()->get("parts.{$part}"), 0, $state->value, 0, null);
            $taken += (int) $outcome->isKept();
        }

        return redirect()->route('job.parts', $job)->with('notice', "{$taken} as proposed.");
    }

    /** The order sheet to print. */
    public function sheet(Job $job): View
    {
        $entries = Entries::at(Station::Kit, $job);
        $page = $entries->job;

        return view('kit.order', ['page' => $page, 'entries' => $entries, 'parts' => JobParts::of($page)]);
    }

    public function csv(Job $job): Response
    {
        $parts = JobParts::of(AssessedJob::of($job->loadToShow()));

        return response(Csv::text([
            ['part', 'number', 'supplier', 'quantity', 'arrived', 'price', 'currency', 'state', 'due'],
            ...array_values(array_map(static fn (OrderStep $step): array => [
                JobParts::label($step->part), $step->number, $step->supplier, $step->quantity, $step->arrived, $step->price,
                $step->currency, $step->state->value, $step->due_on,
            ], $parts->orders)),
        ]), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"order-{$job->label()}.csv\"",
        ]);
    }
}
