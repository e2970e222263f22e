<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Changes\ChangeJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChoice;
use App\Models\User;
use App\Page\Entries;
use App\Page\KitInJob;
use App\Page\NearMiss;
use App\Shelf\ShelfFilter;
use App\Shelf\Sieve;
use App\Stations\Shown;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Capacity\CarryCase;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

final class KitController
{
    /** Side by side at most so many. */
    private const COMPARED = 4;

    /** One kit of the shelf, looked at for this job. */
    public function show(Request $request, Job $job, Kit $kit): View
    {
        $entries = Entries::at(Station::Kit, $job);
        $page = $entries->job;
        $seen = KitInJob::of($kit->load(['detail', 'supplier']), $page);
        $view = $request->header('HX-Request') === 'true' ? 'kit.fit' : 'job';

        return view($view, [...Shown::beside(Station::Kit, $entries), 'inner' => 'kit.page', 'seen' => $seen]);
    }

    /** Why the kits that are not on the list cannot be put in. */
    public function heldBack(Request $request, Job $job): View
    {
        $entries = Entries::at(Station::Kit, $job);
        $page = $entries->job;
        $reasons = Sieve::of($page->sheet, CarryCase::of($page->sheet))->heldBack(ShelfFilter::of($request)->kits());
        $view = $request->header('HX-Request') === 'true' ? 'kit.held-back' : 'job';

        return view($view, [...Shown::beside(Station::Kit, $entries), 'inner' => 'kit.held-back', 'reasons' => $reasons,
            'misses' => NearMiss::of($page, ShelfFilter::of($request))]);
    }

    public function compare(Request $request, Job $job): View|RedirectResponse
    {
        $ticked = array_filter(array_keys($request->query->all()), static fn (string $name): bool => preg_match('/^k\d{1,9}$/',
            $name) === 1);
        $ids = array_slice(array_map(static fn (string $name): int => (int) substr($name, 1), array_values($ticked)), 0, self::COMPARED);
        $found = Kit::query()->with(['detail', 'supplier'])->findMany($ids)->keyBy('id');
        if ($found->count() < 2) {
            return redirect()->route('station', [$job, Station::Kit->value])
                ->withErrors(['kits' => 'Compare: tick two to four kits.']);
        }
        $entries = Entries::at(Station::Kit, $job);
        $page = $entries->job;
        $seen = array_map(static fn (int $id): KitInJob => KitInJob::of($found[$id], $page), array_values(array_filter($ids,
            $found->has(...))));

        return view('job', [...Shown::beside(Station::Kit, $entries), 'inner' => 'kit.compare', 'seen' => $seen]);
    }

    /** Chooses a kit for the job as it is in the catalogue now, or with none named takes the choice back. */
    public function choose(Request $request, Job $job, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['kit' => ['nullable', 'integer', 'exists:kits,id']]);
        $kit = isset($given['kit']) ? Kit::query()->findOrFail((int) $given['kit']) : null;
        $page = redirect()->route('station', [$job, Station::Kit->value]);
        try {
            ChangeJob::do($job->id, static function (Job $whole) use ($kit, $user): void {
                if (! $whole->isSigned()) {
                    $choice = KitChoice::query()->create([
                        'clutch_job_id' => $whole->id,
                        'kit_id' => $kit?->id,
                        'data' => $kit?->detail?->data,
                        'by_name' => $user->name,
                        'at' => now(),
                    ]);
                    $whole->setRelation('kitChoice', $choice)->touch();
                }
            });
        } catch (SheetError $e) {
            return $page->withErrors(['kit' => "Kit: it was not chosen. {$e->getMessage()}."]);
        }

        return $page;
    }
}
