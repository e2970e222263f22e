<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Hydraulics\BleedingRules;
use Spindle\Hydraulics\BleedingSchool;
use Spindle\Hydraulics\BleedStep;
use Spindle\Hydraulics\Fluid;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;

function bled(array $hydraulics, string $actuation = 'slave', array $more = []): JobSheet
{
    return sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => $actuation], 'hydraulics' => (object) $hydraulics, ...$more]));
}

it('ends every way of bleeding in its proof, and warns where air gets back in', function (BleedingSchool $school) {
    $steps = $school->steps();
    $last = $steps[count($steps) - 1];

    expect($last->who)->toBe('both')->and($last->text)->toMatch('/firm pedal|hard as a wall/')
        ->and(array_filter($steps, static fn (BleedStep $s): bool => $s->airGetsIn))->not->toBe([])
        ->and(count($steps))->toBeLessThanOrEqual(6)
        ->and($school->isForTwo())->toBe(array_filter($steps, static fn (BleedStep $s): bool => $s->who === 'helper') !== []
            && $school !== BleedingSchool::Gravity);
})->with(BleedingSchool::cases());

it('never lets the pedal be pressed with the piston free, and pushes it home four times', function () {
    $steps = BleedingSchool::Reverse->steps();

    // Common practice, no source.
    expect($steps[0]->text)->toContain('Nobody touches the pedal')
        ->and(array_values(array_filter($steps, static fn (BleedStep $s): bool => $s->counted === 'strokes'))[0]->times)->toBe(4);
});

it('lets no fluids meet that do not mix', function (Fluid $in, Fluid $wanted, Verdict $verdict) {
    expect(Assessment::of(bled(['fluid' => $in->value, 'fluid_wanted' => $wanted->value]))->find('hydraulics.fluid')?->verdict)
        ->toBe($verdict);
})->with([
    'as named' => [Fluid::Dot4, Fluid::Dot4, Verdict::Within], 'glycol for glycol' => [Fluid::Dot3, Fluid::Dot4, Verdict::Near],
    'mineral for glycol' => [Fluid::Mineral, Fluid::Dot4, Verdict::Out],
    'glycol for mineral' => [Fluid::Dot4, Fluid::Mineral, Verdict::Out],
    'silicone for glycol' => [Fluid::Dot5, Fluid::Dot51, Verdict::Out],
]);

it('does not take a fluid for right that the maker was not asked about', function () {
    expect(Assessment::of(bled(['fluid' => 'dot4']))->find('hydraulics.fluid')?->verdict)->toBe(Verdict::Unmeasured);
});

it('is done when every step is, and its proof is asked besides', function () {
    $of = static fn (array $done): ?Verdict => Assessment::of(bled(['school' => 'helper', 'steps_done' => $done, 'counted_3' => 6]))
        ->find('hydraulics.steps')?->verdict;

    expect($of(['s1', 's2']))->toBe(Verdict::Unmeasured)->and($of(['s1', 's2', 's3', 's4', 's5']))->toBe(Verdict::Within)
        ->and(Assessment::of(bled([]))->find('hydraulics.steps'))->toBeNull();
});

it('bleeds as the job says, as the shop does, or as is usual', function () {
    $shop = ['bleeding' => (object) ['school' => 'vacuum']];

    expect(BleedingRules::schoolFor(bled([])))->toBe(BleedingSchool::Helper)
        ->and(BleedingRules::schoolFor(bled([], 'concentric')))->toBe(BleedingSchool::Prefilled)
        ->and(BleedingRules::schoolFor(bled([], 'concentric', $shop)))->toBe(BleedingSchool::Vacuum)
        ->and(BleedingRules::schoolFor(bled(['school' => 'reverse'], 'slave', $shop)))->toBe(BleedingSchool::Reverse)
        ->and(fn () => bled([], 'slave', ['bleeding' => (object) ['school' => 'prayer']]))->toThrow(SheetError::class, 'bleeding.school');
});

it('questions a step that is ticked before it was done often enough', function (?int $count, Verdict $verdict) {
    $given = ['school' => 'reverse', 'steps_done' => ['s1', 's2', 's3', 's4', 's5', 's6'],
        ...($count === null ? [] : ['counted_4' => $count])];

    // Four times, common practice; not counted, nobody knows.
    expect(Assessment::of(bled($given))->find('hydraulics.steps')?->verdict)->toBe($verdict);
})->with([[3, Verdict::Near], [4, Verdict::Within], [9, Verdict::Within], [null, Verdict::Unmeasured]]);
