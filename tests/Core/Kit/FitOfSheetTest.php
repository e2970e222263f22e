<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Station;

/*
 * The kit that was chosen has to go in: what speaks against it blocks the sign-off like everything else that is out.
 */

/** An assessment of a car on cable with a shaft of 23 splines, and this kit chosen. */
function withKit(array $kit, array $vehicle = []): Assessment
{
    return Assessment::of(
        sheetOfJson(
            (string) json_encode([
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => [
                    'class' => 'car',
                    'actuation' => 'cable',
                    'flywheel' => 'solid',
                    'spline_count' => 23,
                    'spline_diameter' => '22.4 mm',
                    'friction_outer' => '232 mm',
                    ...$vehicle,
                ],
                'readings' => ['match.release' => 'push'],
                'kit' => [
                    'name' => 'K',
                    'classes' => ['car'],
                    'lining_outer' => '228 mm',
                    'lining_inner' => '150 mm',
                    'spline_count' => 23,
                    'spline_diameter' => '22.4 mm',
                    'release' => 'push',
                    'damper' => 'sprung',
                    ...$kit,
                ],
            ]),
        ),
    );
}

it('is out at Kit with a part that cannot go in, and blocks', function (array $kit, string $finding, string $said) {
    $assessment = withKit($kit);
    $found = $assessment->find($finding);

    expect($found?->verdict)->toBe(Verdict::Out)->and(plain((string) $found?->say(metric())))->toContain($said)
        ->and($assessment->verdictAt(Station::Kit))->toBe(Verdict::Out)
        ->and(array_map(static fn ($f): string => $f->id, SignOff::of($assessment->findings, true)->blockers))->toContain($finding);
})->with([
    'a pull cover where one was pushed' => [['release' => 'pull'], 'kit.release', 'this vehicle needs push'],
    'ten splines on a shaft of 23' => [['spline_count' => 10], 'kit.spline_count', '10 splines in the hub, 23 on the shaft'],
    'splines of another size' => [['spline_diameter' => '28.6 mm'], 'kit.spline_diameter', 'Hub 28.6 mm, shaft 22.4 mm'],
    'a lining over the flywheel' => [['lining_outer' => '240 mm'], 'kit.lining_outer', 'stands over the face'],
    'made for a truck' => [['classes' => ['truck']], 'kit.class', 'another class'],
]);

it('finds nothing against a kit that fits', function () {
    foreach (['kit.class', 'kit.release', 'kit.spline_count', 'kit.spline_diameter', 'kit.lining_outer', 'kit.damper'] as $check) {
        expect(withKit([])->find($check)?->verdict)->toBe(Verdict::Within, $check);
    }
});

it('asks for what a check wants of a chosen kit, exactly as of a candidate', function () {
    expect(withKit([], ['spline_count' => null])->find('kit.spline_count')?->missing)
        ->toBe(['vehicle.spline_count'])
        ->and(withKit(['spline_count' => null])->find('kit.spline_count')?->missing)
        ->toBe(['kit.spline_count'])
        ->and(withKit(['spline_count' => null], ['spline_count' => null])->find('kit.spline_count')?->verdict)
        ->toBe(Verdict::Unmeasured);
    // Without a kit there is nothing to fit.
    expect(
        Assessment::of(sheetOfJson('{"format":"jade-spindle/job-sheet","version":1,"vehicle":{"class":"car","spline_count":23}}'))->find(
            'kit.spline_count',
        ),
    )->toBeNull();
});
