<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/*
 * Wear of the lining: what follows from it, and what does not. Check values of common practice, no source: 8.3 new, 7.3 now, 1.0 usable
 * a side is 50 %; 20 % used at 40 000 is about 200 000 in all.
 */

/** An assessment of a disc of 8.3 mm with 1.0 mm usable a side. */
function ofDisc(array $readings): Assessment
{
    return Assessment::of(
        sheetOfJson(
            (string) json_encode([
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => ['class' => 'car'],
                'readings' => ['disc.thickness_new' => '8.30 mm', 'disc.usable_per_side' => '1.0 mm', ...$readings],
            ]),
        ),
    );
}

function wearOf(Assessment $assessment): Finding
{
    return $assessment->find('disc.wear') ?? throw new LogicException('no wear');
}

it('forecasts from a wear that can be measured, and from no other', function (string $now, ?float $left, string $said) {
    $assessment = ofDisc(['disc.thickness' => $now, 'distance_since_fitted' => '40 000 km']);

    expect(plain(wearOf($assessment)->say(metric())))->toContain($said)
        ->and($assessment->figure('wear.remaining_distance') ?? -1.0)->toEqualWithDelta($left ?? -1.0, 1.0);
})->with([
    // A calliper is trusted to 0.03 mm, a difference of two of its readings to √2 × 0.03 mm; three times that is 0.127 mm.
    '20 % used' => ['7.90 mm', 160_000.0, 'At this rate another 110 000 km to 210 000 km'],
    'just measurable' => ['8.17 mm', 40_000 / 0.13 * 1.87, 'At this rate another'],
    'just not' => ['8.18 mm', null, 'No measurable wear yet'],
    'none' => ['8.30 mm', null, 'No measurable wear yet'],
    'at the limit nothing is left to say' => ['6.70 mm', null, '80 % of the lining used: 1.6 mm of 2.0 mm. Replace while it is open'],
    'past it' => ['6.10 mm', null, 'Worn past its lining: 2.2 mm of 2.0 mm. Replace.'],
]);

it('says nothing of how long it lasts where nobody knows how long it ran', function () {
    expect(plain(wearOf(ofDisc(['disc.thickness' => '8.25 mm']))->say(metric())))->toBe('3 % of the lining used: 0.1 mm of 2.0 mm.')
        ->and(plain(wearOf(ofDisc(['disc.thickness' => '7.9 mm', 'distance_since_fitted' => '0 km']))->say(metric())))
        ->not->toContain('0 km to');
});

it('says when thickness and rivets tell different stories', function (string $now, array $depths, ?string $said) {
    $finding = ofDisc([
        'disc.thickness' => $now,
        'disc.rivet_depth_flywheel' => $depths[0],
        'disc.rivet_depth_cover' => $depths[1],
    ])->find('disc.wear_contradiction');

    expect($finding?->verdict)->toBe($said === null ? null : Verdict::Near);
    if ($said !== null) {
        expect(plain($finding->say(metric())))->toContain($said);
    }
})->with([
    'the same story' => ['7.30 mm', ['0.50 mm', '0.50 mm'], null],
    'just inside 0.3 mm' => ['7.30 mm', ['0.36 mm', '0.35 mm'], null],
    'just outside' => ['7.30 mm', ['0.34 mm', '0.35 mm'], 'By its thickness 1.0 mm is worn, by the rivets 1.3 mm'],
    '18 % worn with the rivets a tenth down' => ['7.94 mm', ['0.10 mm', '0.10 mm'], 'go by the greater and measure again'],
]);
