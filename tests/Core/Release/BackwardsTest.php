<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingOption;
use Spindle\Release\SlaveCylinder;
use Spindle\Release\Transmission;

use function Eris\Generator\choose;
use function Eris\Generator\elements;

uses(Eris\TestTrait::class);

/*
 * From what is wanted back to what is set. Going there and back has to end where it began, for every actuation, with losses, cushion and
 * two discs; the figures of the worked chain are computed by hand from the formulas, beside each.
 */

/** @param  array<string, mixed>  $release */
function setting(array $release = [], string $actuation = 'slave', array $more = []): Assessment
{
    $between = in_array($actuation, ['cable', 'rod', 'pull'], true) ? ['linkage_ratio' => 1.5] : ($actuation === 'concentric'
        ? ['master_bore' => '15.87 mm', 'slave_outer' => '46 mm', 'slave_inner' => '34.5 mm']
        : ['master_bore' => '15.87 mm', 'slave_bore' => '20.64 mm']);

    return Assessment::of(sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => $actuation === 'pull' ? 'truck' : 'car', 'actuation' => $actuation],
        'release' => ['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '8 mm', 'fork_ratio' => 1.9, 'clearance' => '1.5 mm',
            'finger_ratio' => 3.8, 'cushion' => '0.6 mm', 'stroke_loss' => 0, 'cover_loss' => '0 mm', ...$between, ...$release],
    ], $more))));
}

it('gives the stop, the strokes, the volumes and the bore of the worked chain', function () {
    $a = setting(['rod_pitch' => '1.25 mm', 'take_up_wanted' => '45 %']);

    // Areas (15.87 / 20.64)² = 0.59121; 132 / 6 = 22 at the rod.
    expect($a->figure('release.slave_travel'))->toEqualWithDelta(13.007, 0.001)
        ->and($a->figure('release.master_volume'))->toEqualWithDelta(4351.8, 0.5)
        // b = 3.8 × (2 × 0.5 + 0.6) = 6.08; 8 + (1.1 × 6.08 + 1.5) ÷ 0.051861.
        ->and($a->figure('release.stop_travel'))->toEqualWithDelta(165.9, 0.05)
        // (6.08 + 1.5) × 1.9 ÷ 22 = 0.65464; √0.65464 × 20.64.
        ->and($a->figure('release.master_bore_wanted'))->toEqualWithDelta(16.700, 0.001)
        // (6.08 + 1.5) × 1.9 × π/4 × 20.64².
        ->and($a->figure('release.slave_volume'))->toEqualWithDelta(4818.7, 0.5)
        // 140 × 0.55 − (3.8 × 0.6 + 1.5) ÷ 0.051861 = 4.113; (8 − 4.113) ÷ (6 × 1.25).
        ->and($a->figure('release.take_up_turns'))->toEqualWithDelta(0.518, 0.001)
        ->and($a->find('release.take_up_wanted')?->verdict)->toBe(Verdict::Within);
});

it('comes back to where it began, whatever moves the bearing', function () {
    $this->forAll(
        elements('cable', 'rod', 'slave', 'concentric', 'pull'), choose(1, 2), choose(0, 12), choose(2, 20), choose(20, 80), choose(0, 3),
    )->then(function (string $actuation, int $discs, int $lossPercent, int $freePlay, int $gapHundredths, int $cover): void {
        $loss = Ratio::of($lossPercent / 100);
        $slave = $actuation === 'concentric'
            ? SlaveCylinder::annular(Length::mm(46), Length::mm(34.5)) : SlaveCylinder::round(Length::mm(20.64));
        $isHydraulic = in_array($actuation, ['slave', 'concentric'], true);
        $between = $isHydraulic
            ? Transmission::hydraulic(Length::mm(22.2), $slave, $loss) : Transmission::mechanical(Ratio::of(0.8), $loss);
        $chain = new ReleaseChain(
            Length::mm(160), Ratio::of(5.5), Length::mm($freePlay), $between, Ratio::of($actuation === 'concentric' ? 1.0 : 1.8),
            Length::mm(in_array($actuation, ['cable', 'rod'], true) ? 0.0 : 1.2), Ratio::of(3.9), Length::mm($cover / 10),
            Length::mm(0.5), $discs,
        );
        $gap = Length::mm($gapHundredths / 100);
        // At the stop the bearing has a tenth more than it needs; cushion and cover take theirs once, the rest of the tenth is gap.
        expect($chain->airGapAt($chain->stopFor($gap))->value)
            ->toEqualWithDelta(1.1 * $gap->value * 2 * $discs + 0.1 * (0.5 * $discs + $cover / 10), 1e-9)
            ->and($chain->bearingTravelAt($chain->stopFor($gap))->value)
            ->toEqualWithDelta(1.1 * $chain->bearingTravelFor($gap)->value, 1e-9);
        // The free play found for a take-up puts it there, where a rod can.
        foreach ([0.3, 0.5, 0.65] as $share) {
            $play = $chain->freePlayForTakeUp(Ratio::of($share));
            if ($play->value >= 0.0) {
                expect($chain->with(freePlay: $play)->takeUpFromFloor()?->value)->toEqualWithDelta($share, 1e-9);
            }
        }
        // With the travel ratio found, whatever the pedal gives is just enough.
        $ratio = $chain->travelRatioFor($gap);
        $found = $isHydraulic
            ? Transmission::hydraulic(Length::mm(sqrt($ratio->value * $slave->diameterSquared() / (1 - $loss->value))), $slave, $loss)
            : Transmission::mechanical(Ratio::of((1 - $loss->value) / $ratio->value), $loss);
        expect($chain->with(transmission: $found)->airGapFace()->value)->toEqualWithDelta($gap->value, 1e-9);
    });
});

