<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;

/*
 * Every decision of strip, from the readings as a technician writes them to the verdict: just inside its limit, so near that
 * the instrument cannot tell, and just outside. The limits are typed in again here from the trade's figures (from memory, or
 * common practice, no source); instruments are a dial to 0.01, a feeler to 0.02, calliper and depth gauge to 0.03 mm.
 */

/** @return list<string> the same at three places */
function three(string $reading): array
{
    return [$reading, $reading, $reading];
}

const EDGE_CAR = ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'];
const EDGE_VAN = ['class' => 'van', 'actuation' => 'concentric', 'flywheel' => 'solid'];
const EDGE_TRUCK = ['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot'];
const EDGE_TRACTOR = ['class' => 'tractor', 'actuation' => 'rod', 'flywheel' => 'solid', 'stages' => 'two'];
const EDGE_DUAL = ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'dual_mass'];

/**
 * The verdicts of one finding for three sheets that differ in the readings given.
 *
 * @param  list<array<string, mixed>>  $three
 * @return list<?Verdict>
 */
function atTheEdge(array $vehicle, string $finding, array $three, array $more = []): array
{
    return array_map(static fn (array $readings): ?Verdict => Assessment::of(sheetOfJson((string) json_encode(
        ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle, 'readings' => (object) $readings] + $more,
    )))->find($finding)?->verdict, $three);
}

