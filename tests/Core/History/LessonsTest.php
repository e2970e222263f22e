<?php

declare(strict_types=1);

use Spindle\History\Lessons;
use Spindle\History\NextCheck;
use Spindle\History\PastJob;
use Spindle\Triage\Causes;
use Spindle\Triage\Outcome;

/*
 * What many jobs say together, and when somebody looks again. All numbers by hand.
 */

function pastJob(int $id, string $signed, array $more = []): PastJob
{
    $is = [...['vehicle' => 1, 'outcome' => Outcome::Strip, 'kit' => '', 'duty' => 'town', 'since' => null, 'worn' => null,
        'planned' => null, 'taken' => null, 'causes' => [], 'limits' => []], ...$more];

    return new PastJob(
        $id, $is['vehicle'], new DateTimeImmutable($signed), 'car', $is['outcome'], $is['kit'], $is['duty'], $is['since'], $is['worn'],
        $is['planned'], $is['taken'], $is['causes'], $is['limits'],
    );
}

it('holds wear against the kit that the job before put in', function () {
    $lessons = Lessons::of([
        pastJob(1, '2024-01-10', ['kit' => 'K-1', 'since' => 90_000.0, 'worn' => 3.0]),
        pastJob(2, '2026-01-10', ['kit' => 'K-2', 'since' => 60_000.0, 'worn' => 2.0]),
    ]);

    // The first job's wear is that of a clutch nobody here fitted.
    expect($lessons[Lessons::KITS])->toBe(['K-1 · town' => [[2, 30_000.0]]]);
});

it('compares a vehicle with itself only, and a fault only with one of its kind', function () {
    $strip = array_values(array_filter(Causes::all(), static fn ($c): bool => $c->outcome === Outcome::Strip));
    $other = array_values(array_filter(Causes::all(), static fn ($c): bool => $c->outcome === Outcome::NotTheClutch))[0];
    $again = Lessons::of([
        pastJob(1, '2025-01-01', ['causes' => [$strip[0]->id]]),
        pastJob(2, '2025-07-02', ['causes' => [$strip[1]->id, $other->id, 'no such cause']]),
        pastJob(3, '2025-08-02', ['vehicle' => 2, 'causes' => [$strip[0]->id]]),
    ]);

    // 182 days of 365.25.
    expect(array_keys($again[Lessons::CAUSES]))->toBe([$strip[1]->label])
        ->and($again[Lessons::CAUSES][$strip[1]->label][0][1])->toEqualWithDelta(182 / 365.25, 1e-9)
        ->and(array_keys($again[Lessons::TWICE]))->toBe([$strip[1]->label, $other->label])
        ->and($again[Lessons::TWICE][$other->label][0][1])->toEqualWithDelta(12 * 182 / 365.25, 1e-9);
});

it('counts as done twice only what came back within a year', function () {
    $cause = array_key_first(Causes::all());
    $after = static fn (string $day): bool => isset(Lessons::of([
        pastJob(1, '2025-01-01'), pastJob(2, $day, ['causes' => [$cause]]),
    ])[Lessons::TWICE]);

    expect($after('2025-12-31'))->toBeTrue()->and($after('2026-01-03'))->toBeFalse();
});

it('sets hours taken against planned ones only where both are known', function () {
    $lessons = Lessons::of([
        pastJob(1, '2025-01-01', ['planned' => 8.0, 'taken' => 10.0]), pastJob(2, '2025-01-01', ['vehicle' => 2, 'taken' => 4.0]),
        pastJob(3, '2025-01-01', ['vehicle' => 3, 'planned' => 0.0, 'taken' => 4.0, 'limits' => ['flywheel.flatness']]),
    ]);

    expect(array_values($lessons[Lessons::HOURS]))->toBe([[[1, 1.25]]])
        ->and($lessons[Lessons::LIMITS])->toBe(['flywheel.flatness' => [[3, 1.0]]]);
});

it('looks again on the day that was said, whatever the meter', function () {
    $next = NextCheck::of('2026-03-01', 61_000.0, 60_000.0, new DateTimeImmutable('2026-01-01'), 50.0);

    expect($next?->on->format('Y-m-d'))->toBe('2026-03-01')->and($next?->isByDistance)->toBeFalse();
});

it('looks again when the meter will show it, and never a day early', function () {
    // 1000 km at 60 km a day are 16.7 days.
    $next = NextCheck::of('', 61_000.0, 60_000.0, new DateTimeImmutable('2026-01-01 15:00'), 60.0);

    expect($next?->on->format('Y-m-d'))->toBe('2026-01-18')->and($next?->isByDistance)->toBeTrue();
});

it('says no day where one is missing', function (string $said, ?float $at, ?float $showed, ?float $perDay) {
    expect(NextCheck::of($said, $at, $showed, new DateTimeImmutable('2026-01-01'), $perDay))->toBeNull();
})->with([
    'a month alone' => ['2026-03', null, null, null],
    'no meter to come' => ['', null, 60_000.0, 60.0],
    'no meter then' => ['', 61_000.0, null, 60.0],
    'no pace' => ['', 61_000.0, 60_000.0, null],
    'standing still' => ['', 61_000.0, 60_000.0, 0.0],
]);
