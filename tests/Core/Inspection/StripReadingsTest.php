<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\StripPart;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;

/*
 * Each reading of an open clutch just inside, near and just outside its limit, with the instrument usual for it. The edges
 * are common practice or from memory, as the limits themselves are marked; the steps beside them are the instrument's doubt.
 */

/**
 * @param  array<string, mixed>  $readings
 * @param  array<string, string>  $vehicle
 */
function opened(
    array $readings,
    array $vehicle = ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
    array $more = [],
): JobSheet {
    return sheetOfJson(
        (string) json_encode(
            ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => (object) $vehicle, 'readings' => (object) $readings] +
                $more,
        ),
    );
}

const A_TRUCK = ['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot'];
const A_TRACTOR = ['class' => 'tractor', 'actuation' => 'rod', 'flywheel' => 'solid', 'stages' => 'two'];

it('judges a reading against its limit', function (array $vehicle, array $readings, string $id, Verdict $verdict) {
    expect(Assessment::of(opened($readings, $vehicle))->find($id)?->verdict)->toBe($verdict);
})->with([
    'pin clearance ample' => [
        A_TRUCK,
        ['intermediate.pin_clearance' => ['0.18 mm', '0.20 mm']],
        'intermediate.pin_clearance',
        Verdict::Within,
    ],
    'pin clearance at the edge' => [
        A_TRUCK,
        ['intermediate.pin_clearance' => ['0.006 in', '0.2 mm']],
        'intermediate.pin_clearance',
        Verdict::Near,
    ],
    'pin clearance gone' => [
        A_TRUCK,
        ['intermediate.pin_clearance' => ['0.20 mm', '0.10 mm']],
        'intermediate.pin_clearance',
        Verdict::Out,
    ],
    'plate flat' => [A_TRUCK, ['intermediate.flatness' => ['0.22 mm', '0.20 mm', '0.2 mm']], 'intermediate.flatness', Verdict::Within],
    'plate nearly dished' => [
        A_TRUCK, ['intermediate.flatness' => ['0.24 mm', '0.20 mm', '0.2 mm']], 'intermediate.flatness', Verdict::Near,
    ],
    'plate dished' => [A_TRUCK, ['intermediate.flatness' => ['0.1 mm', '0.28 mm', '0.1 mm']], 'intermediate.flatness', Verdict::Out],
    'second disc worn' => [
        A_TRUCK,
        ['disc2.thickness_new' => '10 mm', 'disc2.thickness' => ['8.0 mm'], 'disc2.usable_per_side' => '1.1 mm'],
        'disc2.wear',
        Verdict::Out,
    ],
    'second disc half worn' => [
        A_TRUCK,
        ['disc2.thickness_new' => '10 mm', 'disc2.thickness' => ['8.9 mm'], 'disc2.usable_per_side' => '1.1 mm'],
        'disc2.wear',
        Verdict::Near,
    ],
    'second disc good' => [
        A_TRUCK,
        ['disc2.thickness_new' => '10 mm', 'disc2.thickness' => ['9.2 mm'], 'disc2.usable_per_side' => '1.1 mm'],
        'disc2.wear',
        Verdict::Within,
    ],
    'second disc, rivets' => [A_TRUCK, ['disc2.rivet_depth_cover' => ['0.9 mm', '0.25 mm']], 'disc2.rivet_depth_cover', Verdict::Out],
    'second disc, runout' => [A_TRUCK, ['disc2.runout' => '0.82 mm'], 'disc2.runout', Verdict::Out],
    'second disc, hub play' => [A_TRUCK, ['disc2.hub_play' => '0.38 mm'], 'disc2.hub_play', Verdict::Within],
    'second disc, one hot side' => [
        A_TRUCK,
        ['disc2.rivet_depth_flywheel' => '1.2 mm', 'disc2.rivet_depth_cover' => '0.7 mm'],
        'disc2.wear_difference',
        Verdict::Near,
    ],
    'brake meets late enough' => [A_TRUCK, ['truck.brake_squeeze' => '20 mm'], 'truck.brake_squeeze', Verdict::Within],
    'brake meets at an inch' => [A_TRUCK, ['truck.brake_squeeze' => '1 in'], 'truck.brake_squeeze', Verdict::Near],
    'brake meets far up' => [A_TRUCK, ['truck.brake_squeeze' => '40 mm'], 'truck.brake_squeeze', Verdict::Out],
    'brake on the floor' => [A_TRUCK, ['truck.brake_squeeze' => '0 mm'], 'truck.brake_squeeze', Verdict::Out],
    'springs alike' => [A_TRUCK, ['cover.spring_lengths' => ['60.0 mm', '60.9 mm', '60.3 mm']], 'cover.spring_lengths', Verdict::Within],
    'springs nearly alike' => [
        A_TRUCK, ['cover.spring_lengths' => ['60.0 mm', '60.99 mm', '60.3 mm']], 'cover.spring_lengths', Verdict::Near,
    ],
    'springs apart' => [A_TRUCK, ['cover.spring_lengths' => ['60.0 mm', '61.1 mm', '60.3 mm']], 'cover.spring_lengths', Verdict::Out],
    'levers alike' => [
        A_TRACTOR,
        ['two_stage.lever_heights' => ['50.0 mm', '50.3 mm', '50.1 mm']],
        'two_stage.lever_heights',
        Verdict::Within,
    ],
    'levers nearly alike' => [
        A_TRACTOR,
        ['two_stage.lever_heights' => ['50.0 mm', '50.38 mm', '50.1 mm']],
        'two_stage.lever_heights',
        Verdict::Near,
    ],
    'one lever low' => [
        A_TRACTOR,
        ['two_stage.lever_heights' => ['50.0 mm', '48.9 mm', '50.1 mm']],
        'two_stage.lever_heights',
        Verdict::Out,
    ],
    'first release at half' => [
        A_TRACTOR,
        ['two_stage.travel_to_first' => '10 mm', 'two_stage.travel_total' => '20 mm'],
        'two_stage.first_release',
        Verdict::Within,
    ],
    // A rule tells a travel to half a millimetre: 0.44 of 20 mm may as well be 0.45.
    'first release rather early' => [
        A_TRACTOR,
        ['two_stage.travel_to_first' => '8.8 mm', 'two_stage.travel_total' => '20 mm'],
        'two_stage.first_release',
        Verdict::Near,
    ],
    'first release too early' => [
        A_TRACTOR,
        ['two_stage.travel_to_first' => '8.0 mm', 'two_stage.travel_total' => '20 mm'],
        'two_stage.first_release',
        Verdict::Out,
    ],
    'first release rather late' => [
        A_TRACTOR,
        ['two_stage.travel_to_first' => '11.2 mm', 'two_stage.travel_total' => '20 mm'],
        'two_stage.first_release',
        Verdict::Near,
    ],
    'first release too late' => [
        A_TRACTOR,
        ['two_stage.travel_to_first' => '12.0 mm', 'two_stage.travel_total' => '20 mm'],
        'two_stage.first_release',
        Verdict::Out,
    ],
    'first release beyond the whole' => [
        A_TRACTOR,
        ['two_stage.travel_to_first' => '21 mm', 'two_stage.travel_total' => '20 mm'],
        'two_stage.first_release',
        Verdict::Unmeasured,
    ],
    'first release half known' => [A_TRACTOR, ['two_stage.travel_to_first' => '21 mm'], 'two_stage.first_release', Verdict::Unmeasured],
    'air at the travel disc' => [
        A_TRACTOR,
        ['two_stage.air_gap_travel' => ['0.45 mm', '0.5 mm']],
        'two_stage.air_gap_travel',
        Verdict::Within,
    ],
    'hardly air at the travel disc' => [
        A_TRACTOR,
        ['two_stage.air_gap_travel' => ['0.41 mm', '0.5 mm']],
        'two_stage.air_gap_travel',
        Verdict::Near,
    ],
    'no air at the take-off disc' => [
        A_TRACTOR,
        ['two_stage.air_gap_take_off' => ['0.45 mm', '0.3 mm']],
        'two_stage.air_gap_take_off',
        Verdict::Out,
    ],
    'fingers of a car' => [
        ['class' => 'car'],
        ['cover.finger_heights' => ['32.0 mm', '32.55 mm', '32.2 mm']],
        'cover.finger_heights',
        Verdict::Within,
    ],
    'levers of a tractor, stricter' => [
        A_TRACTOR,
        ['cover.finger_heights' => ['32.0 mm', '32.55 mm', '32.2 mm']],
        'cover.finger_heights',
        Verdict::Out,
    ],
    'a tractor with a diaphragm' => [
        A_TRACTOR,
        ['cover.kind' => 'diaphragm', 'cover.finger_heights' => ['32.0 mm', '32.55 mm', '32.2 mm']],
        'cover.finger_heights',
        Verdict::Within,
    ],
    'a truck with levers' => [
        A_TRUCK,
        ['cover.kind' => 'levers', 'cover.finger_heights' => ['32.0 mm', '32.55 mm', '32.2 mm']],
        'cover.finger_heights',
        Verdict::Out,
    ],
    'levers within' => [
        A_TRUCK,
        ['cover.kind' => 'levers', 'cover.finger_heights' => ['32.0 mm', '32.35 mm', '32.2 mm']],
        'cover.finger_heights',
        Verdict::Within,
    ],
    'levers near' => [
        A_TRUCK,
        ['cover.kind' => 'levers', 'cover.finger_heights' => ['32.0 mm', '32.41 mm', '32.2 mm']],
        'cover.finger_heights',
        Verdict::Near,
    ],
    'bush with play' => [['class' => 'car'], ['pilot.kind' => 'bush', 'pilot.play' => '0.12 mm'], 'pilot.play', Verdict::Within],
    'bush that is watched' => [['class' => 'car'], ['pilot.kind' => 'bush', 'pilot.play' => '0.20 mm'], 'pilot.play', Verdict::Near],
    'bush that binds when hot' => [
        ['class' => 'car'], ['pilot.play' => '0.000 mm', 'pilot.kind' => 'bush'], 'pilot.play', Verdict::Near,
    ],
    'bush at its limit' => [['class' => 'car'], ['pilot.kind' => 'bush', 'pilot.play' => '0.25 mm'], 'pilot.play', Verdict::Near],
    'bush worn' => [['class' => 'car'], ['pilot.play' => '0.28 mm'], 'pilot.play', Verdict::Out],
    'bush by bore and tip' => [
        ['class' => 'car'],
        ['pilot.bore' => '15.30 mm', 'shaft.tip_diameter' => '14.98 mm'],
        'pilot.play',
        Verdict::Out,
    ],
    'bush by bore and tip, near' => [
        ['class' => 'car'],
        ['pilot.bore' => '15.20 mm', 'shaft.tip_diameter' => '14.98 mm'],
        'pilot.play',
        Verdict::Near,
    ],
    'rolling pilot without play' => [
        ['class' => 'car'],
        ['pilot.kind' => 'rolling', 'pilot.play' => '0.00 mm'],
        'pilot.play',
        Verdict::Within,
    ],
    'rolling pilot with a slip fit' => [
        ['class' => 'car'], ['pilot.kind' => 'rolling', 'pilot.play' => '0.05 mm'], 'pilot.play', Verdict::Within,
    ],
    'rolling pilot with more than a slip fit' => [
        ['class' => 'car'],
        ['pilot.kind' => 'rolling', 'pilot.play' => '0.11 mm'],
        'pilot.play',
        Verdict::Out,
    ],
    'no pilot at all' => [['class' => 'car', 'pilot' => 'none'], [], 'pilot.play', Verdict::NotApplicable],
    'press load good' => [
        ['class' => 'car'],
        ['cover.clamp_load' => '5.7 kN', 'cover.clamp_load_new' => '6.2 kN'],
        'cover.clamp_load',
        Verdict::Within,
    ],
    'press load low' => [
        ['class' => 'car'],
        ['cover.clamp_load' => '5.5 kN', 'cover.clamp_load_new' => '6.2 kN'],
        'cover.clamp_load',
        Verdict::Out,
    ],
    'press load against nothing' => [['class' => 'car'], ['cover.clamp_load' => '5.5 kN'], 'cover.clamp_load', Verdict::Unmeasured],
    'cover not marked' => [['class' => 'car'], ['cover.marked' => false], 'cover.marked', Verdict::Near],
    'oil says which seal' => [['class' => 'car'], ['disc.oil' => 'engine'], 'disc.oil', Verdict::Out],
    'places apart' => [['class' => 'car'], ['disc.thickness' => ['7.0 mm', '7.6 mm']], 'disc.thickness_spread', Verdict::Near],
    'rivet depths apart' => [
        ['class' => 'car'],
        ['disc.rivet_depth_cover' => ['1.0 mm', '1.6 mm']],
        'disc.rivet_depth_cover_spread',
        Verdict::Near,
    ],
]);