it('says what a rod cannot do', function () {
    $a = setting(['rod_pitch' => '1.25 mm', 'take_up_wanted' => '60 %']);

    expect($a->find('release.take_up_wanted')?->verdict)->toBe(Verdict::Out)
        ->and($a->find('release.take_up_wanted')?->say(metric()))->toContain('no rod can do that');
});

it('lets what was measured count, and questions the chain where they differ', function (
    array $gaps,
    Verdict $gap,
    Verdict $agreement,
    string $said,
) {
    $a = setting(['air_gap_measured' => $gaps]);

    expect($a->find('release.air_gap')?->verdict)->toBe($gap)
        ->and($a->figure('release.air_gap_face'))->toEqualWithDelta(0.403, 0.001)
        ->and($a->find('release.agreement')?->verdict)->toBe($agreement)
        ->and(plain((string) $a->find('release.agreement')?->say(metric())))->toContain($said);
})->with([
    'as worked out' => [['0.42 mm', '0.38 mm', '0.41 mm', '0.40 mm'], Verdict::Near, Verdict::Within, 'which agrees'],
    'less: motion is lost' => [['0.15 mm', '0.15 mm', '0.15 mm', '0.15 mm'], Verdict::Out, Verdict::Near,
        // 2 × 0.253 × 3.8 at the bearing.
        '0.25 mm less, 1.9 mm at the bearing. Motion is lost'],
    // The disc leans against one face: both sides together count.
    'the disc on one side' => [['0.82 mm', '0.80 mm', '0.00 mm', '0.00 mm'], Verdict::Near, Verdict::Within, 'which agrees'],
    'more than can be' => [['0.9 mm', '0.9 mm', '0.9 mm', '0.9 mm'], Verdict::Near, Verdict::Near, 'more. A ratio'],
]);

it('judges a measured gap though the chain is not known', function () {
    $a = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave'], 'release' => ['air_gap_measured' => ['0.6 mm', '0.6 mm']]])));

    expect($a->find('release.air_gap')?->verdict)->toBe(Verdict::Within)->and($a->find('release.agreement'))->toBeNull();
});

it('finds the motion that is lost on the way', function (string $actuation, string $pad, string $fork, float $lost, Verdict $verdict) {
    $a = setting(['pad_moved' => $pad, 'fork_end_moved' => $fork], $actuation);

    expect($a->figure('release.lost_motion'))->toEqualWithDelta($lost, 0.01)
        ->and($a->find('release.lost_motion')?->verdict)->toBe($verdict);
})->with([
    // 120 ÷ 6 × 0.59121 = 11.824.
    'a hose that holds' => ['slave', '120 mm', '11.8 mm', 0.024, Verdict::Within],
    'a bulkhead that gives' => ['slave', '120 mm', '8.0 mm', 3.824, Verdict::Out],
    // 90 ÷ 6 ÷ 1.5 = 10.
    'a cable that stretches a little' => ['cable', '90 mm', '9 mm', 1.0, Verdict::Near],
    'a cable that follows' => ['cable', '300 mm', '33.3 mm', 0.033, Verdict::Within],
]);

