<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Fitting\FittingStep;
use Spindle\Limit\Verdict;

function fitted(array $vehicle, array $readings = [], array $housing = []): Assessment
{
    return Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle,
        'readings' => (object) $readings, 'housing' => (object) $housing])));
}

const A_CAR = ['class' => 'car', 'actuation' => 'concentric', 'flywheel' => 'solid'];

/** Dial readings of a circle that is off by so much towards a clock position. */
function swept(float $offset, float $hours, int $places, float $mean = 1.0): array
{
    return array_map(static fn (int $i): string => sprintf('%.6f mm', $mean + $offset * cos(2 * M_PI * ($i / $places - $hours / 12))),
        range(0, $places - 1));
}

it('finds how far and whereto a housing stands off', function (float $offset, float $hours, int $places) {
    $a = fitted(A_CAR, [], ['bore_dial' => swept($offset, $hours, $places)]);

    expect($a->figure('housing.bore_offset'))->toEqualWithDelta($offset, 1e-5)
        ->and($a->figure('housing.bore_direction'))->toEqualWithDelta($hours, 1e-3);
})->with([
    'to twelve' => [0.1, 12.0, 8], 'to three' => [0.1, 3.0, 8], 'between' => [0.25, 7.4, 8], 'of six places' => [0.05, 10.5, 6],
    'of seven' => [0.08, 1.2, 7], 'of twelve' => [0.3, 5.0, 12],
]);

it('judges the sweep by its total reading and says what to do', function () {
    $out = fitted(A_CAR, [], ['bore_dial' => swept(0.15, 3.0, 8), 'face_dial' => swept(0.02, 9.0, 8)]);
    $few = fitted(A_CAR, [], ['bore_dial' => ['0 mm', '0.1 mm', '0.2 mm']]);

    expect($out->find('housing.bore')?->verdict)->toBe(Verdict::Out)
        ->and(plain((string) $out->find('housing.bore')?->say(metric())))->toContain("eccentric by 0.15 mm towards 3 o'clock")
        ->and($out->find('housing.face')?->verdict)->toBe(Verdict::Within)
        ->and($few->find('housing.bore')?->verdict)->toBe(Verdict::Unmeasured)->and($few->figure('housing.bore_offset'))->toBeNull();
});

it('lists the steps of each build, and none that it has not', function (array $vehicle, array $has, array $hasNot) {
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle]));
    $steps = array_column(FittingStep::of($sheet), 'value');

    expect(array_diff($has, $steps))->toBe([])->and(array_intersect($hasNot, $steps))->toBe([]);
})->with([
    'concentric car' => [A_CAR, ['prefilled', 'clips', 'seals', 'tool_out'],
        ['lock_tabs', 'brake', 'studs', 'intermediate', 'stage_marks']],
    'twin truck, pot' => [['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot', 'discs' => 'two'],
        ['lifted', 'pins', 'studs', 'intermediate', 'spacer', 'brake'], ['lock_tabs', 'prefilled']],
    'two-stage tractor' => [['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'], ['lock_tabs', 'stage_marks'],
        ['seals', 'brake', 'prefilled', 'lifted']],
]);

it('asks for nothing until the list is begun, then for every step, and for the reading that decides', function () {
    $steps = FittingStep::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => A_CAR])));
    $all = array_fill_keys(array_map(static fn (FittingStep $s): string => "fit.{$s->value}", $steps), 'done');
    $counted = ['fit.clips_in' => 3, 'fit.clips_out' => 3, 'fit.finger_heights' => ['40.0 mm', '40.2 mm', '40.1 mm', '40.1 mm'],
        'fit.bearing_slides' => 'free'];

    expect(fitted(A_CAR)->find('fit.steps'))->toBeNull()
        ->and(fitted(A_CAR, ['fit.seals' => 'done'])->find('fit.steps')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(fitted(A_CAR, $all)->find('fit.clips')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(fitted(A_CAR, $all)->find('fit.clips')?->missing)->toBe(['fit.clips_in', 'fit.clips_out'])
        ->and(fitted(A_CAR, $all)->find('fit.bearing')?->missing)->toBe(['fit.bearing_slides'])
        ->and(fitted(A_CAR, [...$all, ...$counted])->find('fit.bearing'))->toBeNull()
        ->and(fitted(A_CAR, ['fit.bearing_slides' => 'sticks'])->find('fit.bearing_on_sleeve')?->verdict)->toBe(Verdict::Out)
        ->and(fitted(A_CAR, [...$all, ...$counted])->find('fit.clips'))->toBeNull()
        ->and(fitted(A_CAR, [...$all, ...$counted])->find('fit.steps')?->verdict)->toBe(Verdict::Within);
});

it('wants a word for what is skipped, and never lets a skipped step pass as done', function () {
    $silent = fitted(A_CAR, ['fit.grease' => 'skipped']);
    $said = fitted(A_CAR, ['fit.grease' => 'skipped', 'fit.grease_why' => 'sealed for life']);

    expect($silent->find('fit.grease')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($said->find('fit.grease')?->verdict)->toBe(Verdict::Near)
        ->and($said->find('fit.grease')?->say(metric()))->toContain('sealed for life');
});

it('counts clips out as they came in', function (int $in, int $out, Verdict $verdict) {
    expect(fitted(A_CAR, ['fit.clips_in' => $in, 'fit.clips_out' => $out])->find('fit.counted')?->verdict)->toBe($verdict);
})->with([[3, 3, Verdict::Within], [3, 2, Verdict::Out], [0, 0, Verdict::Within], [0, 1, Verdict::Out]]);

it('judges the smallest clearance of the drive pins', function (array $pins, Verdict $verdict) {
    $truck = ['class' => 'truck', 'actuation' => 'pull', 'flywheel' => 'pot', 'discs' => 'two'];

    // 0.006 in is 0.152 mm; common practice, no source.
    expect(fitted($truck, ['fit.pin_clearance' => $pins])->find('fit.pins')?->verdict)->toBe($verdict)
        // The step before it, skipped with a reason, is a second matter and no second opinion.
        ->and(fitted($truck, ['fit.pin_clearance' => $pins, 'fit.pins' => 'skipped', 'fit.pins_why' => 'done by the machinist'])
            ->find('fit.pins_square')?->verdict)->toBe(Verdict::Near);
})->with([
    [['0.20 mm', '0.22 mm', '0.20 mm'], Verdict::Within], [['0.20 mm', '0.10 mm', '0.20 mm'], Verdict::Out],
    [['0.006 in', '0.2 mm'], Verdict::Near],
]);
