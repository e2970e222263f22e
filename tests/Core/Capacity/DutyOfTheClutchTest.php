<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\ClampThroughLife;
use Spindle\Capacity\RepeatedStarts;
use Spindle\Capacity\RoadLoad;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\TemperatureRise;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\SheetReader;

/** A van that starts on a hill, with a kit. */
function hill(array $more = []): Assessment
{
    return Assessment::of(sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'van'], 'duty' => 'delivery',
        'engine' => ['peak_torque' => '340 N·m'],
        'launch' => ['vehicle_mass' => '3200 kg', 'rolling_radius' => '330 mm', 'ratio' => 15.2, 'engine_speed' => '1600 rpm',
            'plate_mass' => '6.2 kg'],
        'kit' => ['lining_outer' => '250 mm', 'lining_inner' => '165 mm', 'material' => 'organic_wire', 'clamp_load' => '7.6 kN',
            'spring' => 'self_adjusting'],
    ], $more))));
}

// By hand: 3200 kg · 9.80665 · (sin α + 0.015 cos α) · 0.33 m / (15.2 · 0.9), tan α = 0.1; sin α = 0.099504, cos α = 0.995037.
it('works the load out from grade and ground', function () {
    $torque = static fn (float $grade, string $ground): float => RoadLoad::torque(
        Mass::kg(3200), Ratio::of($grade), $ground, Length::mm(330), Ratio::of(15.2),
    )->value;

    expect($torque(0.10, 'road'))->toEqualWithDelta(3200 * 9.80665 * (0.0995037 + 0.015 * 0.9950372) * 0.33 / (15.2 * 0.9), 1e-3)
        ->and($torque(0.0, 'road'))->toEqualWithDelta(3200 * 9.80665 * 0.015 * 0.33 / 13.68, 1e-6)
        ->and($torque(0.0, 'soft') / $torque(0.0, 'road'))->toEqualWithDelta(0.05 / 0.015, 1e-9)
        ->and($torque(0.15, 'road'))->toBeGreaterThan($torque(0.10, 'road'));
});

it('adds a trailer to load and inertia, and counts the greater of a load that is entered and one worked out', function () {
    $alone = hill(['launch' => ['grade' => '10 %', 'ground' => 'road']]);
    $towing = hill(['launch' => ['grade' => '10 %', 'ground' => 'road', 'trailer_mass' => '1600 kg']]);
    $entered = hill(['launch' => ['grade' => '10 %', 'ground' => 'road', 'load_torque' => '60 N·m']]);

    expect($alone->figure('launch.load_torque'))->toEqualWithDelta(86.66, 0.1)
        ->and($towing->figure('launch.load_torque') / $alone->figure('launch.load_torque'))->toEqualWithDelta(1.5, 1e-9)
        ->and($towing->figure('launch.inertia') / $alone->figure('launch.inertia'))->toEqualWithDelta(1.5, 1e-9)
        ->and($towing->figure('launch.energy_per_area'))->toBeGreaterThan($alone->figure('launch.energy_per_area'))
        ->and($entered->figure('launch.load_torque'))->toEqualWithDelta(86.66, 0.1)
        ->and($entered->find('launch.load')?->verdict)->toBe(Verdict::Near);
});

it('asks for the ground where it decides, and for the grade where only the ground is known', function () {
    $near = hill(['launch' => ['grade' => '16 %', 'vehicle_mass' => '4200 kg']])->find('launch.heat');
    $soft = hill(['launch' => ['grade' => '16 %', 'vehicle_mass' => '4200 kg', 'ground' => 'soft']])->find('launch.heat');

    expect($soft?->verdict)->not->toBe(hill(['launch' => ['grade' => '16 %', 'vehicle_mass' => '4200 kg', 'ground' => 'road']])
        ->find('launch.heat')?->verdict)
        ->and($near?->verdict)->toBe(Verdict::Near)->and($near?->say(metric()))->toContain('enter which')
        ->and(hill(['launch' => ['ground' => 'road']])->find('launch.heat')?->missing)->toBe(['launch.grade']);
});

