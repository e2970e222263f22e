<?php

declare(strict_types=1);

use App\Jobs\AssessedJob;
use App\Models\User;
use App\Models\Vehicle;
use App\Page\PrintedFindings;
use Spindle\Limit\Verdict;

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail());
    $vehicle = Vehicle::query()->where('name', 'like', 'Ostrel Marle 1.6%')->firstOrFail();
    $this->job = $vehicle->jobs()->firstOrFail();
    $this->lines = fn (): array => PrintedFindings::of(AssessedJob::of($this->job->fresh()->load(App\Models\Job::WHOLE)));
});

it('lets what passed without anything to say share a line', function () {
    $said = array_map(static fn (PrintedFindings $line): string => $line->said, ($this->lines)());

    expect($said)
        ->toContain('Looked at, nothing found: disc, cover, flywheel, release bearing, fork and pivot, '
            .'guide sleeve, pilot, shaft and splines, seals.')
        ->and(array_filter($said, static fn (string $s): bool => str_starts_with($s, 'The kit fits. ')))->toHaveCount(1)
        ->and(array_filter($said, static fn (string $s): bool => str_contains($s, 'looked, nothing found')))->toBe([]);
});

it('gives a line of its own to everything that did not pass', function () {
    $last = fn (string $field): int => (int) $this->job->readings()->where('field', $field)->max('seq');
    $this->enter($this->job, 'strip', 'cover.conditions', 'cracks', $last('cover.conditions'))->assertOk();
    $this->enter($this->job, 'intake', 'vehicle.spline_count', '10', $last('vehicle.spline_count'))->assertOk();
    $lines = ($this->lines)();
    $out = array_values(array_filter($lines, static fn (PrintedFindings $line): bool => $line->verdict === Verdict::Out));

    expect(array_map(static fn (PrintedFindings $line): string => $line->said, $out))->toContain('Cover: cracks: replace the cover.')
        ->and(implode(' ', array_map(static fn (PrintedFindings $line): string => $line->said, $out)))->toContain('splines')
        ->and(array_column($lines, 'said'))
        ->toContain('Looked at, nothing found: disc, flywheel, release bearing, fork and pivot, '
            .'guide sleeve, pilot, shaft and splines, seals.');
});

it('writes a limit as people say it', function () {
    $limits = array_column(($this->lines)(), 'limit');

    expect(array_map(plain(...), $limits))->toContain('wanted 1.25, at least 1.19 (practice)')
        ->and(implode(' ', $limits))->not->toMatch('/\d\.\d{4}/');
});

it('says of a short job in one line what was not reached', function () {
    $job = $this->newJob(User::query()->where('login', 'bram')->firstOrFail());
    foreach (['vehicle.class' => 'car', 'vehicle.actuation' => 'slave', 'triage.kind' => 'bleed'] as $field => $typed) {
        $this->enter($job, 'intake', $field, $typed, (int) $job->readings()->where('field', $field)->max('seq'))->assertOk();
    }
    $lines = PrintedFindings::of(AssessedJob::of($job->fresh()->load(App\Models\Job::WHOLE)));
    $notReached = array_values(array_filter($lines, static fn (PrintedFindings $l): bool => str_starts_with($l->said, 'Not reached')));

    expect($notReached)->toHaveCount(1)->and($notReached[0]->verdict)->toBe(Verdict::NotApplicable)
        ->and($notReached[0]->said)->toMatch('/^Not reached: this job is to bleed, not to take apart \(.+, .+\)\.$/')
        ->not->toMatch('/[a-z]_[a-z]|\.[a-z]/')
        ->and(end($lines)->verdict)->toBe(Verdict::NotApplicable);
});
