<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\WhatWasSet;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;

/*
 * Everything that is set is kept in two, as found and as left, with the steps between: common practice, no source. Turns by
 * Δ(pad) ÷ (pedal ratio × pitch): 25 mm at a ratio of 4 and 2 mm of pitch are 3.1 turns. Numbers are made up around those.
 */

/** A cable car with 35 mm of play, changed. */
function slackCable(array $changes = []): Spindle\Sheet\JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'cable'],
        'release' => ['pedal_travel' => '150 mm', 'free_play' => '35 mm', 'pedal_ratio' => 4, 'linkage_ratio' => 1, 'fork_ratio' => 2,
            'rod_pitch' => '2 mm', 'finger_ratio' => 3.5, 'cushion' => '0.6 mm', 'cover_loss' => '0.1 mm', 'stroke_loss' => 0.05],
    ], $changes)));
}

/** @return list<string> */
function told(Spindle\Sheet\JobSheet $sheet): array
{
    return array_values(array_map(static fn (Said $s): string => plain($s->in(metric())), WhatWasSet::on($sheet)));
}

/** @return array<string, Verdict> what was found before the work, by finding */
function wasFound(Assessment $a): array
{
    return array_column(array_map(static fn (Finding $f): array => [$f->id, $f->verdict], $a->found), 1, 0);
}

it('keeps the play that was found beside the one it was set to, with the turns between', function () {
    $sheet = slackCable(['release' => ['turns_made' => [2, 1.1], 'play_after' => ['19 mm', '10 mm'], 'firm_again' => false]]);
    $a = Assessment::of($sheet);

    expect(told($sheet))->toBe(['Free play at the pad: 35 mm, set to 10 mm by 3.1 turns in 2 steps (2.0, 1.1).'])
        ->and($a->find('release.free_play')?->verdict)->toBe(Verdict::Within)
        ->and($a->find('release.free_play')?->say(metric()))->toStartWith('As left: ')
        ->and(wasFound($a)['release.free_play'])->toBe(Verdict::Out)
        ->and($a->findAsFound('release.free_play')?->readings)->toContain('release.free_play');
});

it('takes a play read again for the one that counts, counted turns or none', function () {
    $sheet = slackCable(['as_left' => ['release.free_play' => '11 mm']]);
    $counted = slackCable(['as_left' => ['release.free_play' => '11 mm'], 'release' => ['turns_made' => [2, 1]]]);

    expect(told($sheet))->toBe(['Free play at the pad: 35 mm, set to 11 mm.'])
        ->and(told($counted))->toBe(['Free play at the pad: 35 mm, set to 11 mm by 3.0 turns in 2 steps (2.0, 1.0).'])
        ->and(Assessment::of($sheet)->find('release.free_play')?->readings)->toContain('as_left.release.free_play')
        ->and(wasFound(Assessment::of($sheet))['release.free_play'])->toBe(Verdict::Out)
        ->and(Assessment::of($counted)->find('release.free_play')?->verdict)->toBe(Verdict::Within)
        // With the play the chain: less of the stroke is lost before the bearing moves.
        ->and(Assessment::of($sheet)->figure('release.air_gap_face'))
        ->toBeGreaterThan(Assessment::of(slackCable())->figure('release.air_gap_face'));
});

