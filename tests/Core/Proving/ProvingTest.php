<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Proving\Cure;
use Spindle\Proving\Test;
use Spindle\Proving\TestResult;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;

/*
 * What is tried, by class, actuation and kind of job; what a failed test leads to. The tests and their passes are common practice, no
 * source; the figures of the chain were computed by hand beside each.
 */

function proving(array $prove, array $vehicle = ['class' => 'car', 'actuation' => 'cable'], array $more = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle, 'prove' => (object) $prove,
    ], $more)));
}

/** A cable whose rod can be turned: 6 : 1, 1.25 mm, so 7.5 mm of free play a turn. */
const ON_CABLE = ['release' => ['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '20 mm', 'rod_pitch' => '1.25 mm',
    'linkage_ratio' => 1.6, 'fork_ratio' => 1.6, 'finger_ratio' => 3.8, 'cushion' => '0.6 mm', 'stroke_loss' => 0, 'cover_loss' => '0 mm']];

const BY_SLAVE = ['class' => 'car', 'actuation' => 'slave'];
const BY_CABLE = ['class' => 'car', 'actuation' => 'cable'];
const WORN_90 = ['readings' => ['disc.thickness_new' => '8.4 mm', 'disc.thickness' => ['6.6 mm'], 'disc.usable_per_side' => '1.0 mm']];

it('tries what the vehicle has, and nothing that it has not', function (array $vehicle, array $more, array $has, array $hasNot) {
    $tests = array_column(Test::of(proving([], $vehicle, $more)), 'value');

    expect(array_diff($has, $tests))->toBe([])->and(array_intersect($hasNot, $tests))->toBe([]);
})->with([
    'car by cable' => [['class' => 'car', 'actuation' => 'cable'], [], ['selection', 'creep', 'take_up', 'feel', 'judder', 'slip'],
        ['leaks', 'truck', 'two_stage']],
    'car by slave' => [['class' => 'car', 'actuation' => 'slave'], [], ['leaks'], ['truck', 'two_stage']],
    'pull-type truck' => [['class' => 'truck', 'actuation' => 'pull'], [], ['truck'], ['leaks', 'two_stage']],
    'two-stage tractor' => [['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'], [], ['two_stage'], ['truck', 'leaks']],
    'only bled' => [['class' => 'car', 'actuation' => 'slave'], ['readings' => ['triage.kind' => 'bleed']], ['leaks', 'selection', 'slip'],
        ['judder']],
]);

