<?php

declare(strict_types=1);

use Spindle\Inspection\Flywheel\FlywheelDecision as Decision;
use Spindle\Inspection\Flywheel\FlywheelSentences;
use Spindle\Inspection\Flywheel\FlywheelState;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Vehicle\FlywheelKind;

// Common practice, no source: spots are ground, a crack ends a flywheel, a dual-mass one is never machined; where the trade
// is of two minds about a lathe, both schools are kept.
it('decides what is done with a flywheel', function (
    FlywheelKind $kind,
    Verdict $face,
    Verdict $body,
    array $conditions,
    bool $lathe,
    Decision $expected,
) {
    $decision = Decision::of(new FlywheelState($kind, $face, $body, $conditions, $lathe, Length::mm(0.2), Length::mm(0.5)));

    expect($decision)->toBe($expected)->and(FlywheelSentences::instruction($decision, $kind))->not->toBe('');
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
    'crack to an edge' => [
        FlywheelKind::Solid,
        Verdict::Within,
        Verdict::Within,
        ['open_crack', Decision::CUT_AWAY],
        false,
        Decision::Replace,
    ],
    'bolt holes gone' => [FlywheelKind::Pot, Verdict::Within, Verdict::Within, ['bolt_holes'], false, Decision::Replace],
    'not made for the speed' => [FlywheelKind::Solid, Verdict::Within, Verdict::Within, ['not_rated'], false, Decision::Replace],
    'dual-mass noisy' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['noisy'], false, Decision::Replace],
    'dual-mass grease thrown' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['grease_thrown'], false, Decision::Replace],
    'dual-mass sound' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, [], false, Decision::KeepDualMass],
    'dual-mass loose' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Out, [], false, Decision::Replace],
    'dual-mass scored' => [FlywheelKind::DualMass, Verdict::Within, Verdict::Within, ['scoring'], true, Decision::Replace],
]);

it(
    'keeps the depth of a pot',
    fn () => expect(FlywheelSentences::instruction(Decision::Grind, FlywheelKind::Pot))
        ->toContain('same amount')
        ->and(FlywheelSentences::instruction(Decision::Grind, FlywheelKind::Solid))
        ->not->toContain('pot'),
);

it('replaces where there is no room for the cut it needs, or it is at its least already', function (
    float $needed,
    ?float $room,
    array $seen,
    Verdict $face,
    ?Decision $expected,
) {
    expect(
        Decision::of(new FlywheelState(
            FlywheelKind::Solid, $face, Verdict::Near, $seen, false, Length::mm($needed), $room === null ? null : Length::mm($room),
        )),
    )->toBe($expected);
})->with([
    'room and to spare' => [0.3, 0.31, [], Verdict::Out, Decision::Grind],
    'just room' => [0.3, 0.3, [], Verdict::Out, Decision::Grind],
    'just no room' => [0.3, 0.29, [], Verdict::Out, Decision::Replace],
    'spots without room' => [0.1, 0.05, ['heat_spots'], Verdict::Within, Decision::Replace],
    'no cut needed' => [0.3, 0.05, [], Verdict::Within, Decision::Scuff],
    'at its least, no cut needed' => [0.0, 0.0, [], Verdict::Within, Decision::Replace],
    'room not known, metal has to come off' => [0.3, null, [], Verdict::Out, null],
    'room not known, spots' => [0.1, null, ['heat_spots'], Verdict::Within, null],
    'room not known, nothing has to come off' => [0.0, null, [], Verdict::Within, Decision::Scuff],
    'room not known, and it ends all the same' => [0.3, null, ['open_crack'], Verdict::Out, Decision::Replace],
]);

it('cleans the seat before it grinds a face that only stands askew', function () {
    $of = static fn (array $seen, float $room): ?Decision => Decision::of(new FlywheelState(
        FlywheelKind::Solid, Verdict::Out, Verdict::Within, $seen, true, Length::mm(0.3), Length::mm($room), true,
    ));

    expect($of([], 0.5))
        ->toBe(Decision::Reseat)
        ->and($of([], 0.1))
        ->toBe(Decision::Reseat)
        ->and($of(['heat_spots'], 0.5))
        ->toBe(Decision::Grind)
        ->and(Decision::Reseat->verdict())
        ->toBe(Verdict::Unmeasured)
        ->and(FlywheelSentences::instruction(Decision::Reseat, FlywheelKind::Solid))
        ->toContain('clean its seat');
});

it(
    'is out only where the flywheel is not kept',
    fn () => expect(
        array_map(static fn (Decision $d): Verdict => $d->verdict(), [
            Decision::Scuff,
            Decision::Grind,
            Decision::Turn,
            Decision::Replace,
            Decision::KeepDualMass,
        ]),
    )->toBe([Verdict::Within, Verdict::Near, Verdict::Near, Verdict::Out, Verdict::Within]),
);
