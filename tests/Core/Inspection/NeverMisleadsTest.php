<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\WhyItFailed;
use Spindle\Kit\CameBack;
use Spindle\Limit\Verdict;

/*
 * Inspections that could mislead whoever reads them, each just inside, near and just outside, and with the answer it must not give.
 * Facts of the trade: common practice, no source; figures from memory.
 */

/** @param  array<string, mixed>  $sheet */
function inspected(array $sheet): Assessment
{
    return Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$sheet])));
}

/** @param  array<string, mixed>  $readings */
function carInspected(array $readings, string $actuation = 'slave', string $flywheel = 'solid'): Assessment
{
    return inspected(['vehicle' => ['class' => 'car', 'actuation' => $actuation, 'flywheel' => $flywheel, 'pilot' => 'crankshaft'],
        'readings' => $readings]);
}

it('does not judge a dual-mass flywheel by a dial on its face', function (string $runout) {
    $of = carInspected(['flywheel.face_runout' => $runout, 'flywheel.measuring_diameter' => '240 mm'], flywheel: 'dual_mass');

    expect($of->find('flywheel.face_runout')?->verdict)->toBe(Verdict::NotApplicable)
        ->and($of->figure('flywheel.face_runout'))->not->toBeNull();
})->with(['0.02 mm', '0.12 mm', '0.90 mm']);

it('asks for three places before it calls anything even', function (string $reading, array $places, Verdict $expected) {
    expect(carInspected([$reading => $places, 'cover.kind' => 'diaphragm'])->find($reading)?->verdict)->toBe($expected);
})->with([
    ['flywheel.flatness', ['0.02 mm'], Verdict::Unmeasured], ['flywheel.flatness', ['0.02 mm', '0.02 mm'], Verdict::Unmeasured],
    ['flywheel.flatness', ['0.02 mm', '0.02 mm', '0.02 mm'], Verdict::Within], ['cover.flatness', ['0.05 mm'], Verdict::Unmeasured],
    ['cover.flatness', ['0.05 mm', '0.05 mm', '0.20 mm'], Verdict::Out], ['cover.finger_heights', ['32 mm'], Verdict::Unmeasured],
    ['cover.finger_heights', ['32 mm', '32 mm'], Verdict::Unmeasured],
    ['cover.finger_heights', ['32 mm', '32 mm', '32 mm'], Verdict::Within], ['cover.spring_lengths', ['60 mm'], Verdict::Unmeasured],
]);

it('says nothing of how far one place lies apart', function (string $reading, string $value) {
    $one = carInspected([$reading => [$value], 'cover.kind' => 'diaphragm'])->find($reading)?->say(metric());
    $two = carInspected([$reading => [$value, $value], 'cover.kind' => 'diaphragm'])->find($reading)?->say(metric());

    expect(plain((string) $one))->toContain('two more places')->not->toContain('so far')
        ->and(plain((string) $two))->toContain('one more place')->toContain('so far 0');
})->with([['cover.finger_heights', '32 mm'], ['cover.spring_lengths', '60 mm']]);

it('keeps the doubt of one reading when several are alike', function (string $reading, string $value) {
    $one = carInspected([$reading => [$value, '0 mm', '0 mm']])->find($reading)?->verdict;

    expect($one)->toBe(Verdict::Near)->and(carInspected([$reading => [$value, $value, $value]])->find($reading)?->verdict)->toBe($one);
})->with([['cover.flatness', '0.13 mm'], ['cover.flatness', '0.16 mm'], ['flywheel.flatness', '0.09 mm']]);

