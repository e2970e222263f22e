<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Release\TwoStages;
use Spindle\Sheet\JobSheet;

/*
 * Both stages of a tractor's clutch on one pedal: levers and lifts worked by hand beside each figure (statics); the take-off disc sets the
 * stop, common practice, no source. Numbers are made up.
 */

/** A two-stage tractor by rod: 160 mm of pedal, 25 mm of play, ratio 5 and 1, fork 1.2: 22.5 mm at the bearing. */
function twoStageTractor(array $changes = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'],
        'release' => ['pedal_travel' => '160 mm', 'free_play' => '25 mm', 'pedal_ratio' => 5, 'linkage_ratio' => 1, 'fork_ratio' => 1.2,
            'finger_ratio' => 5, 'cover_loss' => '0 mm', 'cushion' => '0.8 mm', 'rod_pitch' => '1.5 mm', 'stroke_loss' => 0,
            'stage2' => ['finger_ratio' => 5, 'cushion' => '0.6 mm', 'cover_loss' => '0 mm', 'begins' => '11 mm']],
    ], $changes)));
}

it('gives each disc its air at its own place on the pedal', function () {
    $stages = TwoStages::of(twoStageTractor());
    expect($stages)->toBeInstanceOf(TwoStages::class);
    assert($stages instanceof TwoStages);

    // 25 + 11 × 6 = 91 mm; 11 ÷ 5 − 0.8 = 1.4, 0.7 a face; (22.5 − 11) ÷ 5 − 0.6 = 1.7, 0.85 a face.
    expect($stages->secondBegins()->value)->toEqualWithDelta(91.0, 1e-9)
        ->and($stages->travelGapFace()->value)->toEqualWithDelta(0.7, 1e-9)
        ->and($stages->takeOffGapFace()->value)->toEqualWithDelta(0.85, 1e-9)
        // Free at 0.8 × 5 × 6 + 25 = 49 mm, and at (11 + 0.6 × 5) × 6 + 25 = 109 mm.
        ->and($stages->travelFree()?->value)->toEqualWithDelta(49.0, 1e-9)
        ->and($stages->takeOffFree()?->value)->toEqualWithDelta(109.0, 1e-9)
        // 0.5 mm a face: 25 + (11 + 1.1 × 5 × 1.6) × 6 = 143.8 mm.
        ->and($stages->stopFor(Length::mm(0.5))->value)->toEqualWithDelta(143.8, 1e-9)
        ->and(Assessment::of(twoStageTractor())->figure('release.stop_travel'))->toEqualWithDelta(143.8, 1e-9);
});

it('judges the travel disc where the second stage begins, and the take-off disc at the stop', function (
    array $changes, Verdict $travel, Verdict $takeOff,
) {
    $a = Assessment::of(twoStageTractor($changes));
    expect($a->find('release.travel_gap')?->verdict)->toBe($travel)->and($a->find('release.take_off_gap')?->verdict)->toBe($takeOff)
        // The travel disc's air at the full pedal says nothing: both its air and the stop are judged by stage.
        ->and($a->find('release.air_gap'))->toBeNull();
})->with([
    'right' => [[], Verdict::Within, Verdict::Within],
    'the second begins too early: the travel disc drags there' => [
        ['release' => ['stage2' => ['begins' => '6 mm']]], Verdict::Out, Verdict::Within,
    ],
    'the second begins too late: no travel is left for it' => [
        ['release' => ['stage2' => ['begins' => '17 mm']]], Verdict::Within, Verdict::Out,
    ],
    'the stop too high' => [['release' => ['pedal_travel' => '120 mm']], Verdict::Within, Verdict::Out],
]);

it('never sets the stop of two stages by the travel disc', function () {
    $a = Assessment::of($sheet = twoStageTractor(['release' => ['stage2' => ['finger_ratio' => null]]]));
    expect($a->figure('release.stop_travel'))->toBeNull()
        ->and($a->find('release.stages')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($a->find('release.stages')?->missing)->toContain(TwoStages::RATIO)
        ->and(TwoStages::of($sheet))->toBe([TwoStages::RATIO]);
});

it('lets what is measured count, and questions the chain beside it', function () {
    $at = static fn (string $travel, string $takeOff): Assessment => Assessment::of(twoStageTractor(['readings' => [
        'two_stage.air_gap_travel' => [$travel, $travel], 'two_stage.air_gap_take_off' => [$takeOff, $takeOff],
    ]]));
    expect($at('0.70 mm', '0.85 mm')->find('release.travel_gap')?->verdict)->toBe(Verdict::Within)
        ->and($at('0.10 mm', '0.85 mm')->find('release.travel_gap')?->verdict)->toBe(Verdict::Near)
        ->and($at('0.10 mm', '0.85 mm')->find('two_stage.air_gap_travel')?->verdict)->toBe(Verdict::Out)
        ->and(plain((string) $at('0.10 mm', '0.85 mm')->find('release.travel_gap')?->say(metric())))->toContain('What is measured counts');
});

it('takes the travel to the first release for where the second begins, where nobody measured it', function () {
    $sheet = twoStageTractor(['release' => ['stage2' => ['begins' => null]],
        'readings' => ['two_stage.travel_to_first' => '10 mm', 'two_stage.travel_total' => '22 mm']]);
    // 10 ÷ 5 − 0.8 = 1.2: 0.6 a face.
    expect(Assessment::of($sheet)->figure('release.travel_gap_face'))->toEqualWithDelta(0.6, 1e-9);
});
