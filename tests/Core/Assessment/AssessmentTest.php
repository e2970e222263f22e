<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Station;
use Tests\Support\CompleteJobs;

/** A car that is right in everything, as an array to change. */
function goodCar(): array
{
    return [
        'format' => 'jade-spindle/job-sheet',
        'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
        'engine' => ['peak_torque' => '250 Nm'],
        'duty' => 'town',
        'readings' => [
            'disc.thickness_new' => '8.3 mm',
            'disc.thickness' => ['7.9 mm', '7.8 mm', '8.0 mm'],
            'disc.usable_per_side' => '1.0 mm',
            'flywheel.face_runout' => '0.05 mm',
            'flywheel.measuring_diameter' => '240 mm',
            'flywheel.flatness' => ['0.03 mm', '0.05 mm', '0.05 mm'],
            'flywheel.thickness' => '26.2 mm',
            'flywheel.thickness_min' => '25.0 mm',
            ...array_fill_keys(
                [
                    'disc.conditions',
                    'cover.conditions',
                    'flywheel.conditions',
                    'bearing.conditions',
                    'pilot.conditions',
                    'shaft.conditions',
                    'seals.conditions',
                    'fork.conditions',
                ],
                ['none'],
            ),
        ],
        'release' => ['free_play' => '3 mm'],
        'kit' => [
            'name' => 'K',
            'discs' => 1,
            'lining_outer' => '240 mm',
            'lining_inner' => '160 mm',
            'material' => 'organic',
            'clamp_load' => '6.2 kN',
            'spring' => 'diaphragm',
        ],
    ];
}

/** @param  array<string, mixed>  $changes  by path with slashes; null takes out */
function assess(array $changes = []): Assessment
{
    $document = Document::ofJson((string) json_encode(goodCar()));
    foreach ($changes as $path => $value) {
        $document = $document->with(
            explode('/', $path),
            is_array($value) && ! array_is_list($value) ? json_decode((string) json_encode($value)) : $value,
        );
    }

    return Assessment::of(sheetOfDocument($document));
}

it('finds nothing wrong with a car that is right', function () {
    $right = Assessment::of(CompleteJobs::sheet(CompleteJobs::all()['car, slave, new clutch']));

    expect($right->verdict())->toBe(Verdict::Within)->and($right->unmeasured())->toBe([]);
});

it('never lets what is missing pass', function (string $path, string $name) {
    $assessment = assess([$path => null]);

    expect($assessment->verdict())->toBe(Verdict::Unmeasured)->and($assessment->unmeasured())->toContain($name);
})->with([
    ['vehicle/class', 'vehicle.class'],
    ['vehicle/actuation', 'vehicle.actuation'],
    ['vehicle/flywheel', 'vehicle.flywheel'],
    ['engine/peak_torque', 'engine.peak_torque'],
    ['duty', 'duty'],
    ['kit', 'kit'],
    ['kit/clamp_load', 'kit.clamp_load'],
    ['kit/material', 'kit.material'],
    ['kit/spring', 'kit.spring'],
    ['readings/disc.thickness_new', 'disc.thickness_new'],
    ['readings/disc.thickness', 'disc.thickness'],
    ['readings/disc.usable_per_side', 'disc.usable_per_side'],
    ['readings/flywheel.face_runout', 'flywheel.face_runout'],
    ['readings/flywheel.measuring_diameter', 'flywheel.measuring_diameter'],
    ['readings/flywheel.flatness', 'flywheel.flatness'],
    ['readings/flywheel.thickness', 'flywheel.thickness'],
    ['release/free_play', 'release.free_play'],
]);