it('is within, near and out where the trade says so', function (array $vehicle, string $key, array $three, array $more = []) {
    $sheets = array_map(
        static fn (mixed $reading): array => is_array($reading) && ! array_is_list($reading) ? $reading : [$key => $reading],
        $three,
    );

    expect(atTheEdge($vehicle, $key, $sheets, $more))->toBe([Verdict::Within, Verdict::Near, Verdict::Out]);
})->with([
    // Disc: runout 0.5 mm light, 0.8 mm heavy; hub play 0.4 mm; rivets out below 0.3, near below 0.5 mm.
    'runout, car' => [EDGE_CAR, 'disc.runout', ['0.48 mm', '0.50 mm', '0.52 mm']],
    'runout, van' => [EDGE_VAN, 'disc.runout', ['0.48 mm', '0.51 mm', '0.52 mm']],
    'runout, truck' => [EDGE_TRUCK, 'disc.runout', ['0.78 mm', '0.80 mm', '0.82 mm']],
    'runout, tractor' => [EDGE_TRACTOR, 'disc.runout', ['0.78 mm', '0.79 mm', '0.82 mm']],
    'runout in inches' => [EDGE_CAR, 'disc.runout', ['0.0190 in', '0.0197 in', '0.0205 in']],
    'hub play' => [EDGE_CAR, 'disc.hub_play', ['0.38 mm', '0.40 mm', '0.42 mm']],
    'rivets, flywheel side' => [
        EDGE_CAR,
        'disc.rivet_depth_flywheel',
        [['0.60 mm', '0.54 mm', '0.58 mm'], ['0.60 mm', '0.49 mm'], ['0.60 mm', '0.26 mm']],
    ],
    'rivets, cover side' => [EDGE_CAR, 'disc.rivet_depth_cover', ['0.54 mm', '0.30 mm', '0.26 mm']],
    'second disc, rivets' => [EDGE_TRUCK, 'disc2.rivet_depth_flywheel', ['0.54 mm', '0.32 mm', '0.26 mm']],
    'second disc, runout' => [EDGE_TRUCK, 'disc2.runout', ['0.78 mm', '0.80 mm', '0.82 mm']],
    'second disc, hub play' => [EDGE_TRACTOR, 'disc2.hub_play', ['0.38 mm', '0.41 mm', '0.42 mm']],
    // Wear: near from 50 %, out from 80 % of the usable lining; 1.0 mm a side, so 2.0 mm in all.
    'wear' => [
        EDGE_CAR,
        'disc.wear',
        [
            ['disc.thickness_new' => '8.30 mm', 'disc.usable_per_side' => '1.0 mm', 'disc.thickness' => '7.32 mm'],
            ['disc.thickness_new' => '8.30 mm', 'disc.usable_per_side' => '1.0 mm', 'disc.thickness' => '7.30 mm'],
            ['disc.thickness_new' => '8.30 mm', 'disc.usable_per_side' => '1.0 mm', 'disc.thickness' => ['7.0 mm', '6.60 mm']],
        ],
    ],
    // Spreads are differences of two readings: ± 0.042 mm with a depth gauge or calliper.
    // Cover: flat within 0.15 mm light, 0.25 mm heavy; finger tips 0.5 mm; fingers 0.7, levers 0.4 mm; nine tenths of the load.
    'cover flat, car' => [EDGE_CAR, 'cover.flatness', array_map(three(...), ['0.12 mm', '0.15 mm', '0.18 mm'])],
    'cover flat, truck' => [EDGE_TRUCK, 'cover.flatness', [
        three('0.22 mm'), ['0.10 mm', '0.25 mm', '0.12 mm'], ['0.28 mm', '0.05 mm', '0.04 mm'],
    ]],
    'cover flat, tractor' => [EDGE_TRACTOR, 'cover.flatness', array_map(three(...), ['0.22 mm', '0.26 mm', '0.28 mm'])],
    'finger tips' => [EDGE_CAR, 'cover.finger_wear', ['0.46 mm', '0.50 mm', '0.54 mm']],
    'fingers even' => [EDGE_CAR, 'cover.finger_heights', [
        ['32.00 mm', '32.65 mm', '32.30 mm'], ['32.00 mm', '32.70 mm', '32.30 mm'], ['32.00 mm', '32.75 mm', '32.30 mm'],
    ]],
    'levers even' => [
        EDGE_TRACTOR,
        'cover.finger_heights',
        [['60.00 mm', '60.35 mm', '60.20 mm'], ['60.00 mm', '60.40 mm', '60.20 mm'], ['60.00 mm', '60.45 mm', '60.20 mm']],
    ],
    'coil springs' => [
        EDGE_TRUCK,
        'cover.spring_lengths',
        [['60.00 mm', '60.95 mm', '60.50 mm'], ['60.00 mm', '61.00 mm', '60.50 mm'], ['60.00 mm', '61.05 mm', '60.50 mm']],
    ],
    // Flywheel: 0.0005 × 240 mm = 0.12 mm; flat within 0.10 mm; thickness and dual-mass by the maker's figure only.
    'face runout' => [
        EDGE_CAR,
        'flywheel.face_runout',
        [
            ['flywheel.measuring_diameter' => '240 mm', 'flywheel.face_runout' => '0.10 mm'],
            ['flywheel.measuring_diameter' => '240 mm', 'flywheel.face_runout' => '0.12 mm'],
            ['flywheel.measuring_diameter' => '240 mm', 'flywheel.face_runout' => '0.14 mm'],
        ],
    ],
    'flatness' => [EDGE_CAR, 'flywheel.flatness', [three('0.07 mm'), ['0.02 mm', '0.10 mm', '0.03 mm'], three('0.13 mm')]],
    'thickness' => [
        EDGE_CAR,
        'flywheel.thickness',
        [
            ['flywheel.thickness' => '25.04 mm', 'flywheel.thickness_min' => '25.00 mm'],
            ['flywheel.thickness' => '25.02 mm', 'flywheel.thickness_min' => '25.00 mm'],
            ['flywheel.thickness' => '24.96 mm', 'flywheel.thickness_min' => '25.00 mm'],
        ],
    ],
    // Two callipers' readings: ± 0.042 mm together.
    'thickness after the cut' => [
        EDGE_CAR,
        'flywheel.thickness',
        [
            ['flywheel.thickness' => '25.35 mm', 'flywheel.machined' => '0.30 mm', 'flywheel.thickness_min' => '25.00 mm'],
            ['flywheel.thickness' => '25.34 mm', 'flywheel.machined' => '0.30 mm', 'flywheel.thickness_min' => '25.00 mm'],
            ['flywheel.thickness' => '25.25 mm', 'flywheel.machined' => '0.30 mm', 'flywheel.thickness_min' => '25.00 mm'],
        ],
    ],
    'dual-mass, rock' => [
        EDGE_DUAL,
        'flywheel.rock',
        ['1.98 mm', '2.00 mm', '2.02 mm'],
        ['limits' => ['flywheel.rock' => ['max' => '2.0 mm', 'source' => 'maker']]],
    ],
    // Pilot: a bush watched from 0.15 to 0.25 mm, with a dial; with two callipers ± 0.042 mm.
    'bush' => [EDGE_CAR, 'pilot.play', ['0.14 mm', '0.16 mm', '0.27 mm']],
    'rolling pilot' => [EDGE_CAR, 'pilot.play', array_map(
        static fn (string $play): array => ['pilot.kind' => 'rolling', 'pilot.play' => $play], ['0.06 mm', '0.08 mm', '0.10 mm'],
    )],
    'bush by bore and tip' => [
        EDGE_CAR,
        'pilot.play',
        [
            ['pilot.bore' => '15.10 mm', 'shaft.tip_diameter' => '15.00 mm'],
            ['pilot.bore' => '15.28 mm', 'shaft.tip_diameter' => '15.00 mm'],
            ['pilot.bore' => '15.30 mm', 'shaft.tip_diameter' => '15.00 mm'],
        ],
    ],
    // Truck: 0.15 mm on every pin; the plate flat as a cover; the brake meets in the last 25 mm of pedal, read with a rule.
    'plate on its pins' => [
        EDGE_TRUCK,
        'intermediate.pin_clearance',
        [['0.18 mm', '0.20 mm'], ['0.20 mm', '0.16 mm'], ['0.20 mm', '0.12 mm']],
    ],
    'plate flat' => [EDGE_TRUCK, 'intermediate.flatness', array_map(three(...), ['0.22 mm', '0.24 mm', '0.28 mm'])],
    'brake squeeze' => [EDGE_TRUCK, 'truck.brake_squeeze', ['24.0 mm', '25.0 mm', '26.0 mm']],
    // Two-stage: levers 0.4 mm; 0.4 mm of air at every face.
    'levers of both stages' => [
        EDGE_TRACTOR,
        'two_stage.lever_heights',
        [['60.00 mm', '60.35 mm', '60.20 mm'], ['60.00 mm', '60.42 mm', '60.20 mm'], ['60.00 mm', '60.45 mm', '60.20 mm']],
    ],
    'air, travel disc' => [
        EDGE_TRACTOR,
        'two_stage.air_gap_travel',
        [['0.43 mm', '0.50 mm'], ['0.41 mm', '0.50 mm'], ['0.37 mm', '0.50 mm']],
    ],
    'air, take-off disc' => [EDGE_TRACTOR, 'two_stage.air_gap_take_off', ['0.43 mm', '0.39 mm', '0.37 mm']],
    'first release' => [
        EDGE_TRACTOR,
        'two_stage.first_release',
        [
            ['two_stage.travel_to_first' => '20 mm', 'two_stage.travel_total' => '40 mm'],
            ['two_stage.travel_to_first' => '18 mm', 'two_stage.travel_total' => '40 mm'],
            ['two_stage.travel_to_first' => '17 mm', 'two_stage.travel_total' => '40 mm'],
        ],
    ],
]);