// Ten steps a minute apart with τ = 300 s: (1 − e^(−2)) / (1 − e^(−0.2)) = 4.7701 times one. Source: geometric series.
it('heats up over ten starts towards an end', function () {
    $starts = new RepeatedStarts(TemperatureRise::of(10.0));

    expect($starts->after(1)->value)->toEqualWithDelta(10.0, 1e-9)
        ->and($starts->after(10)->value)->toEqualWithDelta(10 * (1 - exp(-2)) / (1 - exp(-0.2)), 1e-9)
        ->and($starts->before(1)->value)->toBe(0.0)
        ->and($starts->before(2)->value)->toEqualWithDelta(10 * exp(-0.2), 1e-9)
        ->and($starts->after(1000)->value)->toEqualWithDelta(10 / (1 - exp(-0.2)), 1e-6);
    // The same by walking through the minutes one after the other.
    $walked = 0.0;
    for ($i = 0; $i < 10; $i++) {
        $walked = ($i === 0 ? 0.0 : $walked * exp(-60 / 300)) + 10.0;
    }
    expect($starts->after(10)->value)->toEqualWithDelta($walked, 1e-9)
        ->and(hill(['launch' => ['load_torque' => '60 N·m']])->figure('launch.temperature_after_ten'))
        ->toEqualWithDelta(hill(['launch' => ['load_torque' => '60 N·m']])->figure('launch.plate_rise') * 4.7701, 0.01);
});

// F(ω) = F₀ + k ω²: twice the speed adds four times the load. 2 · 0.32 · (7600 + 4 · 500) N · 103.75 mm.
it('adds what weights press at speed, and keeps such a cover off the road', function () {
    $kit = ['kit' => ['assist_load' => '500 N', 'assist_speed' => '2000 rpm']];
    $curve = ['engine' => ['curve' => [['2000 rpm', '300 N·m'], ['4000 rpm', '340 N·m']]]];
    $a = hill([...$kit, ...$curve]);

    expect($a->figure('capacity.run_in_at_peak'))->toEqualWithDelta(2 * 0.32 * (7600 + 2000) * 0.10375, 1e-6)
        ->and($a->figure('capacity.run_in'))->toEqualWithDelta(2 * 0.32 * 7600 * 0.10375, 1e-6)
        ->and($a->find('capacity.character')?->verdict)->toBe(Verdict::Out)
        ->and(hill([...$kit, 'duty' => 'competition'])->find('capacity.character')?->verdict)->not->toBe(Verdict::Out);
});