it('asks for what lost motion cannot be told without', function () {
    $a = setting(['pad_moved' => '100 mm']);

    expect($a->find('release.lost_motion')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($a->find('release.lost_motion')?->missing)->toBe(['release.fork_end_moved']);
});

it('guards the strokes of both cylinders and the fingers', function () {
    $a = setting(['master_stroke_max' => '20 mm', 'slave_stroke_max' => '13.2 mm', 'firm_again' => true]);

    // 22 mm at the rod; 13.007 mm at the slave, within a twentieth of what it has.
    expect($a->find('release.master_stroke')?->verdict)->toBe(Verdict::Out)
        ->and($a->find('release.slave_stroke')?->verdict)->toBe(Verdict::Near)
        ->and($a->find('release.firm_again')?->verdict)->toBe(Verdict::Out)
        ->and(setting(['firm_again' => false])->find('release.firm_again')?->verdict)->toBe(Verdict::Within)
        ->and(setting()->find('release.firm_again'))->toBeNull();
});

it('says what trapped air costs at the disc, free play not counted', function () {
    $air = static fn (array $h): Assessment => setting([], 'slave', ['hydraulics' => ['blocked_pressure' => '2000 kPa', ...$h]]);

    // 12 ÷ 6 × 0.59121 ÷ 1.9 ÷ 3.8; Boyle: 2 × π/4 × 15.87² × 2101.325 ÷ 2000.
    expect($air(['blocked_travel' => '12 mm'])->figure('hydraulics.lift_lost'))->toEqualWithDelta(0.1638, 0.0001)
        ->and($air(['blocked_travel' => '12 mm'])->figure('hydraulics.trapped_air'))->toEqualWithDelta(415.7, 0.2)
        ->and($air(['blocked_travel' => '20 mm', 'blocked_from' => 'top'])->figure('hydraulics.lift_lost'))
        ->toEqualWithDelta(0.1638, 0.0001);
});

it('walks from the pedal at rest to the floor, each member after the one before it', function () {
    $chain = new ReleaseChain(
        Length::mm(140), Ratio::of(6), Length::mm(8),
        Transmission::hydraulic(Length::mm(15.87), SlaveCylinder::round(Length::mm(20.64)), Ratio::of(0)),
        Ratio::of(1.9), Length::mm(1.5), Ratio::of(3.8), Length::mm(0), Length::mm(0.6), 1,
    );
    $positions = $chain->positions(140, Length::mm(5.0));
    $phases = array_values(array_unique(array_map(static fn ($p): string => $p->phase->value, $positions)));

    expect($phases)->toBe(['free_play', 'slack', 'take_up', 'free', 'over_travel'])
        ->and($positions[8]->rod->value)->toBe(0.0)->and($positions[9]->rod->value)->toEqualWithDelta(1 / 6, 1e-9)
        // The clearance of 1.5 mm is used up 1.5 ÷ 0.051861 = 28.9 mm after the free play.
        ->and($positions[36]->phase->value)->toBe('slack')->and($positions[37]->phase->value)->toBe('take_up')
        // The worked chain: free at 80.9 mm.
        ->and($positions[80]->air->value)->toBe(0.0)->and($positions[81]->air->value)->toBeGreaterThan(0.0)
        ->and($positions[140]->fingers->value)->toEqualWithDelta(5.345, 0.001)
        ->and(array_map(static fn (Length $l): int => (int) round($l->value), $chain->phases(Length::mm(5.0))))
        ->toBe(['free_play' => 0, 'slack' => 8, 'take_up' => 37, 'free' => 81, 'over_travel' => 133])
        // A pedal that never gets there has no such phase.
        ->and(array_keys($chain->with(pedalTravel: Length::mm(60))->phases()))->toBe(['free_play', 'slack', 'take_up']);
});

it('lays the usual bores side by side, the present one marked, travel against force', function () {
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave'], 'kit' => ['release_load' => '1500 N'],
        'release' => ['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '8 mm', 'fork_ratio' => 1.9, 'clearance' => '1.5 mm',
            'finger_ratio' => 3.8, 'cushion' => '0.6 mm', 'master_bore' => '15.87 mm', 'slave_bore' => '20.64 mm']]));
    $masters = SettingOption::bores($sheet, SettingOption::MASTER);
    $travel = array_map(static fn (SettingOption $o): float => $o->chain->bearingTravel()->value, $masters);
    $force = array_map(static fn (SettingOption $o): float => (float) $o->force?->value, $masters);
    [$rising, $same] = [$travel, $force];
    sort($rising);
    sort($same);

    // A larger master moves the bearing further and makes the pedal heavier; what travel gains, force pays: their product stays.
    expect(array_filter($masters, static fn (SettingOption $o): bool => $o->isPresent))->toHaveCount(1)
        ->and($travel)->toBe($rising)->and($force)->toBe($same)
        ->and(($travel[1] + 1.5) / $force[1])->toEqualWithDelta(($travel[0] + 1.5) / $force[0], 1e-9)
        // 17.46 mm: 22 × (17.46 ÷ 20.64)² ÷ 1.9 − 1.5.
        ->and($travel[1])->toEqualWithDelta(6.786, 0.001)
        ->and($masters[0]->pressure?->value)->toEqualWithDelta(2360, 1)->and($masters[1]->pressure?->value)->toEqualWithDelta(2360, 1)
        ->and(SettingOption::bores($sheet, SettingOption::SLAVE)[0]->chain->bearingTravel()->value)->toBeGreaterThan($travel[0])
        ->and(SettingOption::of($sheet)[0]->kind)->toBe(SettingOption::STOP);
});