it('is not proved while nothing was tried, and wants every test once one was', function () {
    $none = Assessment::of(proving([]));
    $one = Assessment::of(proving(['selection' => ['result' => 'pass']]));

    $untried = Assessment::of(proving(['untried' => 'fetched by trailer']));
    $silent = Assessment::of(proving(['untried' => 'ok']));
    $elsewhere = Assessment::of(proving([], more: ['readings' => ['triage.kind' => 'not_the_clutch']]));

    expect($none->find('prove.tests')?->verdict)->toBe(Verdict::Unmeasured)->and($none->find('prove.selection'))->toBeNull()
        ->and($untried->find('prove.tests')?->verdict)->toBe(Verdict::Near)
        // Tests that nobody made are no proof, whatever the reason: it lets go, it holds.
        ->and($untried->find('prove.owed_release')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($untried->find('prove.owed_hold')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($silent->find('prove.owed_release')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($elsewhere->find('prove.tests'))->toBeNull()->and($elsewhere->find('prove.owed_release'))->toBeNull()
        ->and($one->find('prove.owed_release'))->toBeNull()
        ->and($one->find('prove.selection')?->verdict)->toBe(Verdict::Within)
        ->and($one->find('prove.creep')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($one->find('prove.recheck')?->verdict)->toBe(Verdict::Unmeasured);
});

it('takes a test for what is said of it, and silence never for a pass', function (array $said, Verdict $verdict, string $words) {
    $finding = Assessment::of(proving(['creep' => $said]))->find('prove.creep');

    expect($finding?->verdict)->toBe($verdict)->and(plain((string) $finding?->say(metric())))->toContain($words);
})->with([
    [['result' => 'pass'], Verdict::Within, 'passed'],
    [['result' => 'pass', 'round' => 2], Verdict::Within, 'round 2: passed'],
    [['result' => 'fail', 'felt' => 'creeps at 3000'], Verdict::Out, 'failed (creeps at 3000)'],
    [['result' => 'not_done'], Verdict::Unmeasured, 'why is not said'],
    [['result' => 'not_done', 'why' => 'no room in the yard'], Verdict::Near, 'no room in the yard'],
]);

it('revs to three quarters of the limit', function () {
    // 0.75 × 5200; common practice, no source.
    expect(Assessment::of(proving([], more: ['engine' => ['speed_limit' => '5200 rpm']]))->figure('prove.rev_speed'))
        ->toEqualWithDelta(3900.0, 1e-6);
});

it('leads a clutch that creeps to two turns more stroke, with what they do', function () {
    $cure = Cure::of(Test::Creep, proving(['creep' => ['result' => 'fail']], more: ON_CABLE));

    // 20 − 2 × 7.5 = 5; (140 − 5) ÷ 6 ÷ 1.6 ÷ 1.6 = 8.79.
    expect($cure->station)->toBe(Station::Set)->and($cure->reading)->toBe('release.turns_made')
        ->and(plain($cure->said->in(metric())))
        ->toContain('Tighten the cable by 2 turns of its adjuster: free play comes to 5 mm, the bearing goes 8.8 mm');
});

it('never sends more stroke where it does harm', function (array $more, array $vehicle, string $said) {
    $cure = Cure::of(Test::Creep, proving(['creep' => ['result' => 'fail']], $vehicle, $more));

    expect(plain($cure->said->in(metric())))->toContain($said)->not->toContain('Tighten')->not->toContain('Lengthen')
        ->and($cure->reading)->not->toBe('release.turns_made');
})->with([
    'over the cover' => [array_replace_recursive(ON_CABLE, ['kit' => ['release_travel_max' => '8.5 mm']]),
        ['class' => 'car', 'actuation' => 'cable'], 'no more stroke'],
    'no play left' => [array_replace_recursive(ON_CABLE, ['release' => ['free_play' => '0 mm']]),
        ['class' => 'car', 'actuation' => 'cable'], 'No free play is left'],
    'never proved' => [[], ['class' => 'car', 'actuation' => 'slave'], 'never proved'],
    'pull' => [[], ['class' => 'truck', 'actuation' => 'pull'], 'Clutch brake'],
    'self-adjusting' => [['release' => ['self_adjusting' => true]], ['class' => 'car', 'actuation' => 'cable'], 'adjusts itself'],
    'firm again before the floor' => [array_replace_recursive(ON_CABLE, ['release' => ['firm_again' => true]]),
        ['class' => 'car', 'actuation' => 'cable'], 'Too much stroke: set the stop'],
    'the gap is enough' => [array_replace_recursive(ON_CABLE, ['release' => ['air_gap_measured' => ['0.9 mm', '0.9 mm']]]),
        ['class' => 'car', 'actuation' => 'cable'], 'more stroke cures nothing'],
    'a soft pedal' => [['prove' => ['feel' => ['result' => 'fail']], 'hydraulics' => ['proof' => 'firm']],
        ['class' => 'car', 'actuation' => 'slave'], 'Soft: block the slave'],
    'less free play than there may be' => [array_replace_recursive(ON_CABLE, ['release' => ['free_play' => '18 mm']]),
        ['class' => 'car', 'actuation' => 'cable'], 'at least 5 mm stays'],
]);

it('cures each at its own place', function (Test $test, array $prove, array $vehicle, array $more, string $reading, string $said) {
    $cure = Cure::of($test, proving([$test->value => ['result' => 'fail', ...$prove]], $vehicle, $more));

    expect($cure->reading)->toBe($reading)->and(plain($cure->said->in(metric())))->toContain($said);
})->with([
    'first alone' => [Test::Selection, ['which' => 'first'], ['class' => 'car', 'actuation' => 'cable'], ON_CABLE,
        'prove.selection.which', 'synchroniser of first'],
    'both grind' => [Test::Selection, ['which' => 'both'], ['class' => 'car', 'actuation' => 'cable'], ON_CABLE,
        'release.turns_made', 'Tighten the cable'],
    'the take-off stage' => [Test::TwoStage, ['which' => 'take_off'], ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'], [],
        'two_stage.air_gap_take_off', 'The travel stage stays'],
    'the travel stage' => [Test::TwoStage, ['which' => 'travel'], ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'], [],
        'two_stage.air_gap_travel', 'The stop bolt stays'],
    'neither said' => [Test::TwoStage, [], ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'], [],
        'prove.two_stage.which', 'Say which'],
    'a truck without fork play slips' => [Test::Slip, [], ['class' => 'truck', 'actuation' => 'pull'],
        ['readings' => ['truck.fork_play' => '0 mm']], 'truck.fork_play', 'adjusting ring, not the engine'],
    'a truck of which it is not measured' => [Test::Slip, [], ['class' => 'truck', 'actuation' => 'pull'], [],
        'truck.fork_play', 'Measure the play at the fork'],
    'a truck with fork play slips' => [Test::Slip, [], ['class' => 'truck', 'actuation' => 'pull'],
        ['readings' => ['truck.fork_play' => '3.2 mm']], 'engine.peak_torque', 'Compare'],
    'bites high' => [Test::TakeUp, ['height' => '125 mm'], BY_CABLE, ON_CABLE, 'release.turns_made', 'more free play: slacken the cable'],
    'bites high on what is worn' => [Test::TakeUp, ['height' => '125 mm'], BY_CABLE, ON_CABLE + WORN_90, 'disc.thickness',
        'the lining is worn: a new clutch'],
    'bites high on a new one' => [Test::TakeUp, ['height' => '125 mm'], BY_CABLE, ON_CABLE + WORN_90 + ['kit' => ['name' => 'K']],
        'release.turns_made', 'slacken the cable'],
    'bites low' => [Test::TakeUp, ['height' => '20 mm'], BY_CABLE,
        array_replace_recursive(ON_CABLE, ['release' => ['rod_pitch' => '1 mm']]), 'release.turns_made',
        'less free play: tighten the cable by 2 turns of its adjuster'],
    'bites low by a rod' => [Test::TakeUp, ['height' => '20 mm'], ['class' => 'car', 'actuation' => 'rod'],
        ['release' => ['pedal_travel' => '140 mm']], 'release.turns_made', 'lengthen the rod by 2 turns, measure, and try again; at least'],
    'bites low without play' => [Test::TakeUp, ['height' => '20 mm'], BY_CABLE,
        array_replace_recursive(ON_CABLE, ['release' => ['free_play' => '6 mm']]), 'release.pad_moved', 'No free play is left'],
    'bites low and firm again' => [Test::TakeUp, ['height' => '20 mm'], BY_CABLE,
        array_replace_recursive(ON_CABLE, ['release' => ['firm_again' => true]]), 'release.firm_again', 'Too much stroke'],
    'bites low, never proved' => [Test::TakeUp, ['height' => '20 mm'], BY_SLAVE, ['release' => ['pedal_travel' => '140 mm']],
        'hydraulics.blocked_travel', 'never proved'],
    'bites low, self-adjusting' => [Test::TakeUp, ['height' => '20 mm'], BY_CABLE,
        ['release' => ['pedal_travel' => '140 mm', 'self_adjusting' => true]], 'release.pad_moved', 'adjusts itself'],
    'a pulled truck bites low' => [Test::TakeUp, ['height' => '20 mm'], ['class' => 'truck', 'actuation' => 'pull'],
        ['release' => ['pedal_travel' => '180 mm']], 'truck.bearing_gap', 'Measure brake'],
    'where it takes up is not measured' => [Test::TakeUp, [], BY_CABLE, ON_CABLE, 'prove.take_up.height', 'Measure from the floor'],
    'a cable without play slips' => [Test::Slip, [], ['class' => 'car', 'actuation' => 'cable'],
        ['release' => ['free_play' => '0 mm']], 'release.turns_made', 'Slacken the cable'],
]);

it('has a cure for every test that can fail', function (Test $test) {
    $vehicle = ['class' => 'car', 'actuation' => 'slave'];
    $a = Assessment::of(proving([$test->value => ['result' => TestResult::Fail->value]], match ($test) {
        Test::Truck => ['class' => 'truck', 'actuation' => 'pull'],
        Test::TwoStage => ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'],
        default => $vehicle,
    }));
    $finding = $a->find("prove.{$test->value}");

    expect($finding?->verdict)->toBe(Verdict::Out)->and(strlen((string) $finding?->say(metric())))->toBeGreaterThan(40);
})->with(Test::cases());

it('takes no day for a distance, and none that lies before the promise', function (array $recheck, ?string $promised, Verdict $verdict) {
    $of = Assessment::of(proving(['recheck' => $recheck], more: $promised === null ? [] : ['readings' => ['promised_on' => $promised]]));

    expect($of->find('prove.recheck')?->verdict)->toBe($verdict);
})->with([
    [['on' => '2001-05-05'], null, Verdict::Near], [['on' => '2001-05-05'], '2026-12-01', Verdict::Out],
    [['on' => '2001-05-05', 'after' => '500 km'], '2026-12-01', Verdict::Out], [['on' => '2026-12'], '2026-12-01', Verdict::Near],
    [['on' => '2027-01-11', 'after' => '500 km'], '2026-12-01', Verdict::Within], [['after' => '500 km'], '2026-12-01', Verdict::Within],
]);

it('judges the take-up on the vehicle, and questions the chain where it foretold another', function () {
    // Chain: 140 × (1 − p) with L = N m: 3.8 × 0.6 = 2.28 at the bearing, × 15.36 = 35.0 from the play of 20: 55.0, 60.7 % above the floor.
    $as = Assessment::of(proving(['take_up' => ['height' => '86 mm']], more: ON_CABLE));
    $low = Assessment::of(proving(['take_up' => ['height' => '30 mm']], more: ON_CABLE));
    $blind = Assessment::of(proving(['take_up' => ['height' => '86 mm']]));

    expect($as->figure('prove.take_up_percent'))->toEqualWithDelta(61.43, 0.01)
        ->and($as->find('prove.take_up_height')?->verdict)->toBe(Verdict::Within)
        ->and($as->find('prove.as_foretold')?->verdict)->toBe(Verdict::Within)
        ->and($low->find('prove.take_up_height')?->verdict)->toBe(Verdict::Out)
        ->and($low->find('prove.as_foretold')?->verdict)->toBe(Verdict::Near)
        ->and(plain((string) $low->find('prove.as_foretold')?->say(metric())))->toContain('air, lost motion')
        ->and($blind->find('prove.take_up_height')?->verdict)->toBe(Verdict::Unmeasured);
});

it('looks again no later than the release follows the wear', function (string $after, Verdict $verdict) {
    // Play 20 ÷ 15.36 = 1.302 at the fingers, ÷ 3.8 = 0.3427 mm of lining; the old one lost 1.2 mm in 120 000 km: 34 266 km.
    $a = Assessment::of(proving(['recheck' => ['after' => $after]], more: ON_CABLE + ['readings' => ['disc.thickness_new' => '8.4 mm',
        'disc.thickness' => ['7.2 mm'], 'disc.usable_per_side' => '1.0 mm', 'distance_since_fitted' => '120000 km']]));

    expect($a->figure('prove.wear_interval'))->toEqualWithDelta(34266.0, 30.0)
        ->and($a->find('prove.recheck')?->verdict)->toBe($verdict);
})->with([['500 km', Verdict::Within], ['9900 km', Verdict::Within], ['12000 km', Verdict::Near], ['19000 km', Verdict::Near],
    ['21000 km', Verdict::Out], ['35000 km', Verdict::Out], ['100 km', Verdict::Near]]);