it('gives the figures by their definitions', function (array $changes, string $figure, float|string $expected) {
    $value = assess($changes)->figure($figure);
    is_string($expected)
        ? expect($value)->toBe($expected)
        : expect($value)->toEqualWithDelta($expected, max(1e-9, abs($expected) * 1e-6));
})->with([
    'engine with uplift, at the wheels' => [
        ['engine/peak_torque' => '170 Nm', 'engine/measured_at' => 'wheels_2wd', 'engine/uplift' => '10 %'],
        'demand.engine_torque',
        220.0,
    ],
    'own driveline loss' => [
        ['engine/peak_torque' => 160, 'engine/measured_at' => 'wheels_4wd', 'engine/driveline_loss' => '20 %'],
        'demand.engine_torque',
        200.0,
    ],
    'required' => [['duty' => 'delivery'], 'demand.required_torque', 337.5],
    'faces' => [['kit/discs' => 2], 'capacity.faces', 4.0],
    'run in' => [['kit/mu' => 0.28], 'capacity.run_in', 347.2],
    'worn as given' => [['kit/clamp_load_worn' => '5 kN'], 'capacity.worn', 300.0],
    'worn by springs' => [
        ['kit/spring' => 'coil', 'kit/spring_rate' => '400 N/mm', 'kit/wear_travel' => '2 mm'],
        'capacity.worn',
        2 * 0.3 * 5400 * 0.1,
    ],
    'worn by assumption' => [['kit/spring' => 'coil'], 'capacity.worn', 2 * 0.3 * 0.8 * 6200 * 0.1],
    'hot' => [[], 'capacity.hot', 2 * 0.25 * 6200 * 0.1],
    'margin' => [[], 'capacity.margin', 372 / 250],
    'floor' => [[], 'capacity.floor_margin', 310 / 250],
    'claim' => [['kit/claimed_torque' => '434 Nm'], 'capacity.implied_mu', 0.35],
    'wear' => [['readings/disc.thickness' => ['7.5 mm', '7.3 mm']], 'wear.percent', 50.0],
    'wear with two sides' => [
        ['readings/disc.usable_per_side' => ['1.0 mm', '0.6 mm'], 'readings/disc.thickness' => '7.5 mm'],
        'wear.percent',
        50.0,
    ],
    'left to wear' => [[], 'wear.remaining', 1.5],
    'distance left' => [
        ['readings/distance_since_fitted' => '40 000 km', 'readings/disc.thickness' => '7.9 mm'],
        'wear.remaining_distance',
        160000.0,
    ],
    'hours left' => [['readings/time_since_fitted' => '1,000 h', 'readings/disc.thickness' => '7.9 mm'], 'wear.remaining_time', 4000.0],
    'after the cut' => [['readings/flywheel.machined' => '0.4 mm'], 'flywheel.thickness_after', 25.8],
    // Common practice, no source: 0.25 in thinner on a 2:1 fork is 0.5 in at its end.
    'fork end' => [['readings/flywheel.machined' => '0.25 in', 'release/fork_ratio' => 2], 'flywheel.fork_end_shift', 12.7],
    'clearance' => [
        ['readings/release.depth_to_fingers' => ['2.726 in', '2.728 in', '2.724 in'], 'readings/release.bearing_height' => '2.562 in'],
        'release.clearance',
        4.1656,
    ],
    'no shim' => [
        ['readings/release.depth_to_fingers' => '2.726 in', 'readings/release.bearing_height' => '2.562 in'],
        'release.shim',
        0.0,
    ],
    'shimmed' => [
        ['readings/release.depth_to_fingers' => '70 mm', 'readings/release.bearing_height' => '63.9 mm'],
        'release.clearance_shimmed',
        3.8,
    ],
    'own shims' => [
        [
            'readings/release.depth_to_fingers' => '70 mm',
            'readings/release.bearing_height' => '63.9 mm',
            'release/shim_stock' => ['1 mm'],
        ],
        'release.shim',
        2.0,
    ],
    'wear budget' => [
        ['vehicle/actuation' => 'concentric', 'release/clearance' => '3.8 mm', 'release/finger_ratio' => 3.8],
        'release.wear_budget',
        1.0,
    ],
    'turns' => [
        [
            'release/free_play' => '22.5 mm',
            'release/free_play_target' => '10 mm',
            'release/pedal_ratio' => 5,
            'release/rod_pitch' => '1.25 mm',
        ],
        'release.free_play_turns',
        2.0,
    ],
    'trapped air' => [
        [
            'hydraulics/blocked_travel' => '30 mm',
            'hydraulics/blocked_pressure' => '10 bar',
            'release/pedal_ratio' => 6,
            'release/master_bore' => '20 mm',
            'release/slave_bore' => '20 mm',
        ],
        'hydraulics.trapped_air',
        (((5 * M_PI) / 4) * 400 * 1101.325) / 1000,
    ],
    'truck' => [
        [
            'vehicle/class' => 'truck',
            'vehicle/actuation' => 'pull',
            'truck' => null,
            'readings/truck.brake' => 'good',
            'readings/truck.bearing_gap' => '15.7 mm',
            'readings/truck.fork_play' => '1 mm',
            'readings/truck.free_pedal' => '10 mm',
        ],
        'truck.action',
        'ring_in',
    ],
]);

