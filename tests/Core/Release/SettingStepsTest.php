<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Release\SettingOption;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\JobSheet;

/*
 * A rod is turned two turns at a time and measured after each step; what was turned and not measured is not known. Numbers by hand: a
 * pedal of 6 : 1 and a thread of 1.25 mm change the free play by 7.5 mm a turn.
 */

function turnedSheet(array $release): JobSheet
{
    return sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'cable'],
        'release' => ['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '40 mm', 'rod_pitch' => '1.25 mm',
            'linkage_ratio' => 1.6, 'fork_ratio' => 1.6,
            'finger_ratio' => 3.8, 'cushion' => '0.6 mm', 'stroke_loss' => 0, 'cover_loss' => '0 mm',
            'free_play_target' => '10 mm', ...$release],
    ]));
}

function turned(array $release): Assessment
{
    return Assessment::of(turnedSheet($release));
}

it('foretells what a step leaves, and no more than two turns at once', function () {
    $steps = SettingSteps::of(turnedSheet(['turns_made' => [2], 'play_after' => ['25 mm']]));

    // 40 − 2 × 7.5 = 25; (25 − 10) ÷ 7.5 = 2; from 40 it would be 4, and is held to 2.
    expect($steps->foretold(0, 2.0)?->value)->toEqualWithDelta(25.0, 1e-9)
        ->and($steps->next(Length::mm(10)))->toEqualWithDelta(2.0, 1e-9)
        ->and(SettingSteps::of(turnedSheet([]))->next(Length::mm(10)))->toEqualWithDelta(2.0, 1e-9)
        ->and(SettingSteps::of(turnedSheet([]))->next(Length::mm(70)))->toEqualWithDelta(-2.0, 1e-9)
        ->and($steps->freePlay()?->value)->toEqualWithDelta(25.0, 1e-9);
});

it('does not know the free play of a rod that was turned and not measured', function () {
    $a = turned(['turns_made' => [2, 2], 'play_after' => ['25 mm']]);

    expect($a->find('release.free_play')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($a->find('release.free_play')?->missing)->toBe(['release.play_after'])
        ->and($a->find('release.set_steps')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(plain((string) $a->find('release.set_steps')?->say(metric())))->toContain('10 mm is foretold')
        // Nothing else goes by what no longer is.
        ->and($a->figure('release.air_gap'))->toBeNull()->and($a->figure('release.free_play_turns'))->toBeNull();
});

it('goes by the last step that was measured', function () {
    $a = turned(['turns_made' => [2, 2], 'play_after' => ['25 mm', '10 mm'], 'firm_again' => false]);
    $same = turned(['free_play' => '10 mm']);

    expect($a->figure('release.air_gap'))->toEqualWithDelta($same->figure('release.air_gap'), 1e-9)
        ->and($a->find('release.free_play')?->verdict)->toBe(Verdict::Within)
        ->and($a->find('release.set_steps')?->verdict)->toBe(Verdict::Within);
});

it('says the next step, asks for the second firmness, questions what strayed', function (array $release, Verdict $verdict, string $said) {
    $finding = turned($release)->find('release.set_steps');

    expect($finding?->verdict)->toBe($verdict)->and(plain((string) $finding?->say(metric())))->toContain($said);
})->with([
    'half way' => [['turns_made' => [2], 'play_after' => ['25 mm']], Verdict::Near, 'tighten the cable by 2.0 turns of its adjuster'],
    'there, the floor not felt' => [['turns_made' => [2, 2], 'play_after' => ['25 mm', '10 mm']], Verdict::Unmeasured,
        'firm a second time'],
    // 25 was foretold; a nut that turned on a bracket that gives way left it at 36.
    'strayed' => [['turns_made' => [2], 'play_after' => ['36 mm']], Verdict::Near, 'should have left 25 mm'],
    'four at once' => [['turns_made' => [4], 'play_after' => ['10 mm']], Verdict::Near, '4.0 turns in one step'],
    'the wrong way' => [['turns_made' => [2], 'play_after' => ['55 mm']], Verdict::Near, '55 mm is measured'],
]);

it('puts the shims first of what can be set, and shows what is without them', function () {
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'concentric'],
        'readings' => ['release.depth_to_fingers' => ['69.24 mm', '69.31 mm', '69.18 mm'], 'release.bearing_height' => '63.12 mm'],
        'release' => ['light_contact' => false, 'pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '3 mm',
            'finger_ratio' => 3.8, 'cushion' => '0.6 mm', 'master_bore' => '22.2 mm', 'slave_outer' => '46 mm', 'slave_inner' => '34.5 mm'],
    ]));
    $now = SettingOption::now($sheet);
    $options = SettingOption::of($sheet);

    // 69.243 − 63.12 = 6.123; two of the usual shims, 2.3 mm, bring it to 3.823, nearest to 3.81.
    expect($now?->chain->clearance->value)->toEqualWithDelta(6.1233, 1e-3)
        ->and($options[0]->kind)->toBe(SettingOption::SHIM)
        ->and($options[0]->to?->value)->toEqualWithDelta(2.3, 1e-9)
        ->and($options[0]->chain->clearance->value)->toEqualWithDelta(3.8233, 1e-3)
        // A bearing nearer to the fingers goes further with them.
        ->and($options[0]->chain->airGapFace()->value)->toBeGreaterThan($now->chain->airGapFace()->value)
        ->and($options[1]->kind)->toBe(SettingOption::STOP);
});