it('says of a rod turned and not measured since that it is not known', function () {
    $a = Assessment::of($sheet = slackCable(['release' => ['turns_made' => [2]]]));

    expect(told($sheet))->toBe(['Free play at the pad: 35 mm, set by 2.0 turns and not measured since.'])
        ->and($a->find('release.free_play')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(wasFound($a)['release.free_play'])->toBe(Verdict::Out);
});

it('does not take a gap of before the setting for one after it', function () {
    $gap = ['release' => ['air_gap_measured' => ['0.6 mm', '0.6 mm']]];
    expect(Assessment::of(slackCable($gap))->find('release.air_gap')?->readings)->toContain('release.air_gap_measured');

    foreach ([
        ['as_left' => ['release.free_play' => '11 mm']], ['as_left' => ['release.pedal_travel' => '140 mm']],
        ['release' => ['turns_made' => [2], 'play_after' => ['19 mm']]],
    ] as $set) {
        expect(Assessment::of(slackCable(array_replace_recursive($gap, $set)))->find('release.air_gap')?->readings)
            ->not->toContain('release.air_gap_measured');
    }
    $again = slackCable([...$gap, 'as_left' => ['release.free_play' => '11 mm', 'release.air_gap_measured' => ['0.3 mm', '0.3 mm']]]);
    expect(Assessment::of($again)->find('release.air_gap')?->verdict)->toBe(Verdict::Out)
        ->and(told($again))->toContain('Air gap measured, pedal down: 0.6 mm · 0.6 mm, set to 0.3 mm · 0.3 mm.');
});

it('knows the clearance with the shims that went in, and not with those only proposed', function () {
    $van = static fn (array $release, array $left = []): Spindle\Sheet\JobSheet => sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'van', 'actuation' => 'concentric'],
        'readings' => ['release.depth_to_fingers' => ['66.1 mm', '66.1 mm', '66.1 mm'], 'release.bearing_height' => '60.0 mm'],
        'release' => ['light_contact' => false, ...$release], ...$left === [] ? [] : ['as_left' => $left],
    ]));
    $verdict = static fn (Spindle\Sheet\JobSheet $s): ?Verdict => Assessment::of($s)->find('release.clearance')?->verdict;

    // 6.1 − 2.3 = 3.8; the plan alone is no measurement.
    expect($verdict($van([])))->toBe(Verdict::Unmeasured)
        ->and(told($van([])))->toBe([])
        ->and($verdict($in = $van(['shims_fitted' => ['2.3 mm']])))->toBe(Verdict::Within)
        ->and(Assessment::of($in)->figure('release.clearance'))->toEqualWithDelta(6.1, 1e-9)
        ->and(Assessment::of($in)->figure('release.clearance_shimmed'))->toEqualWithDelta(3.8, 1e-9)
        ->and(told($in))->toBe(['Bearing clearance: 6.1 mm, set to 3.8 mm with shims 2.3 mm.'])
        ->and(wasFound(Assessment::of($in))['release.clearance'])->toBe(Verdict::Unmeasured)
        // None put in is said too, and the clearance is still too much.
        ->and($verdict($van(['shims_fitted' => ['0 mm']])))->toBe(Verdict::Unmeasured)
        // Too many in: out they come, the bearing is not the wrong one.
        ->and($verdict($much = $van(['shims_fitted' => ['2.3 mm', '2.3 mm']])))->toBe(Verdict::Out)
        ->and(plain((string) Assessment::of($much)->find('release.clearance')?->say(metric())))->toContain('take shims out')
        // Measured again with them in: not taken off twice.
        ->and($verdict($again = $van(['shims_fitted' => ['2.3 mm']], ['release.bearing_height' => '62.3 mm'])))->toBe(Verdict::Within)
        ->and(told($again))->toBe(['Bearing clearance: 6.1 mm, set to 3.8 mm with shims 2.3 mm.']);
});

it('takes a third of a maker’s target for its band, and less than nothing for out', function (
    string $target, string $read, Verdict $verdict,
) {
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'van', 'actuation' => 'concentric'],
        'release' => ['clearance_target' => $target, 'clearance' => $read],
    ]));
    expect(Assessment::of($sheet)->find('release.clearance')?->verdict)->toBe($verdict);
})->with([
    ['1.5 mm', '1.5 mm', Verdict::Within], ['1.5 mm', '2.3 mm', Verdict::Out], ['1.5 mm', '0.8 mm', Verdict::Out],
    ['3.0 mm', '2.2 mm', Verdict::Within], ['3.0 mm', '0.0 mm', Verdict::Out],
]);