it('carries the new stack and the cut flywheel to the fingers and the end of the fork', function (
    array $readings,
    float $shift,
    Verdict $verdict,
    string $said,
) {
    $a = setting(['fork_ratio' => 2.0], 'slave', ['readings' => $readings]);

    expect($a->figure('release.finger_shift'))->toEqualWithDelta($shift, 1e-9)
        ->and($a->figure('release.fork_end_shift'))->toEqualWithDelta(2 * $shift, 1e-9)
        ->and($a->find('release.finger_shift')?->verdict)->toBe($verdict)
        ->and(plain((string) $a->find('release.finger_shift')?->say(metric())))->toContain($said);
})->with([
    // A quarter of an inch off the flywheel and a fork of 2 : 1 is half an inch at its end. Common practice, no source.
    'a thinner flywheel' => [['flywheel.machined' => '0.25 in'], -6.35, Verdict::Near,
        'at the end of the fork 12.7 mm'],
    'a taller cover' => [['bench.fingers_old' => '40 mm', 'bench.fingers_new' => '42 mm'], 2.0, Verdict::Near, 'shrinks'],
    'each makes up for the other' => [['bench.fingers_old' => '40 mm', 'bench.fingers_new' => '42 mm', 'flywheel.machined' => '1.8 mm'],
        0.2, Verdict::Within, 'nearer the gearbox'],
    'as it was' => [['bench.fingers_old' => '40 mm', 'bench.fingers_new' => '40.1 mm'], 0.1, Verdict::Within,
        'The finger tips stand where they stood with the old clutch.'],
    'measured since' => [['flywheel.machined' => '2 mm', 'release.depth_to_fingers' => ['60 mm', '60 mm', '60 mm']], -2.0,
        Verdict::Within, 'measured since'],
]);

it('foretells no shift where nothing was changed or measured', function () {
    expect(setting()->find('release.finger_shift'))->toBeNull()
        ->and(setting([], 'slave', ['readings' => ['bench.fingers_old' => '40 mm']])->find('release.finger_shift'))->toBeNull();
});

it('finds a ratio by moving one end and reading the other, where none is entered', function () {
    $moved = ['pedal_ratio' => null, 'fork_ratio' => null, 'finger_ratio' => null, 'pad_moved' => '60 mm', 'rod_moved' => '10 mm',
        'fork_end_moved' => '5.7 mm', 'bearing_moved' => '3 mm', 'plate_moved' => '0.789 mm'];
    $a = setting($moved);

    // 6, 1.9 and 3.80: the worked chain again.
    expect($a->figure('release.bearing_travel'))->toEqualWithDelta(5.345, 0.001)
        ->and($a->figure('release.air_gap_face'))->toEqualWithDelta(0.403, 0.001)
        // What is entered counts before what was moved.
        ->and(setting([...$moved, 'pedal_ratio' => 7])->figure('release.bearing_travel'))->toBeLessThan(5.0)
        ->and(setting([...$moved, 'rod_moved' => '0 mm'])->find('release.air_gap')?->missing)->toContain('release.pedal_ratio');
});

it('does not take a linkage that was found by the same press as proof that nothing is lost', function () {
    $a = setting(['linkage_ratio' => null, 'pad_moved' => '90 mm', 'rod_moved' => '15 mm', 'fork_end_moved' => '7 mm'], 'cable');

    expect($a->find('release.lost_motion')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($a->find('release.lost_motion')?->missing)->toBe(['release.linkage_ratio'])
        ->and($a->figure('release.bearing_travel'))->not->toBeNull();
});
