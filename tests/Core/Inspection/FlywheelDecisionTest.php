<?php

declare(strict_types=1);

use Spindle\Inspection\FlywheelDecision as Decision;
use Spindle\Limit\Verdict;
use Spindle\Vehicle\FlywheelKind;

// Common practice, no source: spots are ground, a crack ends a flywheel, a dual-mass one is never machined; where the trade
// is of two minds about a lathe, both schools are kept.
it('decides what is done with a flywheel', function (FlywheelKind $kind, Verdict $face, Verdict $body, array $conditions, bool $lathe, Decision $expected) {
    $decision = Decision::of($kind, $face, $body, $conditions, $lathe);

    expect($decision)->toBe($expected)->and($decision->instruction($kind))->not->toBe('');
})->with([
    'clean' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, [], false, Decision::Scuff],
    'faint marks' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['faint_marks'], false, Decision::Scuff],
    'near is not yet machined' => [FlywheelKind::Solid, Verdict::Near, Verdict::Near, [], false, Decision::Scuff],
    'spots' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['heat_spots'], false, Decision::Grind],
    'spots, lathe school' => [FlywheelKind::Solid, Verdict::Out, Verdict::Within, ['heat_spots'], true, Decision::Grind],
    'dished' => [FlywheelKind::Solid, Verdict::Out, Verdict::Within, [], false, Decision::Grind],
    'dished, lathe school' => [FlywheelKind::Solid, Verdict::Out, Verdict::Within, [], true, Decision::Turn],
    'too thin' => [FlywheelKind::Pot, Verdict::Out, Verdict::Out, [], false, Decision::Replace],
    'cracked' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['cracks'], false, Decision::Replace],
    'ring gear gone' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['ring_gear'], false, Decision::Replace],
    'cracks, cut away' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, [Decision::CUT_AWAY], true, Decision::Grind],
    'crack to an edge' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['open_crack', Decision::CUT_AWAY], false, Decision::Replace],
    'bolt holes gone' => [FlywheelKind::Pot, Verdict::Within, Verdict::Within, ['bolt_holes'], false, Decision::Replace],
    'not made for the speed' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['not_rated'], false, Decision::Replace],
    'dual-mass noisy' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['noisy'], false, Decision::Replace],
    'dual-mass grease thrown' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['grease_thrown'], false, Decision::Replace],
    'dual-mass sound' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, [], false, Decision::KeepDualMass],
    'dual-mass loose' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Out, [], false, Decision::Replace],
    'dual-mass scored' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['scoring'], true, Decision::Replace],
]);

it('keeps the depth of a pot', fn () => expect(Decision::Grind->instruction(FlywheelKind::Pot))->toContain('same amount')->and(Decision::Grind->instruction(FlywheelKind::Solid))->not->toContain('pot'));

it('replaces what would need a deeper cut than may be taken, but never without need of a cut', function () {
    $of = static fn (Verdict $face, array $seen, bool $tooThin): Decision => Decision::of(FlywheelKind::Solid, $face, Verdict::Near, $seen, false, $tooThin);

    expect($of(Verdict::Out, [], true))->toBe(Decision::Replace)
        ->and($of(Verdict::Within, ['heat_spots'], true))->toBe(Decision::Replace)
        ->and($of(Verdict::Within, [], true))->toBe(Decision::Scuff)
        ->and($of(Verdict::Out, [], false))->toBe(Decision::Grind);
});

it('cleans the seat before it grinds a face that only stands askew', function () {
    $of = static fn (array $seen, bool $tooThin): Decision => Decision::of(FlywheelKind::Solid, Verdict::Out, Verdict::Within, $seen, true, $tooThin, true);

    expect($of([], false))->toBe(Decision::Reseat)->and($of([], true))->toBe(Decision::Reseat)->and($of(['heat_spots'], false))->toBe(Decision::Grind)
        ->and(Decision::Reseat->isWork())->toBeTrue()->and(Decision::Reseat->instruction(FlywheelKind::Solid))->toContain('clean its seat');
});
