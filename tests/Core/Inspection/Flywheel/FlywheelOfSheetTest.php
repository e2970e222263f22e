<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;

/*
 * The flywheel from readings to what is done with it. Rules are common practice, no source; numbers are made up around the
 * limits 0.12 mm (0.0005 × 240 mm) of runout and 0.10 mm of flatness.
 */

/**
 * @param  array<string, mixed>  $readings
 */
function flywheelOf(array $readings, string $kind = 'solid', array $more = []): Assessment
{
    $base = [
        'flywheel.measuring_diameter' => '240 mm',
        'flywheel.face_runout' => '0.05 mm',
        'flywheel.flatness' => ['0.04 mm', '0.04 mm', '0.04 mm'],
        'flywheel.thickness' => '26.0 mm',
        'flywheel.thickness_min' => '25.0 mm',
    ];
    $given = array_filter([...$base, ...$readings], static fn (mixed $v): bool => $v !== null);

    return Assessment::of(
        sheetOfJson(
            (string) json_encode(
                [
                    'format' => 'jade-spindle/job-sheet',
                    'version' => 1,
                    'vehicle' => ['class' => 'car', 'flywheel' => $kind],
                    'readings' => $given,
                ] + $more,
            ),
        ),
    );
}

function plainly(?string $text): string
{
    return str_replace(["\u{00A0}", "\u{202F}"], ' ', $text ?? '');
}

/** Dial readings of a face that only leans: 0.20 mm over the turn, high at three o'clock. */
const LEANING = [
    'flywheel.dial_12' => '0.10', 'flywheel.dial_1_30' => '0.1707', 'flywheel.dial_3' => '0.20', 'flywheel.dial_4_30' => '0.1707',
    'flywheel.dial_6' => '0.10', 'flywheel.dial_7_30' => '0.0293', 'flywheel.dial_9' => '0', 'flywheel.dial_10_30' => '0.0293',
];

it('reads runout off the dial readings and tells tilt from wave', function () {
    $assessment = flywheelOf(['flywheel.face_runout' => null] + LEANING);

    expect($assessment->figure('flywheel.face_runout'))->toEqualWithDelta(0.20, 1e-9)
        ->and($assessment->figure('flywheel.tilt'))->toEqualWithDelta(0.20, 1e-3)
        ->and($assessment->figure('flywheel.wave'))->toEqualWithDelta(0.0, 1e-3)
        ->and($assessment->find('flywheel.face_runout')?->verdict)->toBe(Verdict::Out)
        ->and($assessment->find('flywheel.face_runout')?->say(metric()))->toContain("high at 3 o'clock")->toContain('Clean the seat')
        ->and($assessment->find('flywheel.decision')?->say(metric()))->toContain('stands askew');
});

it('counts the worse of a full turn and the readings around', function () {
    expect(flywheelOf(['flywheel.face_runout' => '0.30 mm'] + LEANING)->figure('flywheel.face_runout'))->toEqualWithDelta(0.30, 1e-9)
        ->and(flywheelOf(['flywheel.face_runout' => '0.10 mm'] + LEANING)->figure('flywheel.face_runout'))->toEqualWithDelta(0.20, 1e-9);
});

it('does not lose the hundredths because the dial was set to nought at one place', function () {
    $sheet = [
        'flywheel.face_runout' => null,
        'flywheel.dial_12' => '0 mm',
        'flywheel.dial_3' => '0.08 mm',
        'flywheel.dial_4_30' => '0.10 mm',
        'flywheel.dial_6' => '0.08 mm',
        'flywheel.dial_7_30' => '0.04 mm',
        'flywheel.dial_9' => '0 mm',
        'flywheel.dial_10_30' => '-0.02 mm',
    ];

    expect(plainly(flywheelOf($sheet)->find('flywheel.face_runout')?->say(metric())))
        ->toContain('0.12 mm face runout')
        ->toContain('0.12 mm tilt');
});