it('says nothing of places that agree', function () {
    expect(Assessment::of(opened(['disc.thickness' => ['7.2 mm', '7.6 mm']]))->find('disc.thickness_spread'))->toBeNull();
});

it('takes the torque wrench at its word only to four parts in a hundred', function (string $torque, Verdict $verdict) {
    $sheet = opened(
        ['flywheel.bolt_torque' => [$torque]],
        more: ['limits' => ['flywheel.bolt_torque' => ['min' => '60 Nm', 'source' => 'maker']]],
    );

    expect(Assessment::of($sheet)->find('flywheel.bolt_torque')?->verdict)->toBe($verdict);
})->with([['66 Nm', Verdict::Within], ['61 Nm', Verdict::Near], ['59 Nm', Verdict::Near], ['40 Nm', Verdict::Out]]);

it('does not hold a reading against a limit of another class', function () {
    $finding = Assessment::of(opened(['intermediate.pin_clearance' => '0.1 mm']))->find('intermediate.pin_clearance');

    expect($finding?->verdict)->toBe(Verdict::NotApplicable)->and($finding?->say(metric()))->toContain('no limit is known for a car');
});

it('asks for the class where a limit follows it', function () {
    $finding = Assessment::of(opened(['cover.flatness' => ['0.1 mm', '0.1 mm', '0.1 mm']], []))->find('cover.flatness');

    expect($finding?->verdict)->toBe(Verdict::Unmeasured)->and($finding?->missing)->toBe(['vehicle.class']);
});