it('never takes a gain on the way for nothing lost', function () {
    // 60 ÷ 6 × (15.87 ÷ 22.2)² = 5.11 mm at the end of the fork; 7.2 mm is more than ratios and bores give.
    $of = static fn (string $moved): Assessment => Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet',
        'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'slave'], 'release' => ['pad_moved' => '60 mm',
            'fork_end_moved' => $moved, 'pedal_ratio' => 6, 'master_bore' => '15.87 mm', 'slave_bore' => '22.2 mm']])));
    $said = static fn (string $moved): string => plain((string) $of($moved)->find('release.lost_motion')?->say(metric()));

    expect($of('7.2 mm')->find('release.lost_motion')?->verdict)->toBe(Verdict::Near)
        ->and($said('7.2 mm'))->toContain('one of them is wrong')
        // A rule tells no half millimetre: that is nothing lost.
        ->and($of('5.3 mm')->find('release.lost_motion')?->verdict)->not->toBe(Verdict::Out)->and($said('5.3 mm'))->not->toContain('wrong')
        ->and($said('3.0 mm'))->toContain('are lost');
});

it('judges two discs by the worse one, never by a mean over them', function (string $discs, array $gaps, Verdict $expected) {
    $of = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'truck', 'actuation' => 'pull', 'discs' => $discs], 'release' => ['air_gap_measured' => $gaps]])));

    expect($of->find('release.air_gap')?->verdict)->toBe($expected);
})->with([
    'one sticks' => ['two', ['0 mm', '0 mm', '1.1 mm', '1.1 mm'], Verdict::Out],
    'both free' => ['two', ['0.6 mm', '0.6 mm', '0.6 mm', '0.6 mm'], Verdict::Within],
    'one has far more' => ['two', ['0.6 mm', '0.6 mm', '0.6 mm', '1.6 mm'], Verdict::Near],
    'one disc that lies at one face' => ['one', ['0.1 mm', '1.1 mm'], Verdict::Within],
]);