it('does not take half a sweep for a full turn, however many places it has', function () {
    $half = array_slice(LEANING, 0, 5);
    $finding = flywheelOf(['flywheel.face_runout' => null] + $half)->find('flywheel.face_runout');

    expect($finding?->verdict)->toBe(Verdict::Unmeasured)->and($finding->say(metric()))->toContain('quarter of a turn');
});

it('does not take three places for a full turn', function () {
    $assessment = flywheelOf(['flywheel.face_runout' => null] + array_slice(LEANING, 0, 3));

    expect($assessment->find('flywheel.face_runout')?->verdict)
        ->toBe(Verdict::Unmeasured)
        ->and($assessment->find('flywheel.face_runout')?->say(metric()))
        ->toContain('no more than a quarter of a turn')
        ->toContain("Read 6:00 and 9:00 o'clock too")
        ->and($assessment->figure('flywheel.face_runout'))->not->toBeNull();
});

it('decides by marks on the map as by conditions ticked', function (array $marks, string $does) {
    expect(flywheelOf(['flywheel.marks' => $marks])->find('flywheel.decision')?->say(metric()))->toContain($does);
})->with([
    [['heat_spot 4:30 105 mm', 'heat_spot 9 100 mm'], 'Grind the flywheel'],
    [['scoring 12 90 mm'], 'Grind the flywheel'],
    [['crack 3 100 mm'], 'Replace the flywheel'],
    [['open_crack 3 119 mm'], 'Replace the flywheel'],
]);

it('counts and places what is on the map', function () {
    $said = plainly(
        flywheelOf(['flywheel.marks' => ['heat_spot 4:30 105 mm', 'heat_spot 9 100 mm', 'crack 12 88 mm']])->find('flywheel.marks')
            ?->say(metric()),
    );

    expect($said)->toBe(
        "Flywheel: 2 × heat spot (4:30 o'clock, 105 mm out; 9 o'clock, 100 mm out): grind: a turning tool jumps over the hard ".
        "spots; 1 × crack (12 o'clock, 88 mm out): grind only where the cut is deeper than the crack, else replace.",
    );
});

it('rejects a pressure plate with spots on its map', function () {
    expect(flywheelOf(['cover.marks' => ['heat_spot 2 100 mm']])->find('cover.marks')?->say(metric()))->toContain('Replace the cover');
});

it('grinds a cracked face where there is room to cut as deep as the crack, ticked or not', function (
    array $seen,
    ?string $depth,
    ?string $cut,
    string $does,
) {
    $readings = array_filter(
        ['flywheel.conditions' => $seen, 'flywheel.crack_depth' => $depth, 'flywheel.machined' => $cut],
        static fn (mixed $v): bool => $v !== null && $v !== [],
    );

    expect(plainly(flywheelOf($readings)->find('flywheel.decision')?->say(metric())))->toContain($does);
})->with([
    [['cracks'], '0.3 mm', '0.4 mm', 'Grind the flywheel'],
    'a cut that is not deep enough, with room' => [
        ['cracks'], '0.5 mm', '0.4 mm', 'at least 0.50 mm has to. The cut entered, 0.40 mm, is less',
    ],
    'depth not known' => [['cracks'], null, '0.4 mm', 'Replace the flywheel'],
    'no cut yet, and room for one' => [['cracks'], '0.3 mm', null, 'Grind the flywheel'],
    'no cut yet, and no room for one' => [['cracks'], '1.01 mm', null, 'Replace the flywheel'],
    'measured and not ticked, room' => [[], '0.3 mm', null, 'Grind the flywheel'],
    'measured and not ticked, no room' => [[], '1.01 mm', null, 'Replace the flywheel'],
    'measured, though looked and nothing found' => [['none'], '1.01 mm', null, 'Replace the flywheel'],
    'measured as none' => [[], '0 mm', null, 'Scuff the flywheel'],
]);

