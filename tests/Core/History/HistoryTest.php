<?php

declare(strict_types=1);

use Spindle\History\FaultArea;
use Spindle\History\Forecast;
use Spindle\History\Life;
use Spindle\History\Pace;
use Spindle\History\Repeats;
use Spindle\History\Spread;
use Spindle\Planning\OwnHours;
use Spindle\Triage\Causes;

/* What a vehicle's own clutches say of the next one; quantiles are checked against an independent package in tests/Outside. */

function life(float $distance, float $worn, float $usable = 2.4): Life
{
    return new Life(null, null, $distance, $worn, $usable);
}

function day(string $day): DateTimeImmutable
{
    return new DateTimeImmutable($day, new DateTimeZone('UTC'));
}

it('tells rate and whole lining of a life, and nothing where something is not known', function () {
    // 1.8 mm in 90 000 km: 0.02 mm per 1000 km; 2.4 mm would have gone 120 000.
    expect(life(90_000, 1.8)->rate())->toEqualWithDelta(0.02, 1e-12)->and(life(90_000, 1.8)->wholeLining())->toEqualWithDelta(120_000, 1e-6)
        ->and((new Life(null, null, null, 1.8, 2.4))->rate())->toBeNull()
        ->and((new Life(null, null, 90_000, null, 2.4))->wholeLining())->toBeNull()
        ->and(life(0.0, 0.0)->rate())->toBeNull()->and(life(90_000, 0.0)->wholeLining())->toBeNull();
});

it('forecasts a range of days, wider the less is known', function () {
    $one = Forecast::of([life(100_000, 2.4)], [100.0], day('2026-01-01'));
    $alike = Forecast::of([life(100_000, 2.4), life(104_000, 2.4), life(96_000, 2.4)], [100.0], day('2026-01-01'));
    $unlike = Forecast::of([life(60_000, 2.4), life(100_000, 2.4), life(140_000, 2.4)], [80.0, 120.0], day('2026-01-01'));

    // Mean 100 000, s 4000, t of two degrees 1.886, √(4/3): ± 8711.
    expect($alike?->least)->toEqualWithDelta(91_289, 1.0)->and($alike?->most)->toEqualWithDelta(108_711, 1.0)
        ->and($alike?->earliest->format('Y-m-d'))->toBe('2028-07-02')
        ->and($one?->least)->toEqualWithDelta(60_000, 1e-6)->and($one?->most)->toEqualWithDelta(160_000, 1e-6)
        // ± 87 111 is held to a third of the middle below.
        ->and($unlike?->least)->toEqualWithDelta(30_000, 1e-6)
        ->and($unlike?->latest)->toBeGreaterThan($alike->latest)->and($unlike?->earliest)->toBeLessThan($alike->earliest);
});

it('forecasts nothing from nothing, and no day beyond a generation', function () {
    expect(Forecast::of([], [100.0], day('2026-01-01')))->toBeNull()
        ->and(Forecast::of([life(100_000, 2.4)], [], day('2026-01-01')))->toBeNull()
        ->and(Forecast::of([life(100_000, 2.4)], [0.0], day('2026-01-01')))->toBeNull()
        ->and(Forecast::of([life(100_000, 2.4)], [15.0], day('2026-01-01'))?->latest)->toBeNull();
});

it('gives count, middle and quarters', function () {
    // Type 7: of 1, 2, 3, 4 the lower quarter is 1.75.
    $s = Spread::of([4.0, 1.0, 3.0, 2.0]);

    expect([$s?->count, $s?->lower, $s?->median, $s?->upper])->toBe([4, 1.75, 2.5, 3.25])->and($s->isFew())->toBeTrue()
        ->and(Spread::of([]))->toBeNull()->and(Spread::of([7.0])?->upper)->toBe(7.0)
        ->and(Spread::of([1.0, 2.0, 3.0, 4.0, 5.0])?->isFew())->toBeFalse();
});

it('says what comes again and where to look', function () {
    $faults = [[day('2022-05-01'), ['air']], [day('2024-02-01'), ['cable']], [day('2026-03-01'), ['air', 'worn']]];

    expect(Repeats::said($faults))->toBe(['Third release fault in 4 years: look at the bulkhead, the brackets and the linkage, and not '
        .'only at what failed.'])
        ->and(Repeats::said([[day('2026-03-01'), ['air']]]))->toBe([])
        // What was ten years ago is another story.
        ->and(Repeats::said([[day('2015-05-01'), ['air']], [day('2026-03-01'), ['air']]]))->toBe([]);
});

it('learns hours from three jobs of the model, else of the class', function () {
    expect(OwnHours::of([4.0, 5.0], [3.0, 3.5]))->toBeNull()
        ->and(OwnHours::of([4.0, 6.0, 5.0], [1.0, 1.0, 1.0])?->likeliest)->toBe(5.0)
        ->and(OwnHours::of([4.0, 6.0], [1.0, 2.0, 9.0])?->likeliest)->toBe(2.0)
        ->and(OwnHours::of([4.0, 6.0, 5.0], [])?->longest)->toBe(6.0)
        ->and(OwnHours::of([4.0, 6.0, 5.0, 9.0], [])?->expected())->toBe(6.0)
        ->and(OwnHours::of([4.0, 6.0, 5.0, 9.0], [])?->quantiles([0.0, 0.5, 1.0]))->toBe([4.0, 5.5, 9.0]);
});

it('tells the pace of a vehicle from two visits, and the day it will have gone so far', function () {
    // 36 500 km in 365 days; 500 km at 100 a day are five days, 510 are six.
    expect(Pace::between(day('2025-01-01'), 10_000, day('2026-01-01'), 46_500))->toEqualWithDelta(100.0, 1e-9)
        ->and(Pace::between(day('2026-01-01'), 10_000, day('2026-01-01'), 46_500))->toBeNull()
        ->and(Pace::between(day('2025-01-01'), 46_500, day('2026-01-01'), 10_000))->toBeNull()
        ->and(Pace::dayAfter(day('2026-01-01'), 500, 100)->format('Y-m-d'))->toBe('2026-01-06')
        ->and(Pace::dayAfter(day('2026-01-01'), 510, 100)->format('Y-m-d'))->toBe('2026-01-07');
});

it('knows a fault of the same kind again, and two that are not the clutch for none', function (string $now, array $known, bool $again) {
    expect(FaultArea::comesAgain(Causes::all()[$now], $known))->toBe($again);
})->with([
    ['air', ['cable'], true], ['air', ['lining_worn'], false], ['lining_worn', ['oil_on_lining'], true],
    ['mounts', ['gearbox_bearing'], false], ['mounts', ['mounts'], false], ['air', [], false], ['air', ['no such cause'], false],
]);