it('asks for a stronger fork only where the kit clamps far harder', function (string $old, Verdict $verdict) {
    $sheet = opened(['cover.clamp_load_new' => $old], more: ['kit' => ['clamp_load' => '7.8 kN']]);

    expect(Assessment::of($sheet)->find('fork.clamp_load')?->verdict)->toBe($verdict);
})->with([['6.1 kN', Verdict::Within], ['6.0 kN', Verdict::Near], ['5.0 kN', Verdict::Near]]);

it('names the seal by the oil, and knows a tractor has none on its shaft', function (string $oil, string $class, string $advice) {
    expect(Assessment::of(opened(['disc.oil' => $oil], ['class' => $class]))->find('disc.oil')?->say(metric()))->toContain($advice);
})->with([
    ['engine', 'car', 'crankshaft rear seal'], ['gear', 'car', 'input-shaft seal'], ['gear', 'tractor', 'from the gearbox'],
    ['hydraulic', 'car', 'replace it complete'], ['grease', 'car', 'a smear is enough'], ['unknown', 'car', 'smell and colour'],
]);

it('says which lever stands lowest and where to look', function () {
    $said = Assessment::of(opened(['two_stage.lever_heights' => ['50.0 mm', '50.1 mm', '48.9 mm', '50.0 mm']], A_TRACTOR))->find(
        'two_stage.lever_heights',
    )?->say(metric());

    expect($said)->toContain('Number 3')->toContain('pivot lug')->toContain('before the engine is started');
});

