<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;

/*
 * What a kit states and cannot be: said, and the cautious figure counted. Friction of the linings from memory; that no lining grips
 * better hot and no worn cover presses harder than a new one is common practice, no source.
 */

/** @param  array<string, mixed>  $kit */
function stating(array $kit): Assessment
{
    return Assessment::of(sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
        'engine' => ['peak_torque' => '210 N·m'], 'duty' => 'town',
        'kit' => ['name' => 'K', 'lining_outer' => '228 mm', 'lining_inner' => '150 mm', 'clamp_load' => '5.2 kN', ...$kit],
    ])));
}

// Run in: 2 faces · 0.30 · 5200 N · 94.5 mm = 294.84 N·m with moulded organic.
it('believes of a friction coefficient without a lining no more than organic gives', function (float $mu, float $carried) {
    $of = stating(['mu' => $mu]);

    expect($of->figure('capacity.run_in'))->toEqualWithDelta($carried, 0.01)
        ->and($of->find('capacity.mu')?->verdict)->toBe(Verdict::Near)
        ->and($of->find('capacity.mu')?->say(metric()))->toContain('Ask of what it is');
})->with([[0.25, 245.7], [0.30, 294.84], [0.45, 294.84]]);

it('counts no lining for better hot than cold', function () {
    $of = stating(['material' => 'organic', 'mu' => 0.26, 'mu_hot' => 0.28]);

    expect($of->figure('capacity.hot'))->toEqualWithDelta($of->figure('capacity.run_in'), 1e-9)
        ->and($of->find('capacity.mu')?->say(metric()))->toContain('No lining grips better hot');
});

it('counts no worn clamp load above the new one, and of two the lower', function (array $spring, float $worn, string $says) {
    $of = stating(['material' => 'organic', ...$spring]);

    expect($of->figure('capacity.worn'))->toEqualWithDelta(2 * 0.30 * $worn * 0.0945, 0.01)
        ->and($of->find('capacity.mu')?->say(metric()) ?? '')->toContain($says);
})->with([
    'more than new' => [['clamp_load_worn' => '6.0 kN'], 5200.0, 'more than new'],
    'as new' => [['clamp_load_worn' => '5.2 kN'], 5200.0, ''],
    'another than the springs give' => [
        ['spring' => 'coil', 'clamp_load_worn' => '4.8 kN', 'spring_rate' => '500 N/mm', 'wear_travel' => '2 mm'], 4200.0,
        'data of its spring',
    ],
    'what the springs give' => [
        ['spring' => 'coil', 'clamp_load_worn' => '4.2 kN', 'spring_rate' => '500 N/mm', 'wear_travel' => '2 mm'], 4200.0, '',
    ],
]);

it('reads a rating as slip or as the engine it is sold for, and blocks by neither', function (
    string $claimed, ?string $as, Verdict $verdict,
) {
    $of = stating(['material' => 'organic', 'claimed_torque' => $claimed, ...($as === null ? [] : ['claimed_as' => $as])]);

    expect($of->find('capacity.claim')?->verdict)->toBe($verdict)
        ->and($of->figure('capacity.run_in'))->toEqualWithDelta(294.84, 0.01);
})->with([
    'slip, believable' => ['300 N·m', 'slip', Verdict::Within], 'slip, a boast' => ['500 N·m', 'slip', Verdict::Near],
    'slip, far too low' => ['150 N·m', 'slip', Verdict::Near], 'engine' => ['210 N·m', 'engine', Verdict::Within],
    'engine, more than it carries' => ['320 N·m', 'engine', Verdict::Near], 'engine, far too low' => ['90 N·m', 'engine', Verdict::Near],
    'not said, one of the two' => ['150 N·m', null, Verdict::Within], 'not said, neither' => ['500 N·m', null, Verdict::Near],
]);

it('gives every capacity with its range, and says it', function () {
    // √(0.08² + 0.12²) = 14.42 %: 294.84 N·m is 252.3 to 337.4.
    $of = stating(['material' => 'organic']);
    $range = $of->figures['capacity.run_in']->range;

    expect($range[0] ?? 0)->toEqualWithDelta(252.3, 0.1)->and($range[1] ?? 0)->toEqualWithDelta(337.4, 0.1)
        ->and(plain((string) $of->find('capacity.margin')?->say(metric())))->toContain('± 14 %');
});

it('judges the heat of engaging the take-off like that of a start, by hand', function (string $inertia, ?string $speed, Verdict $expected) {
    // ω = 540 · 2π ÷ 60 = 56.549 rad/s; E = ½ · 30 · ω² = 47 967 J. Two faces of π/4 · (25² − 16²) = 289.8 cm²: 82.8 J/cm².
    $of = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => array_filter(['class' => 'tractor', 'stages' => 'two', 'take_off_speed' => $speed]),
        'launch' => ['implement_inertia' => $inertia], 'kit' => ['name' => 'K', 'clamp_load' => '7 kN', 'lining_outer' => '280 mm',
            'lining_inner' => '180 mm', 'material' => 'organic', 'lining_outer2' => '250 mm', 'lining_inner2' => '160 mm',
            'material2' => 'organic', 'clamp_load2' => '7 kN']])));

    expect($of->find('launch.take_off_heat')?->verdict)->toBe($expected);
    if ($speed === '540 rpm' && $inertia === '30 kg·m²') {
        expect($of->figure('launch.take_off_energy_per_area'))->toEqualWithDelta(82.8, 0.1);
    }
})->with([
    // Organic: comfortable up to 60 J/cm², 120 the limit.
    ['20 kg·m²', '540 rpm', Verdict::Within], ['30 kg·m²', '540 rpm', Verdict::Near], ['45 kg·m²', '540 rpm', Verdict::Out],
    ['20 kg·m²', '1000 rpm', Verdict::Out], ['20 kg·m²', null, Verdict::Unmeasured],
]);
