<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Release\ShimPack;

/*
 * Clearance, shims and the wear that the release follows, by actuation. Check value of common practice, no source:
 * 2.726 in mean − 2.562 in = 0.164 in, 0.014 in over the target of 0.150 in: no shim.
 */

/** An assessment of a release with these entries; A and B in inches, since that is how the check value is given. */
function ofRelease(string $actuation, array $release, array $readings = [], array $more = []): Assessment
{
    return Assessment::of(
        sheetOfJson(
            (string) json_encode([
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => ['class' => $actuation === 'pull' ? 'truck' : 'car', 'actuation' => $actuation],
                'release' => (object) $release,
                'readings' => ['disc.usable_per_side' => '1.0 mm', ...$readings],
                ...$more,
            ]),
        ),
    );
}

/** A and B that leave this clearance, mm. */
function gapOf(float $clearance): array
{
    $a = sprintf('%.2f mm', 60 + $clearance);

    return ['release.depth_to_fingers' => [$a, $a, $a], 'release.bearing_height' => '60.00 mm'];
}

it('puts no shim under a bearing inside its band, and a plan is not a measurement', function (
    float $clearance,
    Verdict $verdict,
    float $shim,
    string $said,
) {
    $assessment = ofRelease('concentric', ['light_contact' => false], gapOf($clearance));

    expect($assessment->find('release.clearance')?->verdict)
        ->toBe($verdict)
        ->and($assessment->figure('release.shim'))
        ->toEqualWithDelta($shim, 1e-9)
        ->and(plain((string) $assessment->find('release.clearance')?->say(metric())))
        ->toContain($said);
})->with([
    // The band is 3.8 ± 1.3 mm, from memory; the difference of two depths is trusted to √2 × 0.03 mm.
    'the check value' => [4.17, Verdict::Within, 0.0, 'no shim'],
    'just inside its upper edge' => [5.05, Verdict::Within, 0.0, 'no shim'],
    'at its upper edge' => [5.08, Verdict::Near, 0.0, 'no shim'],
    'just above it: a shim, and measured again' => [
        5.2,
        Verdict::Unmeasured,
        1.6,
        'shims 1.60 mm would bring it to 3.60 mm. Put them in and measure A and B again',
    ],
    'well above it' => [6.9, Verdict::Unmeasured, 3.1, 'shims 2.30 mm + 0.80 mm would bring it to 3.80 mm'],
    'more than three shims or 4 mm: something else is wrong' => [9.0, Verdict::Out, 0.0, 'the wrong bearing, or a wrong measurement'],
    'just inside its lower edge' => [2.55, Verdict::Within, 0.0, 'no shim'],
    'below it, which no shim cures' => [2.3, Verdict::Out, 0.0, 'too small, and no shim cures that'],
]);

it('puts no shim under a bearing in light contact, and says what its piston has in hand', function (float $inHand, Verdict $verdict) {
    $assessment = ofRelease('concentric', ['light_contact' => true, 'finger_ratio' => 3.5], gapOf($inHand));

    expect($assessment->find('release.clearance')?->verdict)
        ->toBe($verdict)
        ->and($assessment->figure('release.shim'))
        ->toEqualWithDelta(0.0, 1e-9);
})->with([[9.0, Verdict::Within], [0.5, Verdict::Within], [0.02, Verdict::Near], [-0.5, Verdict::Out]]);

it('believes a pack of up to three shims and 4 mm', function (array $stock, float $clearance, bool $believed) {
    expect(ShimPack::choose(Length::mm($clearance), Length::mm(3.8), array_map(Length::mm(...), $stock))->isBelievable())->toBe($believed);
})->with([[[1.0], 6.8, true], [[1.0], 7.8, false], [[2.0], 7.8, true], [[2.1], 8.0, false], [[0.8, 1.6, 2.3], 6.9, true]]);

it('works the wear that the release follows out by its actuation', function (
    string $actuation,
    array $release,
    array $readings,
    float $budget,
) {
    expect(ofRelease($actuation, ['finger_ratio' => 4, ...$release], $readings)->figure('release.wear_budget'))->toEqualWithDelta(
        $budget,
        1e-6,
    );
})->with([
    'concentric with clearance' => ['concentric', ['light_contact' => false], gapOf(4.0), 1.0],
    'concentric in contact' => ['concentric', ['light_contact' => true], gapOf(6.0), 1.5],
    'slave that takes up by itself: stroke ÷ fork ratio' => ['slave', ['slave_stroke_left' => '12 mm', 'fork_ratio' => 2], [], 1.5],
    // Never the free play at the master.
    'slave with an adjustable rod: its stroke' => [
        'slave', ['rod_adjustable' => true, 'free_play' => '3 mm', 'slave_stroke_left' => '12 mm', 'fork_ratio' => 2], [], 1.5,
    ],
    'slave with an adjustable rod: the clearance' => [
        'slave', ['rod_adjustable' => true, 'free_play' => '3 mm', 'clearance' => '1.2 mm', 'fork_ratio' => 2], [], 0.3,
    ],
    'cable' => ['cable', ['free_play' => '12 mm', 'pedal_ratio' => 3, 'linkage_ratio' => 1, 'fork_ratio' => 2], [], 0.5],
    'rod' => ['rod', ['free_play' => '24 mm', 'pedal_ratio' => 3, 'linkage_ratio' => 2, 'fork_ratio' => 2], [], 0.5],
    'pull' => ['pull', [], ['truck.fork_play' => '3.2 mm'], 0.8],
]);