it('replaces a concentric bearing whole, whatever it looks like', function () {
    $at = static fn (string $actuation): string => Assessment::of(
        opened(['bearing.conditions' => ['none']], ['class' => 'car', 'actuation' => $actuation]),
    )->find('bearing.conditions')?->say(metric()) ?? '';

    expect($at('concentric'))->toContain('replaced complete')->and($at('cable'))->not->toContain('replaced complete');
});

it('reckons what the odometer has gone on since the clutch was fitted', function (array $readings, ?float $km) {
    expect(opened($readings)->distanceSinceFitted()?->value)->toBe($km);
})->with([
    [['odometer' => '182 400 km', 'odometer_at_fitting' => '100 400 km'], 82_000.0],
    [['odometer' => '182 400 km', 'odometer_at_fitting' => '100 400 km', 'distance_since_fitted' => '50 000 km'], 50_000.0],
    [['odometer' => '182 400 km'], null],
    'a meter that was changed' => [['odometer' => '2 400 km', 'odometer_at_fitting' => '100 400 km'], null],
]);

it('forecasts from the hour meter of a tractor', function () {
    $assessment = Assessment::of(
        opened(
            [
                'hour_meter' => '6 000 h',
                'hour_meter_at_fitting' => '2 000 h',
                'disc.thickness_new' => '10 mm',
                'disc.thickness' => '9 mm',
                'disc.usable_per_side' => '1 mm',
            ],
            A_TRACTOR,
        ),
    );

    expect($assessment->figure('wear.remaining_time'))->toBe(4000.0)->and($assessment->figure('wear.remaining_distance'))->toBeNull();
});