it('has no wear budget for a bearing in light contact', function () {
    $with = assess(['release/clearance' => '1 mm', 'release/finger_ratio' => 4, 'release/light_contact' => true]);

    expect($with->figure('release.wear_budget'))->toBeNull()->and($with->find('release.wear_budget'))->toBeNull();
});

it('judges by the limits of the trade, inside, near and outside', function (array $changes, string $finding, Verdict $expected) {
    expect(assess($changes)->find($finding)?->verdict)->toBe($expected);
})->with([
    // Built-in limits are from memory unless marked otherwise in the table of limits.
    'wear within' => [['readings/disc.thickness' => '7.4 mm'], 'disc.wear', Verdict::Within],
    'wear near' => [['readings/disc.thickness' => '7.3 mm'], 'disc.wear', Verdict::Near],
    // 80 % by a calliper and a depth gauge is 80 % give or take three.
    'wear at the limit, as far as it can be told' => [['readings/disc.thickness' => '6.7 mm'], 'disc.wear', Verdict::Near],
    'wear out' => [['readings/disc.thickness' => '6.6 mm'], 'disc.wear', Verdict::Out],
    'runout within' => [['readings/flywheel.face_runout' => '0.10 mm'], 'flywheel.face_runout', Verdict::Within],
    'runout near' => [['readings/flywheel.face_runout' => '0.12 mm'], 'flywheel.face_runout', Verdict::Near],
    'runout out' => [['readings/flywheel.face_runout' => '0.18 mm'], 'flywheel.face_runout', Verdict::Out],
    'runout by the maker' => [
        ['limits/flywheel.face_runout' => ['max' => '0.03 mm', 'source' => 'maker']],
        'flywheel.face_runout',
        Verdict::Out,
    ],
    'runout by the maker without a diameter' => [
        ['readings/flywheel.measuring_diameter' => null, 'limits/flywheel.face_runout' => ['max' => '0.10 mm', 'source' => 'maker']],
        'flywheel.face_runout',
        Verdict::Within,
    ],
    'thickness near' => [['readings/flywheel.thickness' => '25.02 mm'], 'flywheel.thickness', Verdict::Near],
    'thickness out by the cut' => [['readings/flywheel.machined' => '1.4 mm'], 'flywheel.thickness', Verdict::Out],
    'rivets near' => [['readings/disc.rivet_depth_cover' => ['0.45 mm', '0.6 mm']], 'disc.rivet_depth_cover', Verdict::Near],
    'rivets out' => [['readings/disc.rivet_depth_cover' => '0.2 mm'], 'disc.rivet_depth_cover', Verdict::Out],
    'sides differ' => [
        ['readings/disc.rivet_depth_cover' => '1.1 mm', 'readings/disc.rivet_depth_flywheel' => '0.6 mm'],
        'disc.wear_difference',
        Verdict::Near,
    ],
    'oil' => [['readings/disc.conditions' => ['oil']], 'disc.conditions', Verdict::Out],
    'looked' => [['readings/disc.conditions' => ['none']], 'disc.conditions', Verdict::Within],
    'fingers uneven' => [['readings/cover.finger_heights' => ['30 mm', '30.9 mm', '30.2 mm']], 'cover.finger_heights', Verdict::Out],
    'levers stricter' => [
        ['kit/spring' => 'coil', 'readings/cover.finger_heights' => ['30 mm', '30.5 mm', '30.1 mm']],
        'cover.finger_heights',
        Verdict::Out,
    ],
    'pilot' => [['readings/pilot.play' => '0.3 mm'], 'pilot.play', Verdict::Out],
    "the maker's least disc" => [['limits/disc.thickness' => ['min' => '7.9 mm', 'source' => 'maker']], 'disc.thickness', Verdict::Out],
    'margin just short' => [['engine/peak_torque' => '305 Nm'], 'capacity.margin', Verdict::Near],
    'margin short' => [['engine/peak_torque' => '320 Nm'], 'capacity.margin', Verdict::Out],
    'margin harsh' => [['engine/peak_torque' => '170 Nm'], 'capacity.margin', Verdict::Near],
    'floor' => [['engine/peak_torque' => '296 Nm'], 'capacity.floor', Verdict::Out],
    'pressure' => [['kit/lining_inner' => '200 mm'], 'capacity.lining_pressure', Verdict::Out],
    'claim believed' => [['kit/claimed_torque' => '380 Nm'], 'capacity.claim', Verdict::Within],
    'claim optimistic' => [['kit/claimed_torque' => '450 Nm'], 'capacity.claim', Verdict::Near],
    'claim not believed' => [['kit/claimed_torque' => '600 Nm'], 'capacity.claim', Verdict::Near],
    'claim alone' => [['kit' => ['name' => 'K', 'claimed_torque' => '380 Nm']], 'capacity.margin', Verdict::Near],
    'free play low' => [['release/free_play' => '0.3 mm'], 'release.free_play', Verdict::Out],
    'free play of a fork on hydraulics' => [['release/free_play' => '10 mm'], 'release.free_play', Verdict::Out],
    'free play of a cable' => [['vehicle/actuation' => 'cable', 'release/free_play' => '10 mm'], 'release.free_play', Verdict::Within],
    'free play of a cable, at its edge' => [
        ['vehicle/actuation' => 'cable', 'release/free_play' => '5.2 mm'],
        'release.free_play',
        Verdict::Near,
    ],
    'a cable that adjusts itself' => [
        ['vehicle/actuation' => 'cable', 'release/self_adjusting' => true],
        'release.free_play',
        Verdict::NotApplicable,
    ],
    'free play in contact' => [['release/free_play' => '3 mm', 'release/light_contact' => true], 'release.free_play', Verdict::Within],
    'spread asks again' => [
        ['readings/release.depth_to_fingers' => ['70 mm', '70.6 mm', '70 mm'], 'readings/release.bearing_height' => '66 mm'],
        'release.clearance',
        Verdict::Unmeasured,
    ],
    'clearance too small' => [
        ['readings/release.depth_to_fingers' => '70 mm', 'readings/release.bearing_height' => '69 mm'],
        'release.clearance',
        Verdict::Out,
    ],
    'more torque than the peak' => [
        ['engine/power' => '100 kW', 'engine/power_speed' => '3000 rpm'],
        'demand.contradiction',
        Verdict::Near,
    ],
    'a tip larger than the pilot' => [
        ['readings/pilot.bore' => '14.90 mm', 'readings/shaft.tip_diameter' => '15.00 mm'],
        'pilot.play',
        Verdict::Out,
    ],
    'a tip as large as the pilot, as far as a calliper tells' => [
        ['readings/pilot.bore' => '14.98 mm', 'readings/shaft.tip_diameter' => '15.00 mm'],
        'pilot.play',
        Verdict::Near,
    ],
    'thicker than new' => [['readings/disc.thickness' => '9 mm'], 'disc.wear', Verdict::Unmeasured],
    'dual-mass is never cut' => [
        ['vehicle/flywheel' => 'dual_mass', 'readings/flywheel.machined' => '0.2 mm'],
        'flywheel.machined',
        Verdict::Out,
    ],
    'dual-mass play without the maker' => [
        ['vehicle/flywheel' => 'dual_mass', 'readings/flywheel.free_play' => '12°'],
        'flywheel.free_play',
        Verdict::Unmeasured,
    ],
    'dual-mass play by the maker' => [
        [
            'vehicle/flywheel' => 'dual_mass',
            'readings/flywheel.free_play' => '12°',
            'limits/flywheel.free_play' => ['max' => '10°', 'source' => 'maker'],
        ],
        'flywheel.free_play',
        Verdict::Out,
    ],
    'worth replacing' => [
        [
            'readings/open.labour' => '6 h',
            'readings/open.rate' => 70,
            'readings/open.pilot_price' => 18,
            'readings/open.pilot_state' => 'marginal',
        ],
        'open.pilot',
        Verdict::Near,
    ],
    'may stay' => [
        [
            'readings/open.labour' => '6 h',
            'readings/open.rate' => 70,
            'readings/open.rear_seal_price' => 180,
            'readings/open.rear_seal_chance' => '3 %',
        ],
        'open.rear_seal',
        Verdict::Within,
    ],
    'flywheel scuffed' => [[], 'flywheel.decision', Verdict::Within],
    'flywheel machined' => [['readings/flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']], 'flywheel.decision', Verdict::Near],
    'a concentric bearing with clearance wants it' => [
        ['vehicle/actuation' => 'concentric', 'release/light_contact' => false], 'release.clearance', Verdict::Unmeasured,
    ],
    'truck wants its brake' => [
        ['vehicle/class' => 'truck', 'vehicle/actuation' => 'pull', 'kit/discs' => 2],
        'truck.action',
        Verdict::Unmeasured,
    ],
    'truck brake gone' => [
        ['vehicle/class' => 'truck', 'vehicle/actuation' => 'pull', 'readings/truck.brake' => 'missing'],
        'truck.action',
        Verdict::Out,
    ],
]);

