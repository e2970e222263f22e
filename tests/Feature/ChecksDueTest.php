<?php

declare(strict_types=1);

use App\Board\ChecksDue;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\Vehicle;

beforeEach(function (): void {
    $this->bram = $this->technician('Bram Veldt');
    $this->actingAs($this->bram);
    $this->today = new DateTimeImmutable('2026-06-15');
});

/**
 * A signed job as history has it, of a vehicle of its own where none is given.
 *
 * @param  array<string, mixed>  $facts
 */
function visited(string $signed, array $facts, ?Vehicle $vehicle = null): Job
{
    $vehicle ??= Vehicle::query()->create([
        'name' => 'Ostrel Wend', 'plate' => 'CH '.(1 + Vehicle::query()->count()), 'number' => '', 'class' => 'car',
    ]);
    $job = Job::query()->create(['vehicle_id' => $vehicle->id, 'units' => 'metric', 'opened_by' => 'Bram Veldt', 'is_open' => false]);
    JobFacts::query()->create([
        'clutch_job_id' => $job->id, 'vehicle_id' => $vehicle->id, 'class' => 'car', 'model' => 'Ostrel Wend', 'outcome' => 'new_clutch',
        'hours' => [], 'causes' => [], 'marks' => [], 'figures' => [], 'signed_at' => "{$signed} 12:00:00", ...$facts,
    ]);

    return $job;
}

/** @return list<int> jobs whose check is due, in turn */
function dueUntil(string $day): array
{
    return array_map(static fn (ChecksDue $d): int => $d->facts->clutch_job_id, ChecksDue::until(new DateTimeImmutable($day)));
}

it('calls for a vehicle on the day that was said, and not for a month', function (): void {
    $said = visited('2026-06-01', ['check_on' => '2026-06-20']);
    visited('2026-06-01', ['check_on' => '2026-07']);
    visited('2026-06-01', []);

    expect(dueUntil('2026-06-19'))->toBe([])->and(dueUntil('2026-06-20'))->toBe([$said->id]);
});

it('reckons the day from how far the vehicle goes, where it was here before', function (): void {
    // 5000 km in a hundred days are 50 km a day: 500 km are ten days.
    $first = visited('2026-02-20', ['meter' => 100_000.0]);
    $second = visited('2026-05-31', ['meter' => 105_000.0, 'check_at' => 105_500.0], $first->vehicle);
    // Here for the first time: nobody knows how far it goes.
    visited('2026-05-31', ['meter' => 105_000.0, 'check_at' => 105_500.0]);

    expect(dueUntil('2026-06-09'))->toBe([])->and(dueUntil('2026-06-10'))->toBe([$second->id]);
    [$due] = ChecksDue::until(new DateTimeImmutable('2026-06-10'));
    expect($due->isByDistance)->toBeTrue()->and($due->on->format('Y-m-d'))->toBe('2026-06-10');
});

it('does not call for a vehicle that was here since, nor for one that nobody expects any more', function (): void {
    $back = visited('2026-05-01', ['check_on' => '2026-06-01']);
    Job::query()->create(['vehicle_id' => $back->vehicle_id, 'units' => 'metric', 'opened_by' => 'Bram Veldt']);
    visited('2025-04-01', ['check_on' => '2026-06-01']);

    expect(dueUntil('2026-06-29'))->toBe([]);
});

it('forgets none for all that were signed after it', function (): void {
    $long = visited('2025-12-01', ['check_on' => '2026-06-16']);
    for ($i = 0; $i < 320; $i++) {
        visited('2026-06-10', ['check_on' => '2026-12-01']);
    }

    expect(dueUntil('2026-06-29'))->toBe([$long->id]);
});

it('has those that come on the board before those who did not, the last of them first', function (): void {
    $day = static fn (string $days): string => (new DateTimeImmutable('today'))->modify("{$days} days")->format('Y-m-d');
    foreach (['-90' => 'Long missed', '-3' => 'Just missed', '+2' => 'Comes soon', '+9' => 'Comes later'] as $when => $name) {
        $vehicle = Vehicle::query()->create(['name' => $name, 'plate' => '', 'number' => '', 'class' => 'car']);
        visited($day('-120'), ['check_on' => $day((string) $when)], $vehicle);
    }
    $this->get('/board')->assertSeeInOrder(['Comes soon', 'Comes later', 'Just missed', 'Long missed'])
        ->assertDontSee('in all; the others');
    for ($i = 0; $i < 12; $i++) {
        visited($day('-100'), ['check_on' => $day('-80')]);
    }
    $this->get('/board')->assertSee('16 in all')->assertDontSee('Long missed');
});
