<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Quantity\Display;
use Spindle\Sheet\Document;

/*
 * A finding says in one sentence what was found, against what, and what to do. The words are part of the product.
 */

/** What is said of a finding on a sheet, with ordinary blanks. */
function said(string $id, array $changes): string
{
    $document = Document::blank()
        ->with(['vehicle'], (object) ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'])
        ->with(['duty'], 'town');
    foreach ($changes as $path => $value) {
        $document = $document->with(explode('/', $path), is_array($value) && ! array_is_list($value) ? (object) $value : $value);
    }
    $sheet = sheetOfDocument($document);
    $finding = Assessment::of($sheet)->find($id);

    return str_replace(["\u{00A0}", "\u{202F}"], ' ', $finding?->say(new Display($sheet->units)) ?? '');
}

it('says it in the words of the trade', function (string $id, array $changes, string $sentence) {
    expect(said($id, $changes))->toBe($sentence);
})->with([
    'inside its bound and watched' => [
        'disc.rivet_depth_flywheel',
        ['readings/disc.rivet_depth_flywheel' => '0.44 mm'],
        'Depth to rivets, flywheel side: 0.44 mm, at least 0.3 mm (practice), watched below 0.5 mm; replace while it is open.',
    ],
    'a share that misses its bound by less than a per cent' => [
        'cover.clamp_load',
        ['readings/cover.clamp_load' => '5380 N', 'readings/cover.clamp_load_new' => '6000 N'],
        'Clamp load on the press 89.7 % of new, at least 90 % (practice): springs are weak, replace the cover.',
    ],
    'distance and hours in one breath' => [
        'disc.wear',
        [
            'readings/disc.thickness_new' => '8.0 mm', 'readings/disc.thickness' => '7.0 mm', 'readings/disc.usable_per_side' => '1.25 mm',
            'readings/distance_since_fitted' => '100000 km', 'readings/time_since_fitted' => '2000 h',
        ],
        '40 % of the lining used: 1.0 mm of 2.5 mm. At this rate another 110 000 km to 200 000 km, 2100 h to 3900 h; '
        .'drivers, hills and towing decide.',
    ],
    'oil whose leak is not mended' => [
        'seals.leak',
        ['readings/disc.oil' => 'engine', 'readings/seals.leak' => 'rear_seal', 'readings/seals.leak_mended' => false],
        'The oil on the disc came from the crankshaft rear seal. It is not mended: mend it before anything new goes in.',
    ],
    'a loss entered for a figure of the crank contradicts that alone' => [
        'demand.contradiction',
        ['engine/peak_torque' => '200 Nm', 'engine/measured_at' => 'crank', 'engine/driveline_loss' => '15 %'],
        'A driveline loss of 15 % is entered for a figure said to be taken at the crank; it counts until one of them is corrected.',
    ],
    'runout out' => [
        'flywheel.face_runout',
        ['readings/flywheel.face_runout' => '0.18 mm', 'readings/flywheel.measuring_diameter' => '240 mm'],
        'Grind: 0.18 mm face runout, at most 0.12 mm (practice).',
    ],
    'runout by the maker' => [
        'flywheel.face_runout',
        ['readings/flywheel.face_runout' => '0.04 mm', 'limits/flywheel.face_runout' => ['max' => '0.10 mm', 'source' => 'maker']],
        '0.04 mm face runout, at most 0.1 mm (maker).',
    ],
    'least thickness unknown' => [
        'flywheel.thickness',
        ['readings/flywheel.thickness' => '26 mm', 'readings/flywheel.conditions' => ['heat_spots']],
        "The least thickness is the maker's figure only, and none is entered.",
    ],
    'power without a speed' => [
        'demand.engine_torque',
        ['engine/power' => '110 kW'],
        'Power without the speed it is made at gives no torque: enter the speed.',
    ],
    'demand' => [
        'demand.engine_torque',
        ['engine/peak_torque' => '200 Nm'],
        'Engine gives 200 N·m (148 lbf·ft) at the crank; with reserve 1.25 for town and family the clutch must carry 250 N·m (184 lbf·ft).',
    ],
    'no shim' => [
        'release.clearance',
        ['readings/release.depth_to_fingers' => '2.726 in', 'readings/release.bearing_height' => '2.562 in'],
        'Clearance 4.17 mm (0.164 in), wanted 3.81 mm; no shim.',
    ],
    'shims' => [
        'release.clearance',
        ['readings/release.depth_to_fingers' => '70.00 mm', 'readings/release.bearing_height' => '63.10 mm'],
        'Clearance 6.90 mm (0.272 in), wanted 3.81 mm; shims 2.30 mm + 0.80 mm would bring it to 3.80 mm. Put them in and measure A '.
        'and B again.',
    ],
    'clearance too small' => [
        'release.clearance',
        ['readings/release.depth_to_fingers' => '64.0 mm', 'readings/release.bearing_height' => '63.0 mm'],
        'Clearance 1.0 mm (0.039 in), wanted 3.81 mm; too small, and no shim cures that: a thinner base or another bearing.',
    ],
    'spread' => [
        'release.clearance',
        ['readings/release.depth_to_fingers' => ['70 mm', '70.8 mm'], 'readings/release.bearing_height' => '66 mm'],
        'The depths differ by 0.80 mm (0.031 in): not one number. Measure A again at the same three places.',
    ],
    'free play with the spanner' => [
        'release.free_play',
        ['vehicle/actuation' => 'cable', 'release/free_play' => '22 mm', 'release/pedal_ratio' => 4, 'release/rod_pitch' => '1 mm'],
        'Free play 22 mm (0.87 in), 5 mm to 15 mm (practice). Tighten the cable by 3.0 turns of its adjuster, lock it, measure again.',
    ],
    'free play the other way' => [
        'release.free_play',
        ['vehicle/actuation' => 'cable', 'release/free_play' => '2 mm', 'release/pedal_ratio' => 4, 'release/rod_pitch' => '1 mm'],
        'Free play 2 mm (0.08 in), 5 mm to 15 mm (practice). Slacken the cable by 2.0 turns of its adjuster, lock it, measure again.',
    ],
    'oil' => [
        'disc.conditions',
        ['readings/disc.conditions' => ['oil']],
        'Disc: oil or grease on the lining: find and mend the leak before anything new goes in.',
    ],
    'sides' => [
        'disc.wear_difference',
        ['readings/disc.rivet_depth_flywheel' => '0.5 mm', 'readings/disc.rivet_depth_cover' => '1.0 mm'],
        'The sides differ by 0.5 mm: more worn on the flywheel side; look at the face it ran on.',
    ],
    'kit by its claim alone' => [
        'capacity.margin',
        ['engine/peak_torque' => '200 Nm', 'kit' => ['name' => 'K', 'claimed_torque' => '300 Nm']],
        "By the maker's claim alone the kit carries 300 N·m (221 lbf·ft), 1.50 times the engine; wanted 1.25: ask for clamp load ".
        'and lining to test the claim.',
    ],
    'kit without data' => [
        'capacity.margin',
        ['engine/peak_torque' => '200 Nm', 'kit' => ['name' => 'K', 'lining_outer' => 240]],
        'What the kit carries cannot be worked out without clamp load, new, lining, inner diameter, material.',
    ],
    'air in the line' => [
        'hydraulics.trapped_air',
        [
            'hydraulics/blocked_travel' => '0.3 mm',
            'hydraulics/blocked_pressure' => '10 bar',
            'release/pedal_ratio' => 6,
            'release/master_bore' => '20 mm',
        ],
        'With the slave blocked the pedal is hard as a wall: no air, both seals good.',
    ],
    'a limit nobody uses' => [
        'limits.sun.shade',
        ['limits/sun.shade' => ['max' => 1, 'source' => 'maker']],
        'A limit is given for “sun.shade”, which no check uses; look at its name.',
    ],
]);

it('says it in inches for a reader who works in them', function () {
    expect(
        said('flywheel.face_runout', [
            'units' => 'inch',
            'readings/flywheel.face_runout' => '0.007 in',
            'readings/flywheel.measuring_diameter' => '9.5 in',
        ]),
    )->toBe('Grind: 0.007 in face runout, at most 0.0048 in (practice).');
});

it('ends every sentence it says', function () {
    foreach (glob(dirname(__DIR__, 3).'/database/demo/[0-9]*.json') ?: [] as $file) {
        foreach (Assessment::of(sheetOfJson((string) file_get_contents($file)))->findings as $finding) {
            expect($finding->say(metric()))
                ->toMatch('/[.?]$/u')
                ->and($finding->say(metric()))
                ->not->toContain('..')
                ->and(ucfirst($finding->say(metric())))
                ->toBe($finding->say(metric()));
        }
    }
});