it('judges the take-up by the driver’s wish, and with the usual losses where none are entered', function (
    array $release, Verdict $verdict, string $says,
) {
    // b = (140 − 3.5) ÷ 6 × (15.87 ÷ 22.2)² ÷ 1.7 − 1 = 5.84 mm at the floor; free at 3.1 · 0.6 = 1.86: (1.86 + 1) · 6 · 1.7 ÷ 0.511 + 3.5
    // = 60.6 mm from the top, 56.7 % above the floor; with 8 % and 0.2 mm lost 47 %.
    $of = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave'], 'release' => ['pedal_travel' => '140 mm', 'free_play' => '3.5 mm',
            'pedal_ratio' => 6, 'master_bore' => '15.87 mm', 'slave_bore' => '22.2 mm', 'fork_ratio' => 1.7, 'clearance' => '1.0 mm',
            'finger_ratio' => 3.1, 'cushion' => '0.6 mm', ...$release]])));

    expect($of->find('release.take_up')?->verdict)->toBe($verdict)
        ->and(plain((string) $of->find('release.take_up')?->say(metric())))->toContain($says);
})->with([
    'in the band' => [[], Verdict::Within, '57 %'],
    // 30 % is the least: 36 % as entered, 22 % with the usual losses.
    'inside only without losses' => [['cushion' => '1.05 mm'], Verdict::Near, 'with the usual losses'],
    'losses entered' => [['cushion' => '1.05 mm', 'stroke_loss' => 0, 'cover_loss' => '0 mm'], Verdict::Within, 'above the floor'],
    'as the driver wants it, outside the band' => [['cushion' => '1.2 mm', 'take_up_wanted' => '29 %'], Verdict::Within,
        'as the driver wants it'],
    'far from the wish and outside' => [['cushion' => '1.4 mm', 'take_up_wanted' => '45 %'], Verdict::Out, 'bites low'],
]);

it('turns the spanner the way it works, from where it sits', function (array $vehicle, array $release, float $turns, string $said) {
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle,
        'release' => ['free_play' => '35 mm', 'pedal_ratio' => 5, 'linkage_ratio' => 2, 'rod_pitch' => '1 mm', ...$release]]));
    $a = Assessment::of($sheet);
    // 35 mm to 10 mm: 25 ÷ (5 × 1) = 5 turns at the pedal, ÷ 2 at the fork.
    expect($a->figure('release.free_play_turns'))->toEqualWithDelta($turns, 1e-9)
        ->and(plain((string) $a->find('release.free_play')?->say(metric())))->toContain($said);
})->with([
    'a rod, nobody said more' => [['class' => 'car', 'actuation' => 'rod'], [], 5.0, 'Lengthen the rod by 5.0 turns'],
    'a pulling rod' => [['class' => 'car', 'actuation' => 'rod'], ['adjuster_longer' => 'slackens'], 5.0,
        'Shorten the pulling rod by 5.0 turns'],
    'a cable, nobody said more' => [['class' => 'car', 'actuation' => 'cable'], [], 5.0, 'Tighten the cable by 5.0 turns of its adjuster'],
    'a sleeve' => [['class' => 'car', 'actuation' => 'cable'], ['adjuster_longer' => 'pushes'], 5.0,
        'Screw the cable’s sleeve out by 5.0 turns'],
    'a sleeve the other way' => [['class' => 'car', 'actuation' => 'cable'], ['adjuster_longer' => 'slackens'], 5.0,
        'Screw the cable’s sleeve in by 5.0 turns'],
    'a rod at the fork' => [['class' => 'car', 'actuation' => 'rod'], ['adjuster_at' => 'fork'], 2.5, 'Lengthen the rod by 2.5 turns'],
    'too little: the other way' => [['class' => 'car', 'actuation' => 'cable'],
        ['adjuster_longer' => 'pushes', 'free_play' => '2 mm'], -1.6, 'Screw the cable’s sleeve in by 1.6 turns'],
    // The figure goes to what was asked; the spanner stops at the least play, 5 mm: (35 − 5) ÷ 5.
    'never under the least play' => [['class' => 'car', 'actuation' => 'rod'], ['free_play_target' => '1 mm'], 6.8,
        'Lengthen the rod by 6.0 turns'],
]);