it('cuts as deep as the deepest of what is there, and says when that is not entered', function (array $readings, string $says) {
    expect(plainly(flywheelOf($readings)->find('flywheel.decision')?->say(metric())))->toContain($says);
})->with([
    'spots alone take a tenth' => [['flywheel.conditions' => ['heat_spots']], 'at least 0.10 mm has to'],
    'a dish deeper than the spots' => [
        ['flywheel.conditions' => ['heat_spots'], 'flywheel.flatness' => ['0.14 mm', '0.14 mm', '0.14 mm']],
        'at least 0.14 mm has to',
    ],
    'scoring deeper than both' => [
        ['flywheel.conditions' => ['heat_spots', 'scoring'], 'flywheel.scoring_depth' => '0.3 mm'],
        'at least 0.30 mm has to',
    ],
    'scoring nobody measured' => [['flywheel.conditions' => ['scoring']], 'Measure how deep the scoring is'],
    'scoring deeper than the room' => [
        ['flywheel.conditions' => ['scoring'], 'flywheel.scoring_depth' => '1.2 mm'],
        'Replace the flywheel. It needs a cut of at least 1.20 mm, and only 1.00 mm may come off',
    ],
    'a cut planned that is too small' => [
        ['flywheel.flatness' => ['0.3 mm', '0.3 mm', '0.3 mm'], 'flywheel.machined' => '0.2 mm'],
        'The cut entered, 0.20 mm, is less.',
    ],
]);

it('does not decide a cut while nobody knows how much may come off', function (array $readings, ?Verdict $verdict, array $missing) {
    $decision = flywheelOf(['flywheel.thickness_min' => null, ...$readings])->find('flywheel.decision');

    expect($decision?->verdict)
        ->toBe($verdict)
        ->and($decision->missing ?? [])
        ->toBe($missing);
})->with([
    // Before, a dished flywheel of unknown least thickness had no decision at all, and one with spots only an advice.
    'dished' => [['flywheel.flatness' => ['0.3 mm', '0.3 mm', '0.3 mm']], Verdict::Unmeasured, ['flywheel.thickness_min']],
    'dished, thickness neither' => [
        ['flywheel.flatness' => ['0.3 mm', '0.3 mm', '0.3 mm'], 'flywheel.thickness' => null],
        Verdict::Unmeasured,
        ['flywheel.thickness', 'flywheel.thickness_min'],
    ],
    'spots' => [['flywheel.conditions' => ['heat_spots']], Verdict::Unmeasured, ['flywheel.thickness_min']],
    'clean' => [[], Verdict::Within, []],
    'gone anyway' => [['flywheel.conditions' => ['open_crack']], Verdict::Out, []],
    'gone, and its face not even measured' => [
        ['flywheel.conditions' => ['bolt_holes'], 'flywheel.face_runout' => null, 'flywheel.flatness' => null],
        Verdict::Out,
        [],
    ],
]);

it("limits the cut by the maker's least thickness", function (string $thickness, string $step, string $does, string $alsoSays) {
    $decision = flywheelOf(['flywheel.thickness' => $thickness, 'flywheel.flatness' => [$step, $step, $step]])->find('flywheel.decision');
    $said = plainly($decision?->say(metric()));

    expect($said)->toContain($does)->toContain($alsoSays);
})->with([
    'room enough' => ['25.5 mm', '0.30 mm', 'Grind', 'At most 0.50 mm'],
    'just room' => ['25.31 mm', '0.30 mm', 'Grind', 'at least 0.30 mm has to'],
    'too little room' => ['25.2 mm', '0.30 mm', 'Replace', 'only 0.20 mm may come off'],
    'none at all' => ['25.0 mm', '0.30 mm', 'Replace', 'nothing may come off'],
    'at its least, and a good face' => ['25.0 mm', '0.04 mm', 'Replace', "at the maker's least thickness already"],
    'a hair above it, and a good face' => ['25.01 mm', '0.04 mm', 'Scuff', 'Scuff'],
]);

