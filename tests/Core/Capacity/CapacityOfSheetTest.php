<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;

/*
 * What a kit carries, against what would make it look stronger than it is. 240/160 mm, 6.2 kN, one disc: with μ 0.30 run in
 * 2 × 0.30 × 6200 × 0.1 = 372.0 N·m, hot with 0.25 310.0 N·m (worked from T = n μ F R; Budynas & Nisbett, ch. 16).
 */

/** An assessment of this kit behind an engine of 250 N·m. */
function ofKit(array $kit, array $more = []): Assessment
{
    $base = [
        'name' => 'K',
        'lining_outer' => '240 mm',
        'lining_inner' => '160 mm',
        'material' => 'organic',
        'clamp_load' => '6.2 kN',
        'spring' => 'diaphragm',
    ];

    return Assessment::of(
        sheetOfJson(
            (string) json_encode(
                array_replace_recursive(
                    [
                        'format' => 'jade-spindle/job-sheet',
                        'version' => 1,
                        'vehicle' => ['class' => 'car'],
                        'duty' => 'town',
                        'engine' => ['peak_torque' => '250 Nm'],
                        'kit' => [...$base, ...$kit],
                    ],
                    $more,
                ),
            ),
        ),
    );
}

it('counts a stated coefficient only while its lining can have it', function (float $mu, float $counted, bool $doubted) {
    $assessment = ofKit(['mu' => $mu, 'mu_hot' => $mu]);

    expect($assessment->figure('capacity.run_in'))->toEqualWithDelta(2 * $counted * 6200 * 0.1, 0.01)
        ->and($assessment->find('capacity.mu')?->verdict)->toBe($doubted ? Verdict::Near : null);
})->with([
    // 15 % above the 0.30 of organic is 0.345; of its 0.25 when hot, 0.2875.
    'below its own' => [0.26, 0.26, false],
    'up to 15 % above, though not when hot' => [0.344, 0.344, true],
    'above 15 %' => [0.346, 0.30, true],
    'a claim of another world' => [0.60, 0.30, true],
]);

it('says which coefficient is counted instead', function () {
    expect(plain((string) ofKit(['mu' => 0.5])->find('capacity.mu')?->say(metric())))
        ->toBe('The kit states a friction coefficient of 0.50, more than organic, moulded can give; 0.30 is counted, 0.25 when hot.')
        ->and(ofKit(['mu' => 0.5])->figure('capacity.hot'))
        ->toEqualWithDelta(310.0, 0.01);
});

it('does not add up the discs of two stages', function () {
    $tractor = ['vehicle' => ['class' => 'tractor', 'stages' => 'two'], 'duty' => 'field'];

    expect(ofKit(['discs' => 2], $tractor)->figure('capacity.faces'))->toBe(2)
        ->and(ofKit(['discs' => 2], $tractor)->figure('capacity.run_in'))->toEqualWithDelta(372.0, 0.01)
        ->and(ofKit(['discs' => 2], ['vehicle' => ['class' => 'truck']])->figure('capacity.faces'))->toBe(4);
});

it('starts with what the driver can let through: the engine, or the hot clutch where that carries less', function (
    string $engine,
    float $torque,
) {
    // 1400 kg, 0.30 m, 3.6 · 4.1, 2000 rpm, 20 N·m load: inertia 0.578 kg·m², slip time I ω ÷ (T − 20).
    $launch = [
        'vehicle_mass' => '1400 kg',
        'rolling_radius' => '0.30 m',
        'ratio' => 14.76,
        'engine_speed' => '2000 rpm',
        'load_torque' => '20 Nm',
        'plate_mass' => '5 kg',
    ];
    $assessment = ofKit([], ['launch' => $launch, 'engine' => ['peak_torque' => $engine]]);

    expect($assessment->figure('launch.slip_time'))
        ->toEqualWithDelta((((1400 * 0.09) / 14.76 ** 2) * 2000 * M_PI) / 30 / ($torque - 20), 1e-6)
        ->and($assessment->figure('launch.plate_rise'))
        ->toEqualWithDelta($assessment->figure('launch.energy') / (2 * 5 * 500), 1e-6);
})->with([['180 Nm', 180.0], ['400 Nm', 310.0]]);

it('judges margin and lining pressure by a limit that is given for them', function () {
    $shop = static fn (string $name, array $limit): array => ['limits' => [$name => [...$limit, 'source' => 'shop']]];

    // Margin 372 ÷ 250 = 1.488; pressure 6200 N on 251.3 cm² is 246.7 kPa.
    expect(ofKit([])->find('capacity.margin')?->verdict)
        ->toBe(Verdict::Within)
        ->and(ofKit([], $shop('capacity.margin', ['min' => 1.5]))->find('capacity.margin')?->verdict)
        ->toBe(Verdict::Out)
        ->and(ofKit([], $shop('capacity.margin', ['min' => 1.45]))->find('capacity.margin')?->verdict)
        ->toBe(Verdict::Within)
        ->and(ofKit([], $shop('capacity.lining_pressure', ['max' => '240 kPa']))->find('capacity.lining_pressure')?->verdict)
        ->toBe(Verdict::Out)
        ->and(ofKit([])->find('capacity.lining_pressure')?->verdict)
        ->toBe(Verdict::Within);
});

