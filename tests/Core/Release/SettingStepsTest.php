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
    'half way' => [['turns_made' => [2], 'play_after' => ['25 mm']], Verdict::Near, 'lengthen the rod by 2.0 turns'],
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
        'release' => ['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '3 mm', 'finger_ratio' => 3.8, 'cushion' => '0.6 mm',
            'master_bore' => '22.2 mm', 'slave_outer' => '46 mm', 'slave_inner' => '34.5 mm'],
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