it('counts a part as looked at once something of it is known, and as unmeasured before', function () {
    $sheet = opened(['disc.thickness_new' => '8 mm', 'disc.conditions' => ['oil'], 'fork.conditions' => ['none']]);
    $assessment = Assessment::of($sheet);

    expect(StripPart::Disc->verdict($sheet, $assessment))->toBe(Verdict::Out)
        ->and(StripPart::Fork->verdict($sheet, $assessment))->toBe(Verdict::Within)
        ->and(StripPart::Pilot->verdict($sheet, $assessment))->toBe(Verdict::Unmeasured)
        ->and(StripPart::Pilot->status($sheet, $assessment))->toBe('not looked at');
});

it('does not take a new thickness from a catalogue for a look at the disc', function () {
    expect(StripPart::Disc->isLookedAt(opened(['disc.thickness_new' => '8 mm', 'disc.usable_per_side' => '1 mm'])))->toBeFalse()
        ->and(StripPart::Flywheel->isLookedAt(opened(['flywheel.thickness_min' => '20 mm'])))->toBeFalse()
        ->and(StripPart::Flywheel->isLookedAt(opened(['flywheel.thickness' => '22 mm'])))->toBeTrue();
});

it('counts the dial around a face as one reading', function () {
    $status = static fn (array $readings): string => StripPart::Flywheel->status(
        $sheet = opened($readings, ['class' => 'car', 'flywheel' => 'solid']),
        Assessment::of($sheet),
    );

    expect(
        $status([
            'flywheel.dial_12' => '0.00 mm',
            'flywheel.dial_3' => '0.02 mm',
            'flywheel.dial_6' => '0.03 mm',
            'flywheel.dial_9' => '0.01 mm',
        ]),
    )
        ->toEndWith('1 of 9 taken')
        ->and($status(['flywheel.face_runout' => '0.03 mm', 'flywheel.flatness' => ['0.03 mm', '0.03 mm', '0.03 mm']]))
        ->toEndWith('2 of 9 taken');
});

it('says the reading that counts with its own digits, however coarse the others are', function (
    string $key,
    array $readings,
    string $said,
) {
    $found = Assessment::of(opened([$key => $readings], ['class' => 'car', 'flywheel' => 'solid']))->find($key)?->say(metric());
    expect(str_replace("\u{00A0}", ' ', (string) $found))->toContain($said);
})->with([
    ['disc.rivet_depth_cover', ['0.9 mm', '0.25 mm', '1 mm'], 'cover side: 0.25 mm, at least 0.3 mm'],
    ['cover.flatness', ['0.1 mm', '0.16 mm', '0.1 mm'], 'flatness 0.16 mm'],
    ['flywheel.flatness', ['0 mm', '0.12 mm', '0.1 mm'], '0.12 mm dish or step'],
    ['pilot.play', ['0.1 mm', '0.27 mm'], 'pilot 0.27 mm'],
    // A spread is no finer than the coarser of the two it is made of.
    ['cover.finger_heights', ['31 mm', '31.85 mm', '31.4 mm'], 'spread 1 mm'],
]);
