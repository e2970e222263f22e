<?php

declare(strict_types=1);

use Spindle\Limit\Said;
use Spindle\Planning\JobPlan;
use Spindle\Planning\Promise;
use Spindle\Planning\PromiseGuard;
use Spindle\Sheet\JobSheet;

/*
 * A promised day that no longer stands says why and what would save it; each proposal is checked by running the plan with it. Days of the
 * usual week, Monday 7 December 2026 at eight; numbers are made up.
 */

function promisedJob(array $plan = []): JobSheet
{
    return sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'slave'],
        'calendar' => ['zone' => 'UTC'], 'plan' => ['layout' => 'front', 'delivery_days' => 0, ...$plan],
    ]));
}

/** @return array{PromiseGuard, JobPlan} */
function guarded(JobSheet $sheet, string $day): array
{
    $from = new DateTimeImmutable('2026-12-07T08:00', new DateTimeZone('UTC'));
    $plan = JobPlan::of($sheet, $from);

    return [PromiseGuard::of($sheet, $plan, (new DateTimeImmutable($day, new DateTimeZone('UTC')))->modify('+1 day'), $from, []), $plan];
}

/** @return list<string> */
function saves(PromiseGuard $guard): array
{
    return array_map(static fn (Said $s): string => plain($s->in(metric())), $guard->saves);
}

it('leaves a safe day alone', function () {
    [$guard] = guarded(promisedJob(), '2026-12-11');
    expect($guard->isSafe())->toBeTrue()->and($guard->isLikely())->toBeTrue()->and($guard->saves)->toBe([]);
});

it('says of parts that come too late by when they would save the day', function () {
    // Some sixteen hours of work, two days; parts on the tenth, promised for the tenth.
    [$guard] = guarded(promisedJob(['parts_on' => '2026-12-10']), '2026-12-10');
    expect($guard->isLikely())->toBeFalse()->and(plain($guard->why->in(metric())))->toContain('delivery');
    $said = implode(' ', saves($guard));
    expect(preg_match('/Parts by \w{3} (\d+) Dec would make it likely/', $said, $m))->toBe(1);
    // What it says is so, and a day later it is not.
    $kept = static fn (int $day): float => JobPlan::of(promisedJob(['parts_on' => sprintf('2026-12-%02d', $day)]),
        new DateTimeImmutable('2026-12-07T08:00', new DateTimeZone('UTC')))->kept(new DateTimeImmutable('2026-12-11T00:00Z'));
    expect($kept((int) $m[1]))->toBeGreaterThanOrEqual(Promise::LIKELY)->and($kept((int) $m[1] + 1))->toBeLessThan(Promise::LIKELY);
});

it('finds the longest delivery of another kit that would save the day, and none where parts do not matter', function () {
    $job = promisedJob(['parts_on' => '2026-12-10', 'done' => ['ordering']]);
    [$guard] = guarded($job, '2026-12-10');
    $days = $guard->savingDelivery();
    // What it says is so, and a day more is not: by the plan with that delivery.
    $kept = static fn (int $days): float => JobPlan::of(promisedJob(['delivery_days' => $days, 'done' => ['ordering']]),
        new DateTimeImmutable('2026-12-07T08:00', new DateTimeZone('UTC')))->kept(new DateTimeImmutable('2026-12-11T00:00Z'));
    expect($days)->toBeInt()->and($kept((int) $days))->toBeGreaterThanOrEqual(Promise::LIKELY)
        ->and($kept((int) $days + 1))->toBeLessThan(Promise::LIKELY)
        ->and(guarded(promisedJob(), '2026-12-07')[0]->savingDelivery())->toBeNull()
        ->and(guarded(promisedJob(), '2026-12-11')[0]->savingDelivery())->toBeNull();
});

it('proposes longer days and a second pair of hands only where they do it', function () {
    // Two days of eight hours fall just short of what is left; two hours longer each do it.
    [$guard] = guarded(promisedJob(['hours' => ['access' => '6 h', 'closing' => '6 h']]), '2026-12-08');
    $said = implode(' ', saves($guard));
    expect($guard->isLikely())->toBeFalse()->and($said)->toContain('2 hours longer a day until then')->toContain('second pair of hands');

    // Nothing saves a day that is hours away.
    [$none] = guarded(promisedJob(), '2026-12-07');
    expect($none->isLikely())->toBeFalse()->and($none->saves)->toBe([])
        ->and(plain($none->why->in(metric())))->toContain('hours of work are left');
});

it('promises nothing of parts where none are waited for', function () {
    [$guard] = guarded(promisedJob(), '2026-12-07');
    expect(implode(' ', saves($guard)))->not->toContain('Parts by');
});
