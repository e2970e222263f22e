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
    'dual-mass sound' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, [], false, Decision::KeepDualMass],
    'dual-mass loose' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Out, [], false, Decision::Replace],
    'dual-mass scored' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['scoring'], true, Decision::Replace],
]);

it('keeps the depth of a pot', fn () => expect(Decision::Grind->instruction(FlywheelKind::Pot))->toContain('same amount')->and(Decision::Grind->instruction(FlywheelKind::Solid))->not->toContain('pot'));