/** The worked chain as a sheet. */
function chainOf(array $more = []): array
{
    return [
        'release/pedal_travel' => 140,
        'release/pedal_ratio' => 6,
        'release/free_play' => 8,
        'release/master_bore' => 15.87,
        'release/slave_bore' => 20.64,
        'release/fork_ratio' => 1.9,
        'release/clearance' => 1.5,
        'release/finger_ratio' => 3.8,
        'release/cushion' => 0.6,
        'kit/release_load' => 1500,
        ...$more,
    ];
}

it('works the chain of a sheet at full travel', function (string $figure, float $expected, float $within) {
    expect(assess(chainOf())->figure($figure))->toEqualWithDelta($expected, $within);
})->with([
    ['release.bearing_travel', 5.345, 0.001],
    ['release.lift', 1.407, 0.001],
    ['release.air_gap', 0.807, 0.001],
    ['release.air_gap_face', 0.403, 0.001],
    ['release.take_up_percent', 42.2, 0.05],
    ['release.pedal_force', 91.5, 0.05],
    ['release.line_pressure', 2360, 1],
]);

it('judges the chain', function (array $changes, string $finding, Verdict $expected) {
    expect(assess(chainOf($changes))->find($finding)?->verdict)->toBe($expected);
})->with([
    // Common practice, no source: 0.020 in (0.5 mm) of air a side is good, less than 0.4 mm drags.
    'a little air' => [[], 'release.air_gap', Verdict::Near],
    'good air' => [
        ['release/pedal_travel' => 160, 'release/stroke_loss' => 0, 'release/cover_loss' => 0],
        'release.air_gap',
        Verdict::Within,
    ],
    // Up to 8 % of the stroke and 0.2 mm of lift are usual (from memory); with them the same pedal would drag.
    'good air, if nothing were lost' => [['release/pedal_travel' => 160], 'release.air_gap', Verdict::Near],
    'good air whatever is lost' => [['release/pedal_travel' => 184], 'release.air_gap', Verdict::Within],
    'more air than it needs' => [
        ['release/pedal_travel' => 200, 'release/stroke_loss' => 0, 'release/cover_loss' => 0],
        'release.air_gap',
        Verdict::Near,
    ],
    'a truck has two discs where nobody says otherwise' => [
        [
            'vehicle/class' => 'truck',
            'vehicle/discs' => 'two',
            'kit/discs' => null,
            'release/pedal_travel' => 160,
            'release/stroke_loss' => 0,
            'release/cover_loss' => 0,
        ],
        'release.air_gap',
        Verdict::Out,
    ],
    'drags' => [['release/pedal_travel' => 120], 'release.air_gap', Verdict::Out],
    'never free' => [['release/pedal_travel' => 70], 'release.take_up', Verdict::Out],
    'bites low' => [['release/pedal_travel' => 110], 'release.take_up', Verdict::Out],
    'travel unknown to the cover' => [[], 'release.bearing_travel', Verdict::Unmeasured],
    'travel in hand' => [['kit/release_travel_max' => '7 mm'], 'release.bearing_travel', Verdict::Within],
    'travel near' => [['kit/release_travel_max' => '5.6 mm'], 'release.bearing_travel', Verdict::Near],
    'overstroked' => [['kit/release_travel_max' => '5 mm'], 'release.bearing_travel', Verdict::Out],
    'heavy' => [['kit/release_load' => 2200], 'release.pedal_force', Verdict::Near],
    'too heavy' => [['kit/release_load' => 3200, 'release/efficiency' => 0.85], 'release.pedal_force', Verdict::Out],
    'too heavy, if the chain is no stiffer than usual' => [['kit/release_load' => 3200], 'release.pedal_force', Verdict::Near],
    'too heavy however well it is greased' => [['kit/release_load' => 3600], 'release.pedal_force', Verdict::Out],
    'light, unless it is stiff' => [['kit/release_load' => 1900], 'release.pedal_force', Verdict::Near],
    'no cushion known' => [['release/cushion' => null], 'release.air_gap', Verdict::Unmeasured],
]);

