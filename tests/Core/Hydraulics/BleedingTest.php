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

it('passes no step that is ticked before it was done often enough', function (?int $count, Verdict $verdict) {
    $given = ['school' => 'reverse', 'steps_done' => ['s1', 's2', 's3', 's4', 's5', 's6'],
        ...($count === null ? [] : ['counted_4' => $count])];

    // Four times, common practice; not counted, nobody knows.
    expect(Assessment::of(bled($given))->find('hydraulics.steps')?->verdict)->toBe($verdict);
})->with([[3, Verdict::Unmeasured], [4, Verdict::Within], [9, Verdict::Within], [null, Verdict::Unmeasured]]);

it('believes no wall that moves: the travel counts', function (?string $travel, Verdict $expected) {
    $of = Assessment::of(bled(['proof' => 'hard', ...($travel === null ? [] : ['blocked_travel' => $travel])]));

    expect($of->find('hydraulics.proof')?->verdict)->toBe($expected);
})->with([
    [null, Verdict::Within], ['2 mm', Verdict::Within], ['3 mm', Verdict::Within], ['4 mm', Verdict::Near], ['10 mm', Verdict::Near],
    ['11 mm', Verdict::Out], ['70 mm', Verdict::Out],
]);

it('tells the air from the foot’s force where no gauge is in the line, and takes off what the hose swells', function () {
    $release = ['pedal_ratio' => 6, 'master_bore' => '20 mm', 'slave_bore' => '22 mm', 'fork_ratio' => 2, 'finger_ratio' => 3.5];
    $of = static fn (array $hydraulics, array $more = []): Assessment => Assessment::of(sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'slave'],
        'hydraulics' => $hydraulics, 'release' => [...$release, ...$more],
    ])));
    // 300 N × 6 ÷ (π/4 · 20²) = 5.73 MPa; 12 ÷ 6 × 314.16 × (5730 + 101.3) ÷ 5730 = 639 mm³.
    $foot = ['blocked_travel' => '12 mm', 'blocked_foot_force' => '300 N'];
    $little = ['blocked_travel' => '3 mm', 'blocked_foot_force' => '300 N'];
    $said = static fn (Assessment $a): string => plain((string) $a->find('hydraulics.trapped_air')?->say(metric()));
    expect($of($foot)->figure('hydraulics.trapped_air'))->toEqualWithDelta(639.4, 0.2)
        ->and($of([...$foot, 'blocked_pressure' => '5730 kPa'])->figure('hydraulics.trapped_air'))->toEqualWithDelta(639.4, 0.2)
        ->and($of(['blocked_travel' => '12 mm'])->find('hydraulics.trapped_air')?->missing)->toContain('hydraulics.blocked_pressure')
        // 12 − 2 of swelling: five sixths of it.
        ->and($of($foot, ['hose_swelling' => '2 mm'])->figure('hydraulics.trapped_air'))->toEqualWithDelta(639.4 * 10 / 12, 0.2)
        // 3 mm may be the hose where nobody said; with its swelling known it is none.
        ->and($said($of($little)))->toContain('A hose may swell by as much')
        ->and($of($little, ['hose_swelling' => '3 mm'])->find('hydraulics.trapped_air')?->verdict)->toBe(Verdict::Within)
        // 3 mm less 2: 1 ÷ 6 × 0.826 ÷ 2 ÷ 3.5 = 0.02 mm of lift, firm enough.
        ->and($said($of($little, ['hose_swelling' => '2 mm'])))->toContain('firm enough');
});

it('holds what is said to be hard against the travel less free play and hose', function (
    array $hydraulics, array $release, Verdict $verdict,
) {
    $a = Assessment::of(sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave'], 'hydraulics' => ['proof' => 'hard', ...$hydraulics],
        'release' => (object) $release])));
    expect($a->find('hydraulics.proof')?->verdict)->toBe($verdict);
})->with([
    'free play and all' => [['blocked_travel' => '6 mm', 'blocked_from' => 'top'], ['free_play' => '4 mm'], Verdict::Within],
    'more than that' => [['blocked_travel' => '18 mm', 'blocked_from' => 'top'], ['free_play' => '4 mm'], Verdict::Out],
    'a soft hose' => [['blocked_travel' => '5 mm'], ['hose_swelling' => '3 mm'], Verdict::Within],
]);
