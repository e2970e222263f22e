<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Assessment\WhyItFailed;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;

/*
 * As found and as left: a flywheel found out and ground, a truck's clearances before and after. The rule is common practice, no
 * source; numbers are made up around 0.12 mm of runout (0.0005 × 240 mm), 0.10 mm of flatness and the truck's bands.
 */

/**
 * @param  array<string, mixed>  $found
 * @param  array<string, mixed>  $left
 */
function workedOn(array $found, array $left, array $vehicle = ['class' => 'car', 'flywheel' => 'solid'], array $more = []): JobSheet
{
    return sheetOfJson(
        (string) json_encode([
            'format' => 'jade-spindle/job-sheet',
            'version' => 1,
            'vehicle' => $vehicle,
            'readings' => $found,
            ...$left === [] ? [] : ['as_left' => $left],
            ...$more,
        ]),
    );
}

const DISHED = [
    'flywheel.measuring_diameter' => '240 mm',
    'flywheel.face_runout' => '0.05 mm',
    'flywheel.flatness' => ['0.22 mm', '0.18 mm', '0.18 mm'],
    'flywheel.thickness' => '26.00 mm',
    'flywheel.thickness_min' => '25.00 mm',
    'flywheel.machined' => '0.30 mm',
    'flywheel.conditions' => ['heat_spots'],
];

const GROUND = [
    'flywheel.face_runout' => '0.03 mm',
    'flywheel.flatness' => ['0.02 mm', '0.02 mm', '0.02 mm'],
    'flywheel.thickness' => '25.70 mm',
    'flywheel.conditions' => ['none'],
];

const A_PULLED_TRUCK = ['class' => 'truck', 'actuation' => 'pull', 'adjusting' => 'manual'];

/** @return list<string> what keeps the flywheel, or the truck's linkage, from being signed */
function blockedBy(JobSheet $sheet, string $part): array
{
    return array_values(
        array_filter(
            array_map(static fn (Finding $f): string => $f->id, SignOff::of(Assessment::of($sheet)->findings, true)->blockers),
            static fn (string $id): bool => str_starts_with($id, "{$part}."),
        ),
    );
}

it('signs a flywheel found out, ground and measured anew, and keeps both', function () {
    expect(blockedBy(workedOn(DISHED, []), 'flywheel'))->toContain('flywheel.flatness');

    $assessment = Assessment::of(workedOn(DISHED, GROUND));
    $found = array_combine(
        array_map(static fn (Finding $f): string => $f->id, $assessment->found),
        array_map(static fn (Finding $f): Verdict => $f->verdict, $assessment->found),
    );

    expect(blockedBy(workedOn(DISHED, GROUND), 'flywheel'))
        ->toBe([])
        ->and($assessment->find('flywheel.flatness')?->verdict)
        ->toBe(Verdict::Within)
        ->and($assessment->find('flywheel.flatness')?->say(metric()))
        ->toStartWith('As left: ')
        ->and($assessment->find('flywheel.flatness')?->readings)
        ->toBe(['as_left.flywheel.flatness'])
        ->and($found['flywheel.flatness'])
        ->toBe(Verdict::Out)
        ->and($found['flywheel.conditions'])
        ->toBe(Verdict::Out)
        ->and($assessment->figure('flywheel.flatness'))
        ->toBe(0.02)
        ->and($assessment->figure('flywheel.thickness_after'))
        ->toEqualWithDelta(25.7, 1e-9);
});

it(
    'does not take the cut off a second time',
    fn () => expect(Assessment::of(workedOn(DISHED, ['flywheel.thickness' => '25.10 mm'] + GROUND))->find('flywheel.thickness')?->verdict)
        ->toBe(Verdict::Within)
        ->and(Assessment::of(workedOn(DISHED, ['flywheel.thickness' => '24.90 mm'] + GROUND))->find('flywheel.thickness')?->verdict)
        ->toBe(Verdict::Out)
        ->and(Assessment::of(workedOn(DISHED, ['flywheel.thickness' => '25.02 mm'] + GROUND))->find('flywheel.thickness')?->verdict)
        ->toBe(Verdict::Near),
);

it('judges what was left just as what was found', function (string $runout, Verdict $verdict) {
    expect(Assessment::of(workedOn(DISHED, ['flywheel.face_runout' => $runout] + GROUND))->find('flywheel.face_runout')?->verdict)->toBe(
        $verdict,
    );
})->with([['0.10 mm', Verdict::Within], ['0.115 mm', Verdict::Near], ['0.14 mm', Verdict::Out]]);

