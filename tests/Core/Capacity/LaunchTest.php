<?php

declare(strict_types=1);

use Spindle\Capacity\FrictionFaces;
use Spindle\Capacity\Launch;
use Spindle\Capacity\Lining;
use Spindle\Capacity\Material;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;

function launch(float $clutch = 180, float $load = 20): Launch
{
    return Launch::of(
        Launch::inertiaAtClutch(Mass::kg(1400), Length::mm(300), Ratio::of(3.6 * 4.1)), Speed::rpm(2000), Torque::Nm($clutch),
        Torque::Nm($load),
    );
}

// Worked from the formulas: 1400 kg, 0.30 m, 3.6 × 4.1, 2000 rpm, 180 N·m against 20 N·m, on 240/160 with both faces.
it('works a start from rest through', function () {
    $lining = Lining::ring(Length::mm(240), Length::mm(160));

    expect(launch()->inertia->value)->toEqualWithDelta(0.578, 0.0005)
        ->and(launch()->energy()->value)->toEqualWithDelta(14270, 5)
        ->and(launch()->energyPerArea($lining->area(), FrictionFaces::ofDiscs(1))->value)->toEqualWithDelta(28.4, 0.05)
        ->and(launch()->plateRise(Mass::kg(5), FrictionFaces::ofDiscs(1))->value)->toEqualWithDelta(0.5 * 14270 / 5 / 500, 0.01)
        // Two discs: four faces share the heat.
        ->and(launch()->plateRise(Mass::kg(5), FrictionFaces::ofDiscs(2))->value)->toEqualWithDelta(0.25 * 14270 / 5 / 500, 0.01);
});

// Conservation of energy, an independent way: step the motion in small times and add up slip torque × slip speed.
it('agrees with the motion worked step by step', function () {
    $launch = launch();
    [$engine, $shaft, $time, $heat, $step] = [2000 * 2 * M_PI / 60, 0.0, 0.0, 0.0, 1e-5];
    while ($shaft < $engine) {
        $heat += 180 * ($engine - $shaft) * $step;
        $shaft += (180 - 20) / $launch->inertia->value * $step;
        $time += $step;
    }

    expect($launch->slipTime()->as('s'))->toEqualWithDelta($time, 1e-4)
        ->and($launch->energy()->value)->toEqualWithDelta($heat, 5);
});

it('does not move off when the clutch carries no more than the load', function (float $clutch) {
    expect(launch($clutch)->movesOff())
        ->toBeFalse()
        ->and(fn () => launch($clutch)->energy())
        ->toThrow(DomainException::class, 'does not move off');
})->with([20.0, 19.0]);

it('says how long a hill may be held on the clutch', function () {
    $lining = Lining::ring(Length::mm(240), Length::mm(160));
    $time = launch()->holdingTime(Material::Organic->heatLimit(), $lining->area(), FrictionFaces::ofDiscs(1));

    // 120 J/cm² on 2 × 251.3 cm², taken at 20 N·m × 209.4 rad/s.
    expect($time?->as('s'))->toEqualWithDelta(120 * 502.65 / (20 * 209.44), 0.01)
        ->and(launch(180, 0)->holdingTime(Material::Organic->heatLimit(), $lining->area(), FrictionFaces::ofDiscs(1)))->toBeNull();
});

it('wants a gear', fn () => Launch::inertiaAtClutch(Mass::kg(1), Length::mm(1), Ratio::of(0)))->throws(
    DomainException::class,
);
