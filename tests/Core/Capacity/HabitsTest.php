<?php

declare(strict_types=1);

use Spindle\Capacity\Habits;
use Spindle\Capacity\LiningLife;

/* Heat of a kilometre with one habit or another, worked by hand; what is driven in a year and the hill are from memory. */

/** @param  array<string, mixed>  $more */
function drivenSheet(array $more = []): Habits|array
{
    return Habits::of(sheetOfJson((string) json_encode(array_replace_recursive(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'], 'duty' => 'town',
        'engine' => ['peak_torque' => '210 N·m'], 'launch' => ['vehicle_mass' => '1500 kg', 'rolling_radius' => '300 mm', 'ratio' => 14,
            'engine_speed' => '1500 rpm', 'load_torque' => '20 N·m'],
        'kit' => ['name' => 'K', 'lining_outer' => '228 mm', 'lining_inner' => '150 mm', 'material' => 'organic', 'clamp_load' => '6 kN',
            'usable_per_side' => '1.1 mm']], $more))));
}

it('is the life of the lining where nothing is done to it', function () {
    $habits = drivenSheet();

    // Worked by hand beside the life of a lining: 301 357 km.
    expect($habits)->toBeInstanceOf(Habits::class)->and($habits->usual()?->life)->toEqualWithDelta(301_357, 300)
        ->and($habits->life(['held' => 0.0, 'hard_starts' => 0.0, 'trailer' => 0.0])?->life)
        ->toEqualWithDelta($habits->usual()->life, 1e-6);
});

it('works each habit through by hand', function () {
    $habits = drivenSheet();
    // E = 9392 J; a km has 2 starts: 18 784 J. With ω² four times as much: 3000 rpm lasts a quarter.
    // Held 20 s on 300 days of 15 000 km = 0.4 s a km. Hill 10 %: 1500 · 9.80665 · (0.0995 + 0.015 · 0.995) · 0.3 ÷ (14 · 0.9)
    // = 40.09 N·m; × 157.08 × 0.4 = 2519 J. A hard start at 3000 rpm is 37 568 J; 1000 of them a year 2504 J a km.
    $share = static fn (array $h): float => ($habits->life($h)->life ?? 0.0) / ($habits->usual()->life ?? 1.0);

    expect($share(['revs' => 3000.0]))->toEqualWithDelta(0.25, 1e-6)
        ->and($share(['held' => 20.0 / 3600]))->toEqualWithDelta(18_784 / (18_784 + 2519), 2e-4)
        ->and($share(['hard_starts' => 1000.0]))->toEqualWithDelta(18_784 / (18_784 + 2504), 2e-4)
        ->and($share(['trailer' => 1500.0]))->toEqualWithDelta(0.5, 1e-6);
});

it('never lasts longer with more of a habit', function (string $habit, array $steps) {
    $habits = drivenSheet(['launch' => ['load_torque' => null, 'grade' => '8 %']]);
    $lives = array_map(static fn (float $much): float => $habits->life([$habit => $much])->life ?? 0.0, $steps);
    $sorted = $lives;
    rsort($sorted);

    expect($lives)->toBe($sorted)->and(count(array_unique($lives)))->toBe(count($lives));
})->with([
    ['revs', [900.0, 1200.0, 1500.0, 2500.0, 4000.0]], ['held', [0.0, 0.002, 0.01, 0.05]], ['hard_starts', [0.0, 10.0, 500.0]],
    ['trailer', [0.0, 400.0, 1500.0]],
]);

it('says that it does not move off, where a trailer is too much for it', function () {
    $habits = drivenSheet(['launch' => ['load_torque' => null, 'grade' => '15 %']]);

    expect($habits->life(['trailer' => 20_000.0]))->toBeNull()->and($habits->life(['trailer' => 500.0]))->toBeInstanceOf(LiningLife::class);
});

it('says what is missing, and nothing else', function (array $more, string $missing) {
    expect(drivenSheet($more))->toBeArray()->toContain($missing);
})->with([
    [['launch' => ['engine_speed' => null]], 'launch.engine_speed'], [['kit' => ['usable_per_side' => null]], 'kit.usable_per_side'],
    [['duty' => null], 'duty'],
]);