it('says the heat of a start', function (array $changes, Verdict $expected) {
    $launch = [
        'launch/vehicle_mass' => 1400,
        'launch/rolling_radius' => '0.30 m',
        'launch/ratio' => 14.76,
        'launch/engine_speed' => 2000,
        'launch/load_torque' => 20,
        'launch/clutch_torque' => 180,
    ];

    expect(assess([...$launch, ...$changes])->find('launch.heat')?->verdict)->toBe($expected);
})->with([
    'comfortable' => [[], Verdict::Within],
    'warm' => [['launch/vehicle_mass' => 4000], Verdict::Near],
    'too hot' => [['launch/vehicle_mass' => 9000], Verdict::Out],
    'stands and burns' => [['launch/load_torque' => 200], Verdict::Out],
    'no mass' => [['launch/vehicle_mass' => null], Verdict::Unmeasured],
]);

it('keeps a waived finding what it is, and says why it was let pass', function () {
    $assessment = assess(['readings/flywheel.thickness' => null, 'waivers/flywheel.thickness' => ['reason' => 'not cut']]);

    expect($assessment->find('flywheel.thickness')?->verdict)
        ->toBe(Verdict::Unmeasured)
        ->and($assessment->find('flywheel.thickness')?->waiver)
        ->toBe('not cut');
});