it('runs a concentric bearing of a car or van in contact unless somebody says otherwise', function (
    string $class, array $release, ?Verdict $verdict,
) {
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => $class, 'actuation' => 'concentric'],
        'release' => (object) $release,
    ]));
    expect(Assessment::of($sheet)->find('release.clearance')?->verdict)->toBe($verdict);
})->with([
    ['car', [], null], ['van', [], null], ['truck', [], Verdict::Unmeasured],
    ['car', ['light_contact' => false], Verdict::Unmeasured], ['car', ['clearance_target' => '3.8 mm'], Verdict::Unmeasured],
]);

it('asks a truck’s clearances anew once ring or rod was turned', function () {
    $truck = static fn (array $readings, array $left = []): Spindle\Sheet\JobSheet => sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'truck', 'actuation' => 'pull', 'adjusting' => 'manual'],
        'readings' => ['truck.brake' => 'good', 'truck.bearing_gap' => '18 mm', 'truck.fork_play' => '1 mm', 'truck.free_pedal' => '15 mm',
            ...$readings], ...$left === [] ? [] : ['as_left' => $left],
    ]));
    $turned = $truck(['truck.notches_made' => [10]]);
    expect(Assessment::of($turned)->find('truck.action')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(wasFound(Assessment::of($turned))['truck.action'])->toBe(Verdict::Out)
        ->and(told($turned))->toBe(['Bearing to clutch brake, pedal up: 18 mm, set by 10 notches clockwise and not measured since.']);

    $set = $truck(['truck.notches_made' => [10]], ['truck.bearing_gap' => '13.2 mm', 'truck.fork_play' => '3.2 mm',
        'truck.free_pedal' => '50 mm']);
    expect(Assessment::of($set)->find('truck.action')?->verdict)->toBe(Verdict::Within)
        ->and(told($set)[0])->toBe('Bearing to clutch brake, pedal up: 18 mm, set to 13.2 mm by 10 notches clockwise.');
});

it('turns each bolt of a second stage by its own gap, crosswise', function (array $gaps, array $more, Verdict $verdict, string $said) {
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'],
        'readings' => ['two_stage.bolt_gap' => $gaps, ...$more],
    ]));
    $finding = Assessment::of($sheet)->find('two_stage.bolt_gap');
    expect($finding?->verdict)->toBe($verdict)->and(plain((string) $finding?->say(metric())))->toContain($said);
})->with([
    'right' => [['2.0 mm', '2.05 mm', '1.95 mm'], [], Verdict::Within, '1.8 mm to 2.2 mm (practice) each.'],
    // (2.8 − 2.0) ÷ 1.25 = 0.64 in; (1.5 − 2.0) ÷ 1.25 = 0.4 out.
    'two of three' => [['2.80 mm', '2.00 mm', '1.50 mm'], ['two_stage.bolt_pitch' => '1.25 mm'], Verdict::Out,
        'screw number 1 by 0.6 turns in, number 3 by 0.4 turns out; lock them'],
    'no pitch' => [['2.80 mm', '2.00 mm', '2.00 mm'], [], Verdict::Out, 'its thread pitch tells the turns'],
]);

it('tells of the bolts of a second stage, each with its own turns', function () {
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'],
        'readings' => ['two_stage.bolt_gap' => ['2.8 mm', '2.0 mm'], 'two_stage.bolt_turns' => [0.6, 0]],
        'as_left' => ['two_stage.bolt_gap' => ['2.0 mm', '2.0 mm']],
    ]));
    expect(told($sheet))
        ->toBe(['Bolts of the second stage, gap to the plate: 2.8 mm · 2.0 mm, set to 2.0 mm · 2.0 mm by 0.6 · 0.0 turns.']);
});

it('says of the take-up what was found and what is proved, and nothing where nobody looked before', function () {
    $proved = ['prove' => ['take_up' => ['height' => '70 mm']]];
    expect(told(slackCable($proved)))->toBe([])
        ->and(told(slackCable([...$proved, 'release' => ['take_up_height' => '30 mm']])))
        ->toBe(['Take-up as found, from the floor: 30 mm, set to 70 mm.']);
});