it('has two verdicts where nothing is measured with an instrument', function (
    array $vehicle,
    string $finding,
    array $two,
    array $verdicts,
    array $more = [],
) {
    expect(atTheEdge($vehicle, $finding, $two, $more))->toBe($verdicts);
})->with([
    'clamp load nine tenths of new' => [
        EDGE_CAR,
        'cover.clamp_load',
        [
            ['cover.clamp_load' => '5.59 kN', 'cover.clamp_load_new' => '6.2 kN'],
            ['cover.clamp_load' => '5.57 kN', 'cover.clamp_load_new' => '6.2 kN'],
        ],
        [Verdict::Within, Verdict::Out],
    ],
    'dual-mass, free play by hand' => [
        EDGE_DUAL,
        'flywheel.free_play',
        [['flywheel.free_play' => '11.9°'], ['flywheel.free_play' => '12.1°']],
        [Verdict::Within, Verdict::Out],
        ['limits' => ['flywheel.free_play' => ['max' => '12°', 'source' => 'maker']]],
    ],
    'sides of the disc' => [
        EDGE_CAR,
        'disc.wear_difference',
        [
            ['disc.rivet_depth_flywheel' => '0.70 mm', 'disc.rivet_depth_cover' => '1.09 mm'],
            ['disc.rivet_depth_flywheel' => '0.70 mm', 'disc.rivet_depth_cover' => '1.11 mm'],
        ],
        [Verdict::Within, Verdict::Near],
    ],
    'clutch brake' => [
        EDGE_TRUCK,
        'truck.action',
        [
            ['truck.brake' => 'good', 'truck.bearing_gap' => '13.5 mm', 'truck.fork_play' => '3.2 mm', 'truck.free_pedal' => '50 mm'],
            ['truck.brake' => 'worn'],
        ],
        [Verdict::Within, Verdict::Out],
    ],
]);