it('names the source of each limit', function () {
    expect(assess()->find('flywheel.thickness')?->limit?->source)->toBe(LimitSource::Maker)
        ->and(assess()->find('flywheel.face_runout')?->limit?->source)->toBe(LimitSource::Practice);
});

it('takes an instrument and a shop uncertainty into the verdict', function () {
    $runout = ['readings/flywheel.face_runout' => '0.10 mm'];

    expect(assess([...$runout, 'uncertainties/dial_indicator' => '0.03 mm'])->find('flywheel.face_runout')?->verdict)
        ->toBe(Verdict::Near)
        ->and(assess([...$runout, 'instruments/flywheel.face_runout' => 'calliper'])->find('flywheel.face_runout')?->verdict)
        ->toBe(Verdict::Near);
});

it('judges kits side by side', function () {
    $sheet = sheetOfDocument(
        Document::ofJson((string) json_encode(goodCar()))->with(
            ['kits'],
            [
                (object) [
                    'name' => 'weak',
                    'lining_outer' => 180,
                    'lining_inner' => 125,
                    'material' => 'organic',
                    'clamp_load' => 3000,
                    'spring' => 'diaphragm',
                ],
            ],
        ),
    );
    $weak = Assessment::ofKit($sheet, $sheet->kits[0]);

    expect($weak->find('capacity.margin')?->verdict)
        ->toBe(Verdict::Out)
        ->and($weak->find('kit.class')?->verdict)
        ->toBe(Verdict::Unmeasured);
});

it('finds a station for every field and every finding', function () {
    foreach (Subjects::dictionary()->all() as $field) {
        expect($field->label)->not->toBe('')->and($field->path())->not->toBe([]);
    }
    foreach (assess(chainOf())->findings as $finding) {
        expect(Subjects::dictionary()->stationOf($finding->id))->not->toBe(Station::Record);
    }
});

it('gives every field that holds a quantity a range it can be checked against', function () {
    foreach (Subjects::dictionary()->all() as $field) {
        if ($field->dimension !== null && $field->kind !== Kind::Curve) {
            expect($field->range)->not->toBeNull();
        }
    }
});

it('knows the dimension of every figure and reads a maker\'s figure as a field', function () {
    foreach (Subjects::dictionary()->figures->all() as $name) {
        expect(Subjects::dictionary()->figures->unit($name))->toBeString();
    }
    expect(Subjects::dictionary()->limitField('limits.flywheel.flatness.max')?->path())->toBe(['limits', 'flywheel.flatness', 'max'])
        ->and(Subjects::dictionary()->limitField('limits.sun.shade.max'))->toBeNull()
        ->and(Subjects::dictionary()->limitField('limits.wear.percent.max'))->toBeInstanceOf(Field::class);
});