it('asks for the least thickness only where metal comes off', function (array $more, Verdict $expected) {
    $good = ['flywheel.face_runout' => '0.03 mm', 'flywheel.measuring_diameter' => '240 mm', 'flywheel.conditions' => ['faint_marks'],
        'flywheel.flatness' => ['0.02 mm', '0.02 mm', '0.02 mm'], 'flywheel.thickness' => '26 mm'];

    expect(carInspected([...$good, ...$more])->find('flywheel.thickness')?->verdict)->toBe($expected);
})->with([
    'scuffed' => [[], Verdict::NotApplicable], 'spots' => [['flywheel.conditions' => ['heat_spots']], Verdict::Unmeasured],
    'dished' => [['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']], Verdict::Unmeasured],
    'a cut is planned' => [['flywheel.machined' => '0.2 mm'], Verdict::Unmeasured],
]);

it('closes oil only with the leak that it comes from', function (string $oil, string $leak, Verdict $expected) {
    expect(carInspected(['disc.conditions' => ['oil'], 'disc.oil' => $oil, 'seals.leak' => $leak, 'seals.leak_mended' => true])
        ->find('seals.leak')?->verdict)->toBe($expected);
})->with([
    ['engine', 'rear_seal', Verdict::Within], ['engine', 'shaft_seal', Verdict::Out], ['gear', 'shaft_seal', Verdict::Within],
    ['gear', 'hydraulics', Verdict::Out], ['hydraulic', 'hydraulics', Verdict::Within], ['hydraulic', 'rear_seal', Verdict::Out],
    ['grease', 'grease', Verdict::Within], ['unknown', 'rear_seal', Verdict::Within], ['engine', 'elsewhere', Verdict::Within],
]);

it('takes no clutch fluid for possible where nothing holds any', function () {
    $of = carInspected(['disc.conditions' => ['oil'], 'disc.oil' => 'hydraulic', 'seals.leak' => 'hydraulics', 'seals.leak_mended' => true],
        'cable');

    expect($of->find('disc.oil')?->say(metric()))->toContain('without hydraulics')
        ->and($of->find('seals.leak')?->verdict)->toBe(Verdict::Out);
});

it('foretells nothing over rivets that are near or out', function (string $depth, bool $foretells) {
    $of = carInspected(['disc.thickness_new' => '8.3 mm', 'disc.thickness' => '7.9 mm', 'disc.usable_per_side' => '1.0 mm',
        'distance_since_fitted' => '40000 km', 'disc.rivet_depth_flywheel' => $depth, 'disc.rivet_depth_cover' => '0.8 mm']);

    expect($of->figure('wear.remaining_distance') !== null)->toBe($foretells);
})->with([['0.80 mm', true], ['0.45 mm', false], ['0.20 mm', false]]);

it('lets a reading that is near support a cause, and only one that is right speak against it', function (string $depth, bool $speaksFor) {
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
        'readings' => ['triage.signs' => ['slip_load', 'slip_high_gear'], 'disc.rivet_depth_flywheel' => $depth,
            'disc.rivet_depth_cover' => $depth, 'disc.conditions' => ['none']]]));
    $worn = array_values(array_filter(
        WhyItFailed::of($sheet, Assessment::of($sheet)), static fn ($reason): bool => $reason->cause->id === 'lining_worn',
    ));

    expect(isset($worn[0]) && $worn[0]->isShown())->toBe($speaksFor);
})->with([['0.20 mm', true], ['0.45 mm', true], ['0.90 mm', false]]);

it('does not take a bush that binds, or a slip fit, for something else', function (string $kind, string $play, Verdict $expected) {
    expect(carInspected(['pilot.kind' => $kind, 'pilot.play' => $play])->find('pilot.play')?->verdict)->toBe($expected);
})->with([
    ['bush', '0.05 mm', Verdict::Within], ['bush', '0.18 mm', Verdict::Near], ['bush', '0.28 mm', Verdict::Out],
    ['bush', '0.00 mm', Verdict::Near], ['rolling', '0.03 mm', Verdict::Within], ['rolling', '0.08 mm', Verdict::Near],
    ['rolling', '0.12 mm', Verdict::Out],
]);