it('says where the character of a lining and the work do not go together', function (string $material, string $duty, ?Verdict $verdict) {
    expect(ofKit(['material' => $material], ['duty' => $duty])->find('capacity.character')?->verdict)->toBe($verdict);
})->with([
    ['organic', 'town', null],
    ['sintered_bronze', 'town', Verdict::Near],
    ['sintered_bronze', 'field', null],
    ['aramid', 'delivery', Verdict::Near],
    ['aramid', 'sport', null],
    ['aramid_segmented', 'town', null],
    ['sintered_iron', 'sport', Verdict::Out],
    ['sintered_iron', 'competition', null],
]);

it('takes a rigid hub on a solid flywheel for what it is: right in competition, doubtful elsewhere', function (
    string $duty,
    string $flywheel,
    string $hub,
    Verdict $verdict,
) {
    $sheet = sheetOfJson(
        (string) json_encode([
            'format' => 'jade-spindle/job-sheet',
            'version' => 1,
            'vehicle' => ['class' => 'car', 'flywheel' => $flywheel],
            'duty' => $duty,
            'kits' => [['name' => 'K', 'damper' => $hub]],
        ]),
    );
    expect(Assessment::ofKit($sheet, $sheet->kits[0])->find('kit.damper')?->verdict)->toBe($verdict);
})->with([
    ['competition', 'solid', 'rigid', Verdict::Within],
    ['town', 'solid', 'rigid', Verdict::Near],
    ['town', 'solid', 'sprung', Verdict::Within],
    ['competition', 'dual_mass', 'sprung', Verdict::Near],
    ['town', 'dual_mass', 'rigid', Verdict::Within],
]);

const DIAPHRAGM = [
    'wear_travel' => '1.0 mm', 'diaphragm_outer' => '220 mm', 'diaphragm_inner' => '170 mm', 'diaphragm_thickness' => '2.3 mm',
    'diaphragm_height' => '4.0 mm', 'diaphragm_set' => '4.2 mm',
];

it('names a diaphragm whose figures contradict each other, and does not go by them', function (array $spring, bool $contradicts) {
    $assessment = ofKit([...DIAPHRAGM, ...$spring]);
    $floor = plain((string) $assessment->find('capacity.floor')?->say(metric()));

    expect($assessment->find('capacity.spring')?->verdict)->toBe($contradicts ? Verdict::Near : null)
        ->and(str_contains($floor, 'Clamp load assumed'))->toBe($contradicts);
})->with([
    'deflected more than it wears' => [['diaphragm_set' => '1.1 mm'], false],
    'deflected as much as it wears' => [['diaphragm_set' => '1.0 mm'], true],
    'deflected less than it wears' => [['diaphragm_set' => '0.9 mm'], true],
    'inside out' => [['diaphragm_inner' => '221 mm'], true],
    'bearing within its edges' => [['diaphragm_plate' => '214 mm', 'diaphragm_pivot' => '178 mm'], false],
    'bearing on the pivot further out than on the plate' => [['diaphragm_plate' => '178 mm', 'diaphragm_pivot' => '214 mm'], true],
]);

// The plate moves by the wear, the edges of the spring by 50 ÷ 36 of it: the same wear is more to the spring.
it('lets the arms of the diaphragm say what the wear of the lining is to it', function () {
    $worn = static fn (array $more): mixed => ofKit([...DIAPHRAGM, 'diaphragm_set' => '3.0 mm', ...$more])->figure('capacity.worn');
    $atEdges = $worn(['diaphragm_set' => 3.0 * 50 / 36, 'wear_travel' => 1.0 * 50 / 36]);

    expect($worn(['diaphragm_plate' => '214 mm', 'diaphragm_pivot' => '178 mm']))->toEqualWithDelta($atEdges, 1e-6)
        ->and($worn([]))->not->toEqualWithDelta($atEdges, 1.0);
});

it('names the coefficient that its lining cannot have, cold or hot', function (array $kit, string $said) {
    expect(plain((string) ofKit($kit)->find('capacity.mu')?->say(metric())))->toStartWith($said);
})->with([
    'hot alone' => [['mu' => 0.28, 'mu_hot' => 0.40], 'The kit states a friction coefficient of 0.40 when hot, more than'],
    'cold alone' => [['mu' => 0.40, 'mu_hot' => 0.25], 'The kit states a friction coefficient of 0.40, more than'],
]);