it('takes the budget for an interval: near below 80 % of the lining, out below 0.3 mm', function (float $stroke, Verdict $verdict) {
    // The lining has 2.0 mm; 80 % of it is 1.6 mm of wear, 12.8 mm of stroke at a fork of 2 and fingers of 4, read with a rule to half a
    // millimetre.
    $finding = ofRelease('slave', ['slave_stroke_left' => "{$stroke} mm", 'fork_ratio' => 2, 'finger_ratio' => 4])->find(
        'release.wear_budget',
    );

    expect($finding?->verdict)->toBe($verdict);
    if ($verdict === Verdict::Near) {
        expect(plain((string) $finding?->say(metric())))->toContain('Measure or adjust again before')->toContain('the slave bottoms');
    }
})->with([
    [13.4, Verdict::Within],
    [13.2, Verdict::Near],
    [12.7, Verdict::Near],
    [2.0, Verdict::Near],
    [1.8, Verdict::Out],
    [0.0, Verdict::Out],
]);

it('calls the few tenths that usual play gives no fault, and near what ends before anybody looks again', function (
    string $play, array $readings, Verdict $verdict, string $says,
) {
    // 10 mm ÷ (5 × 1.2 × 2) ÷ 3.5 = 0.238 mm of wear.
    $finding = ofRelease('cable', ['free_play' => $play, 'pedal_ratio' => 5, 'linkage_ratio' => 1.2, 'fork_ratio' => 2,
        'finger_ratio' => 3.5], $readings)->find('release.wear_budget');

    expect($finding?->verdict)->toBe($verdict)->and(plain((string) $finding?->say(metric())))->toContain($says);
})->with([
    'rate not known' => ['10 mm', [], Verdict::Within, 'After 0.24 mm'],
    // 1.0 mm in 60 000 km: 0.238 mm is 14 000 km.
    'as slow as usual' => ['10 mm', ['disc.thickness_new' => '8.3 mm', 'disc.thickness' => '7.3 mm',
        'distance_since_fitted' => '60 000 km'], Verdict::Within, 'about 14 000 km'],
    'fast' => ['10 mm', ['disc.thickness_new' => '8.3 mm', 'disc.thickness' => '7.3 mm', 'distance_since_fitted' => '20 000 km'],
        Verdict::Near, 'adjust again'],
    'gone' => ['0 mm', [], Verdict::Out, 'the free play is gone'],
]);

it('asks for the finger ratio where the travel in hand is known, and not of a truck, whose fork play is judged by itself', function () {
    expect(ofRelease('concentric', ['light_contact' => false], gapOf(4.0))
        ->find('release.wear_budget')?->missing)->toBe(['release.finger_ratio'])
        ->and(ofRelease('pull', [], ['truck.fork_play' => '3.2 mm'])->find('release.wear_budget'))->toBeNull();
});

it('says after what distance, where the last lining tells the rate', function () {
    $finding = ofRelease(
        'slave',
        ['slave_stroke_left' => '8 mm', 'fork_ratio' => 2, 'finger_ratio' => 4],
        ['disc.thickness_new' => '8.3 mm', 'disc.thickness' => '7.3 mm', 'distance_since_fitted' => '60 000 km'],
    )->find('release.wear_budget');

    // 1.0 mm of budget at 1.0 mm in 60 000 km.
    expect(plain((string) $finding?->say(metric())))->toContain(
        'After 1.0 mm (0.039 in) of lining wear, at the rate of the last one about 60 000 km, the slave bottoms',
    );
});

it('has nothing to use up where cover or cable adjusts itself', function (array $release, array $more) {
    expect(
        ofRelease(
            'cable',
            ['free_play' => '10 mm', 'pedal_ratio' => 3, 'linkage_ratio' => 1, 'fork_ratio' => 2, ...$release],
            [],
            $more,
        )->find('release.wear_budget')?->verdict,
    )->toBe(Verdict::NotApplicable);
})->with([[['self_adjusting' => true], []], [[], ['kit' => ['name' => 'K', 'spring' => 'self_adjusting']]]]);

it('finds the clearance of a cable in its free play, and takes it off no second time', function () {
    // 12 mm ÷ (4 × 1.5 × 2) = 1.0 mm; the chain begins where the play ends: (120 − 12) ÷ 12 = 9.0 mm at the bearing.
    $assessment = ofRelease('cable', [
        'pedal_travel' => '120 mm',
        'free_play' => '12 mm',
        'pedal_ratio' => 4,
        'linkage_ratio' => 1.5,
        'fork_ratio' => 2,
        'finger_ratio' => 4,
        'cushion' => '0.6 mm',
        'clearance' => '1.0 mm',
    ]);

    expect($assessment->figure('release.clearance_from_play'))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($assessment->figure('release.bearing_travel'))
        ->toEqualWithDelta(9.0, 1e-9);
});

it('judges free play by class and actuation, and by neither unknown', function (
    ?string $class,
    ?string $actuation,
    string $play,
    Verdict $verdict,
) {
    $sheet = [
        'format' => 'jade-spindle/job-sheet',
        'version' => 1,
        'vehicle' => array_filter(['class' => $class, 'actuation' => $actuation]),
        'release' => ['free_play' => $play],
    ];
    expect(Assessment::of(sheetOfJson((string) json_encode($sheet)))->find('release.free_play')?->verdict)->toBe($verdict);
})->with([
    ['car', 'cable', '10 mm', Verdict::Within],
    ['car', 'slave', '10 mm', Verdict::Out],
    ['car', 'slave', '3 mm', Verdict::Within],
    ['tractor', 'rod', '25 mm', Verdict::Within],
    ['tractor', 'slave', '25 mm', Verdict::Out],
    ['tractor', 'slave', '3 mm', Verdict::Within],
    ['truck', 'concentric', '3 mm', Verdict::Within],
    ['car', null, '10 mm', Verdict::Unmeasured],
    [null, 'cable', '10 mm', Verdict::Unmeasured],
]);