// Each disc against its own branch; two faces each. By hand: 42 kW / (1900 · 2π/60) = 211.1 N·m.
it('rates the take-off disc for the take-off alone', function () {
    $sheet = static fn (array $kit, array $engine = ['pto_power' => '42 kW',
        'pto_engine_speed' => '1900 rpm']): Assessment => Assessment::of(
            sheetOfJson((string) json_encode([
                'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'tractor', 'stages' => 'two'],
                'duty' => 'field',
                'engine' => ['peak_torque' => '230 N·m', ...$engine],
                'kit' => ['lining_outer' => '280 mm', 'lining_inner' => '165 mm', 'material' => 'organic', 'clamp_load' => '9 kN',
                    'discs' => 2, ...$kit],
            ])),
        );
    $second = ['lining_outer2' => '250 mm', 'lining_inner2' => '160 mm', 'mu2' => 0.30, 'clamp_load2' => '7 kN'];
    $a = $sheet($second);

    expect($a->figure('demand.pto_torque'))->toEqualWithDelta(42_000 / (1900 * 2 * M_PI / 60), 1e-9)
        ->and($a->figure('capacity.pto_run_in'))->toEqualWithDelta(2 * 0.30 * 7000 * 0.1025, 1e-9)
        ->and($a->figure('capacity.pto_margin'))->toEqualWithDelta(430.5 / 211.09, 1e-3)
        ->and($a->find('capacity.take_off')?->verdict)->toBe(Verdict::Within)
        ->and($a->figure('capacity.faces'))->toBe(2)
        ->and($sheet([...$second, 'clamp_load2' => '4 kN'])->find('capacity.take_off')?->verdict)->toBe(Verdict::Out)
        ->and($sheet([])->find('capacity.take_off')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($sheet($second, [])->find('demand.take_off')?->missing)->toBe(['engine.pto_power', 'engine.pto_engine_speed']);
});

it('goes by the figures that the shop has for linings and duties', function () {
    $shop = hill(['materials' => ['organic_wire' => ['mu' => 0.16, 'mu_hot' => 0.15]], 'duties' => ['delivery' => ['reserve' => 1.1]]]);

    expect($shop->figure('capacity.run_in') / hill()->figure('capacity.run_in'))->toEqualWithDelta(0.5, 1e-9)
        ->and($shop->figure('demand.reserve'))->toBe(1.1)
        ->and(hill()->figure('demand.reserve'))->toBe(1.35);
});

it('refuses figures that no lining or duty can have', function (array $section, string $place) {
    expect(fn () => hill($section))->toThrow(SheetError::class, $place);
})->with([
    [['materials' => ['organic' => ['mu' => 2.0]]], 'materials.organic.mu'], [['materials' => ['cheese' => []]], 'materials.cheese'],
    [['materials' => ['organic' => ['mu' => 0.2, 'mu_hot' => 0.3]]], 'materials.organic'],
    [['materials' => ['organic' => ['comfortable_heat' => 200]]], 'materials.organic'],
    [['duties' => ['town' => ['reserve' => 0.5]]], 'duties.town.reserve'], [['duties' => ['town' => ['harsh_above' => 1.2]]],
        'duties.town'],
    [['ranking' => ['weights' => ['luck' => 1]]], 'ranking.weights.luck'], [['ranking' => ['currency' => 'euro']], 'ranking.currency'],
    [['rating' => ['school' => 'guess']], 'rating.school'],
]);

it('rates by the claim in a shop of that school, and only by one that is believable', function (string $claim, bool $counts) {
    $kit = ['kit' => ['claimed_torque' => $claim]];
    $margin = hill([...$kit, 'rating' => ['school' => 'claim']])->figure('capacity.margin');
    $computed = hill($kit)->figure('capacity.margin');

    expect(abs($margin - $computed) > 1e-9)->toBe($counts);
})->with([['540 N·m', true], ['480 N·m', true], ['700 N·m', false]]);

it('keeps a reserve decided for the job with its reason', function () {
    $of = static fn (array $readings): Assessment => hill(['readings' => $readings]);

    expect($of(['demand.reserve_wanted' => '1.6', 'demand.reserve_reason' => 'Tows a horse box at weekends'])->figure('demand.reserve'))
        ->toBe(1.6)
        ->and($of(['demand.reserve_wanted' => '1.6'])->find('demand.reserve')?->missing)->toBe(['demand.reserve_reason'])
        ->and($of(['demand.reserve_wanted' => '1.2', 'demand.reserve_reason' => 'Sold next month'])->find('demand.reserve')?->verdict)
        ->toBe(Verdict::Near);
});

it('shows what a modification made of the engine', function () {
    $a = hill(['engine' => ['curve_before' => [['1800 rpm', '250 N·m'], ['3500 rpm', '230 N·m']]]]);

    expect($a->figure('demand.torque_before'))->toEqualWithDelta(250.0, 1e-9)
        ->and(plain($a->find('demand.modified')?->say(metric()) ?? ''))->toContain('+36 %');
});

it('draws the clamp load through life as far as data allow', function () {
    $reader = new SheetReader(Subjects::dictionary());
    $life = static fn (array $kit): ?ClampThroughLife => ClampThroughLife::of($reader->kit((object) $kit));
    $coil = ['clamp_load' => '10 kN', 'spring' => 'coil', 'wear_travel' => '2 mm'];
    $last = static fn (?ClampThroughLife $l): ?float => $l === null ? null : $l->points[count($l->points) - 1][1]->value;

    expect($last($life([...$coil, 'spring_rate' => 1000])))->toEqualWithDelta(8000.0, 1e-6)
        ->and($last($life([...$coil, 'clamp_load_worn' => '7.5 kN'])))->toEqualWithDelta(7500.0, 1e-6)
        ->and($last($life(['clamp_load' => '6 kN', 'spring' => 'self_adjusting', 'wear_travel' => '2 mm'])))->toBe(6000.0)
        ->and($life($coil))->toBeNull()
        ->and($life(['clamp_load' => '6 kN', 'spring' => 'diaphragm', 'wear_travel' => '2 mm']))->toBeNull();
    // A diaphragm beyond its hump presses harder before it presses less (Almen & László 1936).
    $diaphragm = $life(['clamp_load' => '6 kN', 'spring' => 'diaphragm', 'wear_travel' => '2.4 mm', 'diaphragm_outer' => '200 mm',
        'diaphragm_inner' => '160 mm', 'diaphragm_thickness' => '2.4 mm', 'diaphragm_height' => '4.2 mm', 'diaphragm_set' => '5.4 mm']);
    $loads = array_map(static fn (array $p): float => $p[1]->value, $diaphragm->points ?? []);

    expect($loads[0])->toBe(6000.0)->and(max($loads))->toBeGreaterThan(6000.0);
});
