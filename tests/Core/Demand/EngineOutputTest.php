<?php

declare(strict_types=1);

use Spindle\Demand\Duty;
use Spindle\Demand\EngineOutput;
use Spindle\Demand\MeasuredAt;
use Spindle\Quantity\Power;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;

// Source: Khurmi & Gupta, A Textbook of Machine Design, ch. 24, worked example: 110 kW at 1250 rpm is 840 N·m; from memory, recomputed.
it('turns power at a speed into torque', function () {
    expect(EngineOutput::ofPower(Power::in(110, 'kW'), Speed::rpm(1250))->peak->value)->toEqualWithDelta(840, 0.5);
});

// Source: the constants 9549.3 (kW, rpm, N·m) and 5252.1 (hp, rpm, lbf·ft) of any engineering table.
it('agrees with the constants of the trade', function () {
    expect(EngineOutput::ofPower(Power::in(1, 'kW'), Speed::rpm(1))->peak->value)->toEqualWithDelta(9549.3, 0.05)
        ->and(EngineOutput::ofPower(Power::in(1, 'hp'), Speed::rpm(1))->peak->as('lbf·ft'))->toEqualWithDelta(5252.1, 0.05);
});

it('takes the greatest torque of a curve, wherever the power peaks', function () {
    $curve = [[Speed::rpm(1500), Torque::Nm(230)], [Speed::rpm(1900), Torque::Nm(270)], [Speed::rpm(3800), Torque::Nm(205)]];

    expect(EngineOutput::ofCurve($curve)->peak->value)->toBe(270.0);
});

it('corrects for the driveline and for a modification', function () {
    $engine = EngineOutput::ofTorque(Torque::Nm(170));

    expect($engine->behindLoss(MeasuredAt::WheelsTwo->loss())->peak->value)->toEqualWithDelta(200, 1e-9)
        ->and($engine->behindLoss(MeasuredAt::WheelsFour->loss())->peak->value)->toEqualWithDelta(170 / 0.78, 1e-9)
        ->and($engine->behindLoss(MeasuredAt::Crank->loss())->raisedBy(Ratio::of(0.1))->peak->value)->toEqualWithDelta(187, 1e-9);
});

it('gives no torque without a speed, and no correction by a driveline that eats everything', function (Closure $wrong) {
    expect($wrong)->toThrow(DomainException::class);
})->with([
    'no speed' => [fn () => EngineOutput::ofPower(Power::in(110, 'kW'), Speed::rpm(0))],
    'all lost' => [fn () => EngineOutput::ofTorque(Torque::Nm(1))->behindLoss(Ratio::of(1.0))],
]);

// The range 1.2 to 2.5 is common practice, no source; the single figures are from memory.
it('asks a reserve between one and a fifth and two and a half, below where it turns harsh', function (Duty $duty) {
    expect($duty->reserve()->value)->toBeGreaterThanOrEqual(1.2)->toBeLessThanOrEqual(2.5)
        ->and($duty->harshAbove()->value)->toBeGreaterThan($duty->reserve()->value)
        ->and($duty->label())->not->toBe('')->and($duty->starts())->not->toBe('');
})->with(Duty::cases());