it('carries a cut to the end of the fork', function () {
    $said = plainly(
        flywheelOf(
            ['flywheel.machined' => '0.25 in', 'flywheel.thickness' => '40 mm', 'flywheel.conditions' => ['scoring']],
            more: ['release' => ['fork_ratio' => 3]],
        )->find('release.finger_shift')?->say(metric()),
    );

    // 0.25 in thinner at 3:1 is 0.75 in, 19.05 mm, at the fork's end: common practice, no source.
    expect($said)->toContain('at the end of the fork 19.1 mm: the clearance grows by as much.');
});

it('keeps the depth of a pot', function (array $readings, string $id, ?Verdict $verdict, string $says) {
    $finding = flywheelOf($readings, 'pot')->find($id);

    expect($finding?->verdict)->toBe($verdict)->and(plainly($finding?->say(metric())))->toContain($says);
})->with([
    'told to cut the other face' => [
        ['flywheel.machined' => '0.3 mm'],
        'flywheel.mounting_cut',
        Verdict::Near,
        'by 0.30 mm (0.012 in) as well',
    ],
    'cut alike' => [
        ['flywheel.machined' => '0.3 mm', 'flywheel.mounting_cut' => '0.32 mm'],
        'flywheel.mounting_cut',
        Verdict::Within,
        'alike',
    ],
    'cut unlike' => [
        ['flywheel.machined' => '0.3 mm', 'flywheel.mounting_cut' => '0.1 mm'],
        'flywheel.mounting_cut',
        Verdict::Out,
        'acts like that much lining wear',
    ],
    'cut on one face only' => [
        ['flywheel.machined' => '0.3 mm', 'flywheel.mounting_cut' => '0 mm'],
        'flywheel.mounting_cut',
        Verdict::Out,
        'less clamp load',
    ],
    'depth right' => [
        ['flywheel.pot_depth' => '73.02 mm', 'flywheel.pot_depth_wanted' => '73.00 mm'],
        'flywheel.pot_depth',
        Verdict::Within,
        'depth wanted',
    ],
    'too deep' => [
        ['flywheel.pot_depth' => '73.30 mm', 'flywheel.pot_depth_wanted' => '73.00 mm'],
        'flywheel.pot_depth',
        Verdict::Near,
        '0.30 mm deeper',
    ],
    'too shallow' => [
        ['flywheel.pot_depth' => '72.80 mm', 'flywheel.pot_depth_wanted' => '73.00 mm'],
        'flywheel.pot_depth',
        Verdict::Near,
        '0.20 mm shallower',
    ],
]);

it(
    'says nothing of a mounting face on a flat flywheel',
    fn () => expect(flywheelOf(['flywheel.machined' => '0.3 mm'])->find('flywheel.mounting_cut'))->toBeNull(),
);

it('never tells anybody to grind a dual-mass flywheel', function (array $readings) {
    $found = flywheelOf(['flywheel.free_play' => '5°', 'flywheel.rock' => '1 mm', ...$readings], 'dual_mass', [
        'limits' => [
            'flywheel.free_play' => ['max' => '12°', 'source' => 'maker'],
            'flywheel.rock' => ['max' => '2 mm', 'source' => 'maker'],
        ],
    ]);
    $said = implode(
        ' ',
        array_map(
            static fn ($finding): string => $finding->say(metric()),
            array_filter($found->findings, static fn ($finding): bool => str_starts_with($finding->id, 'flywheel.')),
        ),
    );

    expect(stripos($said, 'grind'))->toBeFalse($said)->and($said)->toContain('never machined');
})->with([
    'spots seen' => [['flywheel.conditions' => ['heat_spots', 'scoring', 'cracks']]],
    'spots mapped' => [['flywheel.marks' => ['heat_spot 3 100 mm', 'crack 5 90 mm']]],
    'runout out' => [['flywheel.face_runout' => '0.40 mm']],
    'dished' => [['flywheel.flatness' => ['0.3 mm', '0.3 mm', '0.3 mm']]],
]);