it('says short of the reserve, and would slip only of what does', function (string $engine, string $says, string $not) {
    $of = inspected(['vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'], 'duty' => 'town',
        'engine' => ['peak_torque' => $engine],
        'kit' => ['name' => 'K', 'lining_outer' => '228 mm', 'lining_inner' => '150 mm', 'material' => 'organic',
            'clamp_load' => '5.2 kN']]);

    // It carries 295 N·m run in.
    expect($of->find('capacity.margin')?->verdict)->toBe(Verdict::Out)
        ->and($of->find('capacity.margin')?->say(metric()))->toContain($says)->not->toContain($not);
})->with([['270 N·m', 'short of the reserve', 'would slip'], ['340 N·m', 'would slip', 'short of the reserve']]);

it('lets no more through a start than there is', function (string $typed, bool $speaks) {
    $of = inspected(['vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'], 'duty' => 'town',
        'engine' => ['peak_torque' => '210 N·m'], 'launch' => ['vehicle_mass' => '1500 kg', 'rolling_radius' => '300 mm', 'ratio' => 14,
            'engine_speed' => '1500 rpm', 'load_torque' => '20 N·m', 'clutch_torque' => $typed]]);
    $plain = inspected(['vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'], 'duty' => 'town',
        'engine' => ['peak_torque' => '210 N·m'], 'launch' => ['vehicle_mass' => '1500 kg', 'rolling_radius' => '300 mm', 'ratio' => 14,
            'engine_speed' => '1500 rpm', 'load_torque' => '20 N·m']]);

    expect($of->find('launch.clutch_torque') !== null)->toBe($speaks)
        ->and($of->figure('launch.energy') === $plain->figure('launch.energy'))->toBe($typed !== '150 N·m');
})->with([['150 N·m', false], ['211 N·m', false], ['500 N·m', true]]);

it('counts the greater of a load entered and the grade, and says that they differ', function (string $load, bool $speaks) {
    $of = inspected(['vehicle' => ['class' => 'van'], 'engine' => ['peak_torque' => '340 N·m'],
        'launch' => ['vehicle_mass' => '3.2 t', 'rolling_radius' => '330 mm', 'ratio' => 15.2, 'engine_speed' => '1600 rpm',
            'grade' => '20 %', 'ground' => 'road', 'load_torque' => $load]]);

    // m g (sin α + f cos α) r ÷ (i η) = 3200 · 9.80665 · (0.1961 + 0.015 · 0.9806) · 0.33 ÷ (15.2 · 0.9) = 159.6 N·m
    expect($of->figure('launch.load_torque'))->toEqualWithDelta(max(159.6, (float) $load), 0.3)
        ->and($of->find('launch.load') !== null)->toBe($speaks);
})->with([['60 N·m', true], ['158 N·m', false], ['200 N·m', true]]);

it('holds the pins of an intermediate plate against each other and against wear', function (array $places, Verdict $worst) {
    $of = inspected(['vehicle' => ['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot', 'discs' => 'two'],
        'readings' => ['intermediate.pin_clearance' => $places]]);

    expect(Verdict::worst(...array_map(static fn (string $id): Verdict => $of->find("intermediate.{$id}")->verdict ?? Verdict::Within,
        ['pin_clearance', 'pin_wear', 'pin_evenness'])))->toBe($worst);
})->with([
    [['0.20 mm', '0.20 mm', '0.22 mm'], Verdict::Within], [['0.20 mm', '0.20 mm', '0.33 mm'], Verdict::Near],
    [['0.20 mm', '0.20 mm', '0.75 mm'], Verdict::Out], [['0.70 mm', '0.70 mm', '0.70 mm'], Verdict::Out],
]);

it('charges a supplier with judder and early wear, and not with those of years later', function (
    array $signs, ?float $days, ?CameBack $as,
) {
    expect(CameBack::with($signs, $days))->toBe($as);
})->with([
    [['judder'], 40.0, CameBack::Judder], [['judder'], 365.0, CameBack::Judder], [['judder'], 366.0, null], [['judder'], 3650.0, null],
    [['judder'], null, null], [['slip_load'], 100.0, CameBack::EarlyWear], [['slip_load'], 700.0, null],
]);
