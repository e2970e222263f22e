<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChoice;
use App\Models\SignedSheet;
use App\Models\User;
use App\Shelf\FittedKit;

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail());
});

/** A signed job with a kit of the shelf on it, so many days ago. */
function fittedOn(Job $job, Kit $kit, int $daysAgo): Job
{
    KitChoice::query()->create(['clutch_job_id' => $job->id, 'kit_id' => $kit->id, 'data' => ['name' => $kit->name], 'by_name' => 'Bram',
        'at' => now()->subDays($daysAgo)]);
    SignedSheet::query()->create(['clutch_job_id' => $job->id, 'json' => '{}', 'sha256' => str_repeat('0', 64), 'by_name' => 'Bram',
        'at' => now()->subDays($daysAgo)]);

    return $job;
}

function nextJob(Job $job, string $signs): Job
{
    $next = Job::query()->create(['vehicle_id' => $job->vehicle_id, 'opened_by' => 'Bram', 'taken_in_at' => now()]);
    $next->readings()->create(['seq' => 1, 'field' => 'triage.signs', 'position' => 0, 'typed' => $signs, 'by_name' => 'Bram',
        'at' => now()]);

    return $next;
}

it('says how a kit ended: not back, with judder, early wear, or else', function (?string $signs, int $days, string $with) {
    $kit = Kit::query()->whereNotNull('supplier_id')->firstOrFail();
    $job = fittedOn(Job::query()->findOrFail(2), $kit, $days);
    $next = $signs === null ? null : nextJob($job, $signs);
    [$one] = FittedKit::ofKit($kit, Job::query()->findOrFail(5), 8);

    expect($one->next?->id)->toBe($next?->id)->and($one->cameBackWith())->toBe($with)
        ->and(FittedKit::ofSupplier((int) $kit->supplier_id))->toBe([1, $with === '' ? 0 : 1]);
})->with([
    'not back' => [null, 30, ''], 'judder, soon' => ['bites_high,judder', 200, 'judder'], 'judder, late' => ['bites_high,judder', 900, ''],
    'slip, soon' => ['slip_load', 200, 'early wear'],
    'slip after long use is no early wear' => ['slip_load', 800, ''], 'noise' => ['noise_down', 20, ''],
]);

it('counts what was fitted and not what was only chosen, and says it on the page of every kit of that supplier', function () {
    $kit = Kit::query()->whereNotNull('supplier_id')->firstOrFail();
    $other = Kit::query()->where('supplier_id', $kit->supplier_id)->where('id', '!=', $kit->id)->firstOrFail();
    nextJob(fittedOn(Job::query()->findOrFail(2), $kit, 100), 'judder');
    KitChoice::query()->create(['clutch_job_id' => 7, 'kit_id' => $kit->id, 'data' => ['name' => 'x'], 'by_name' => 'Bram', 'at' => now()]);

    $page = $this->get(route('job.kit.page', [5, $other]))->assertOk();
    $page->assertSee('came back with judder or early wear');
    $this->get(route('job.kit.page', [5, $kit]))->assertOk()->assertSee('with judder');
    expect(FittedKit::ofSupplier((int) $kit->supplier_id))->toBe([1, 1]);
    // The kit that was taken back is not the one that was fitted.
    KitChoice::query()->create(['clutch_job_id' => 7, 'kit_id' => $other->id, 'data' => ['name' => 'x'], 'by_name' => 'Bram',
        'at' => now()]);
    expect(FittedKit::ofKit($kit, Job::query()->findOrFail(5), 8))->toHaveCount(1);
});