it('sets the bearing at a slave’s rod, and never the play at the master', function (string $clearance, string $said, Verdict $verdict) {
    $a = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave'],
        'release' => ['free_play' => '12 mm', 'pedal_ratio' => 5, 'rod_pitch' => '1.25 mm', 'rod_adjustable' => true, 'fork_ratio' => 2,
            'adjuster_at' => 'fork', 'clearance' => $clearance, 'clearance_target' => '2.0 mm']])));
    // (3.25 − 2) × 2 ÷ 1.25 = 2 turns.
    expect(plain((string) $a->find('release.slave_rod')?->say(metric())))->toContain($said)
        ->and($a->find('release.slave_rod')?->verdict)->toBe($verdict)
        ->and(plain((string) $a->find('release.free_play')?->say(metric())))->not->toContain('rod by');
})->with([
    ['3.25 mm', 'lengthen the slave’s rod by 2.0 turns', Verdict::Near],
    ['0.75 mm', 'shorten the slave’s rod by 2.0 turns', Verdict::Near],
    ['2.0 mm', 'leave the slave’s rod', Verdict::Within],
]);

it('goes no further than the least free play for a take-up that is wished', function () {
    $a = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'cable'],
        'release' => ['pedal_travel' => '150 mm', 'free_play' => '15 mm', 'pedal_ratio' => 4, 'linkage_ratio' => 1, 'fork_ratio' => 2,
            'rod_pitch' => '2 mm', 'finger_ratio' => 3.5, 'cushion' => '0.6 mm', 'cover_loss' => '0 mm', 'stroke_loss' => 0,
            'take_up_wanted' => '87 %']])));
    // The disc is free at 15 + 3.5 × 0.6 × 8 = 31.8 mm; 87 % above the floor is 19.5 mm and wants 2.7 mm of play.
    expect(plain((string) $a->find('release.take_up_wanted')?->say(metric())))
        ->toContain('would take free play below its least, 5 mm; no nearer than that: tighten the cable by 1.3 turns');
});

it('adds both sides of a disc at one place, and judges by the least place of the worse disc', function (
    string $discs, array $gap, Verdict $expected, ?float $face,
) {
    $a = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'truck', 'actuation' => 'pull', 'discs' => $discs], 'release' => ['air_gap_measured' => $gap]])));

    expect($a->find('release.air_gap')?->verdict)->toBe($expected);
    $face === null ? expect($a->find('release.air_gap')?->missing)->not->toBe([])
        : expect($a->figure('release.air_gap_face_measured'))->toEqualWithDelta($face, 1e-9);
})->with([
    // (0 + 1.2) ÷ 2 wherever between the faces the disc lies.
    'it leans on one face' => ['one', ['1' => ['engine' => ['0 mm', '1.2 mm'], 'gearbox' => ['1.2 mm', '0 mm']]], Verdict::Within, 0.6],
    // A mean over all would say 0.55.
    'it is free at one place and drags at another' => ['one', ['1' => ['engine' => ['0 mm', '1.1 mm'], 'gearbox' => ['0 mm', '1.1 mm']]],
        Verdict::Out, 0.0],
    'the second disc drags' => ['two', ['1' => ['engine' => ['0.6 mm'], 'gearbox' => ['0.6 mm']],
        '2' => ['engine' => ['0.1 mm'], 'gearbox' => ['0.1 mm']]], Verdict::Out, 0.1],
    'one side alone' => ['one', ['1' => ['engine' => ['0.6 mm']]], Verdict::Unmeasured, null],
    'one disc of two' => ['two', ['1' => ['engine' => ['0.6 mm'], 'gearbox' => ['0.6 mm']]], Verdict::Unmeasured, null],
    'a place short' => ['one', ['1' => ['engine' => ['0.6 mm', '0.6 mm'], 'gearbox' => ['0.6 mm']]], Verdict::Unmeasured, null],
]);

it('refuses a gap of no disc or no side, with the place', function (array $gap, string $place) {
    expect(static fn () => sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'release' => ['air_gap_measured' => $gap]])))->toThrow(Spindle\Sheet\SheetError::class, $place);
})->with([[['3' => ['engine' => ['1 mm']]], 'air_gap_measured.3'], [['1' => ['left' => ['1 mm']]], 'air_gap_measured.1.left'],
    [['1' => ['0.6 mm']], 'air_gap_measured.1']]);