it('never takes a reading of before the work for one of after it', function (string $notRead, string $finding) {
    $left = array_diff_key(GROUND, [$notRead => true]);
    $found = Assessment::of(workedOn(['flywheel.flatness' => ['0.02 mm', '0.02 mm', '0.02 mm']] + DISHED, $left))->find($finding);

    // Good before the work, and not read after it: unmeasured, and it says which reading is wanted.
    expect($found?->verdict)
        ->toBe(Verdict::Unmeasured)
        ->and($found->missing)
        ->toContain("as_left.{$notRead}");
})->with([
    ['flywheel.face_runout', 'flywheel.face_runout'],
    ['flywheel.flatness', 'flywheel.flatness'],
    ['flywheel.thickness', 'flywheel.thickness'],
]);

it('still says why the old clutch failed by what was found', function () {
    $sheet = workedOn(array_diff_key(DISHED, ['flywheel.conditions' => true]), GROUND);
    $causes = array_map(static fn ($reason): string => $reason->cause->id, WhyItFailed::of($sheet, Assessment::of($sheet)));

    expect($causes)->toContain('flywheel_spots');
});

it('signs a truck set right, with its three measures before and after', function () {
    $before = ['truck.brake' => 'good', 'truck.bearing_gap' => '20.0 mm', 'truck.fork_play' => '0.5 mm', 'truck.free_pedal' => '10 mm',
        'truck.brake_squeeze' => '15 mm'];
    $after = ['truck.bearing_gap' => '13.3 mm', 'truck.fork_play' => '3.2 mm', 'truck.free_pedal' => '50 mm',
        'truck.brake_squeeze' => '15 mm'];
    $assessment = Assessment::of(workedOn($before, $after, A_PULLED_TRUCK));

    expect(blockedBy(workedOn($before, [], A_PULLED_TRUCK), 'truck'))->toBe(['truck.action'])
        ->and(blockedBy(workedOn($before, $after, A_PULLED_TRUCK), 'truck'))->toBe([])
        ->and($assessment->figure('truck.action'))->toBe('none')
        ->and($assessment->found[0]->verdict)->toBe(Verdict::Out);
});

it('asks for the brake again where it was found bad, and for all three measures', function (array $before, array $after, array $missing) {
    expect(
        Assessment::of(
            workedOn(
                ['truck.bearing_gap' => '20.0 mm', 'truck.fork_play' => '0.5 mm', 'truck.free_pedal' => '10 mm', ...$before],
                $after,
                A_PULLED_TRUCK,
            ),
        )->find('truck.action')?->missing,
    )->toBe($missing);
})->with([
    'brake was bad' => [
        ['truck.brake' => 'worn'],
        ['truck.bearing_gap' => '13.3 mm', 'truck.fork_play' => '3.2 mm', 'truck.free_pedal' => '50 mm'],
        ['as_left.truck.brake'],
    ],
    'only the gap read again' => [
        ['truck.brake' => 'good'],
        ['truck.bearing_gap' => '13.3 mm'],
        ['as_left.truck.fork_play', 'as_left.truck.free_pedal'],
    ],
]);

it('refuses a reading after the work as it does one before, naming its place', function () {
    workedOn(DISHED, ['flywheel.flatness' => ['30 psi', '30 psi', '30 psi']]);
})->throws(SheetError::class, 'as_left.flywheel.flatness');

it(
    'leaves other names in that section alone',
    fn () => expect(
        Assessment::of(workedOn(DISHED, ['something.else' => 'x', 'flywheel.thickness_min' => '1 mm', 'distance_since_fitted' => '1 km']))
            ->found,
    )->toBe([]),
);

it('lets no old second disc keep a job from being signed once new parts go in', function () {
    $worn = [
        'disc2.thickness_new' => '10 mm',
        'disc2.thickness' => '7.9 mm',
        'disc2.usable_per_side' => '1.1 mm',
        'disc2.conditions' => ['oil'],
    ];
    $sheet = workedOn($worn, [], ['class' => 'truck', 'actuation' => 'pull', 'discs' => 'two']);
    $blockers = static fn (bool $kit): array => array_map(
        static fn (Finding $f): string => $f->id,
        SignOff::of(Assessment::of($sheet)->findings, $kit)->blockers,
    );

    expect(array_filter($blockers(true), static fn (string $id): bool => str_starts_with($id, 'disc2.')))
        ->toBe([])
        ->and($blockers(false))
        ->toContain('disc2.wear', 'disc2.conditions');
});
