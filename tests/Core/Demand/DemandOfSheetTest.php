<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;

/*
 * What the engine asks, from every way it may be given. 110 kW at 1250 rpm is 840 N·m: Khurmi & Gupta, A Textbook of Machine
 * Design, ch. 24 (from memory, recomputed).
 */

/** An assessment of an engine, with a kit that carries 347.2 N·m run in. */
function ofEngine(array $engine): Assessment
{
    $kit = [
        'name' => 'K',
        'discs' => 1,
        'lining_outer' => '240 mm',
        'lining_inner' => '160 mm',
        'material' => 'organic',
        'mu' => 0.28,
        'clamp_load' => '6.2 kN',
        'spring' => 'diaphragm',
    ];

    return Assessment::of(
        sheetOfJson(
            (string) json_encode([
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => ['class' => 'car'],
                'duty' => 'town',
                'engine' => $engine,
                'kit' => $kit,
            ]),
        ),
    );
}

it('takes power alone as a floor, says the range, asks for the peak, and finds nothing within', function () {
    $assessment = ofEngine(['power' => '40 kW', 'power_speed' => '4000 rpm']);
    $said = plain($assessment->find('demand.engine_torque')->say(metric()));

    // 9549.3 × 40 / 4000 = 95.5 N·m; times 1.1, 1.2 and 1.5, to the newton metre.
    expect($assessment->figure('demand.engine_torque'))
        ->toEqualWithDelta(95.493, 0.001)
        ->and($assessment->figures['demand.engine_torque']->atLeast)
        ->toBeTrue()
        ->and($assessment->figures['demand.required_torque']->atLeast)
        ->toBeTrue()
        ->and($assessment->figure('demand.basis'))
        ->toBe('power_floor')
        ->and($assessment->find('demand.engine_torque')->verdict)
        ->toBe(Verdict::Near)
        ->and($said)
        ->toContain('at least 95 N·m')
        ->toContain('about 105 N·m to 115 N·m with petrol, up to 143 N·m with a turbocharged diesel')
        ->toContain('Enter the peak torque or the curve')
        ->and($assessment->find('capacity.margin')->verdict)
        ->not->toBe(Verdict::Within)
        ->and($assessment->find('capacity.floor')->verdict)
        ->not->toBe(Verdict::Within);
});

it('stays out when even the floor is too much for the kit', function () {
    expect(ofEngine(['power' => '110 kW', 'power_speed' => '1250 rpm'])->find('capacity.margin')->verdict)->toBe(Verdict::Out)
        ->and(ofEngine(['power' => '110 kW', 'power_speed' => '1250 rpm'])->figure('demand.engine_torque'))->toEqualWithDelta(840.3, 0.1);
});

it('is within again once the peak is known', function (array $peak, string $basis) {
    $assessment = ofEngine(['power' => '40 kW', 'power_speed' => '4000 rpm', ...$peak]);

    expect($assessment->find('demand.engine_torque')->verdict)->toBe(Verdict::Within)
        ->and($assessment->figure('demand.basis'))->toBe($basis)
        ->and($assessment->figures['demand.engine_torque']->atLeast)->toBeFalse()
        ->and($assessment->find('capacity.margin')->verdict)->toBe(Verdict::Within)
        ->and($assessment->find('demand.contradiction'))->toBeNull();
})->with([[['peak_torque' => '200 Nm'], 'peak'], [['curve' => [[1500, 180], [2500, 200], [4000, 95]]], 'curve']]);

it('lets the greater of two figures count, and says both when they lie more than 3 % apart', function (
    array $engine,
    float $counts,
    string $basis,
    ?string $said,
) {
    $assessment = ofEngine($engine);
    $finding = $assessment->find('demand.contradiction');

    expect($assessment->figure('demand.engine_torque'))
        ->toEqualWithDelta($counts, 0.05)
        ->and($assessment->figure('demand.basis'))
        ->toBe($basis)
        ->and($finding?->verdict)
        ->toBe($said === null ? null : Verdict::Near);
    if ($said !== null) {
        expect(plain($finding->say(metric())))->toContain($said);
    }
})->with([
    'a curve that reaches higher' => [
        ['peak_torque' => '200 Nm', 'curve' => [[2000, 260]]],
        260.0,
        'curve',
        'The curve gives 260 N·m (192 lbf·ft), the peak torque entered 200 N·m',
    ],
    'a peak the curve never reaches' => [
        ['peak_torque' => '260 Nm', 'curve' => [[2000, 200]]],
        260.0,
        'peak',
        'The peak torque entered gives 260 N·m',
    ],
    'just inside 3 %' => [['peak_torque' => '200 Nm', 'curve' => [[2000, 205.9]]], 205.9, 'curve', null],
    'just outside 3 %' => [['peak_torque' => '200 Nm', 'curve' => [[2000, 206.1]]], 206.1, 'curve', 'The curve gives'],
    'power that needs more than the peak' => [
        ['peak_torque' => '200 Nm', 'power' => '100 kW', 'power_speed' => '3000 rpm'],
        318.3,
        'power_floor',
        'Power at its speed gives 318 N·m',
    ],
    'power below the peak, as in every engine' => [
        ['peak_torque' => '200 Nm', 'power' => '60 kW', 'power_speed' => '5000 rpm'],
        200.0,
        'peak',
        null,
    ],
]);

it('takes a driveline loss off figures taken at the wheels only, and says when one stands beside a crank figure', function (
    array $engine,
    float $counts,
    bool $contradicts,
) {
    $assessment = ofEngine(['peak_torque' => '170 Nm', ...$engine]);

    expect($assessment->figure('demand.engine_torque'))
        ->toEqualWithDelta($counts, 0.01)
        ->and($assessment->find('demand.contradiction') !== null)
        ->toBe($contradicts);
})->with([
    'at the crank' => [['measured_at' => 'crank'], 170.0, false],
    'not said where' => [[], 170.0, false],
    'at the wheels' => [['measured_at' => 'wheels_2wd'], 200.0, false],
    'at the wheels with its own loss' => [['measured_at' => 'wheels_2wd', 'driveline_loss' => '20 %'], 212.5, false],
    'a loss and no word where' => [['driveline_loss' => '20 %'], 212.5, false],
    'a loss of nothing at the crank' => [['measured_at' => 'crank', 'driveline_loss' => '0 %'], 170.0, false],
    'a loss at the crank: the cautious figure counts' => [['measured_at' => 'crank', 'driveline_loss' => '20 %'], 212.5, true],
]);
