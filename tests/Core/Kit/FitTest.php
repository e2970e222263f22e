<?php

declare(strict_types=1);

use Spindle\Kit\Fit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

// Common practice, no source: splines met are 1-1/16 in with 10, 1-1/8 in with 26, 1-1/4 in with 10; they must agree in both.
it('compares splines in number and diameter', function (?int $shaft, ?int $hub, Verdict $expected) {
    expect(Fit::splineCount($shaft, $hub)->verdict)->toBe($expected);
})->with([[26, 26, Verdict::Within], [26, 10, Verdict::Out], [null, 10, Verdict::Unmeasured], [26, null, Verdict::Unmeasured]]);

it('allows splines two tenths', function (float $hub, Verdict $expected) {
    expect(Fit::splineDiameter(Length::inch(1.125), Length::mm($hub), new Display)->verdict)->toBe($expected);
})->with([[28.575, Verdict::Within], [28.7, Verdict::Within], [28.775, Verdict::Within], [28.8, Verdict::Out], [27.0, Verdict::Out]]);

it('wants the lining on the face', function (float $lining, Verdict $expected) {
    expect(Fit::liningOnFlywheel(Length::mm(232), Length::mm($lining), new Display)->verdict)->toBe($expected);
})->with([[228, Verdict::Within], [232, Verdict::Within], [240, Verdict::Out]]);

it('pulls where it must be pulled', function () {
    expect(Fit::releaseDirection(Actuation::Pull, 'pull')->verdict)->toBe(Verdict::Within)
        ->and(Fit::releaseDirection(Actuation::Slave, 'pull')->verdict)->toBe(Verdict::Out)
        ->and(Fit::releaseDirection(null, 'pull')->verdict)->toBe(Verdict::Unmeasured)
        ->and(Fit::releaseDirection(Actuation::Pull, null)->verdict)->toBe(Verdict::Unmeasured);
});

it('puts a rigid hub with a dual-mass flywheel and a sprung one with a solid', function () {
    expect(Fit::damper(FlywheelKind::DualMass, 'rigid')->verdict)->toBe(Verdict::Within)
        ->and(Fit::damper(FlywheelKind::DualMass, 'sprung')->verdict)->toBe(Verdict::Out)
        ->and(Fit::damper(FlywheelKind::Solid, 'rigid')->verdict)->toBe(Verdict::Near)
        ->and(Fit::damper(FlywheelKind::Solid, null)->verdict)->toBe(Verdict::Unmeasured);
});

it('keeps to the class a kit is made for', function () {
    expect(Fit::vehicleClass(VehicleClass::Car, ['car', 'van'])->verdict)->toBe(Verdict::Within)
        ->and(Fit::vehicleClass(VehicleClass::Truck, ['car', 'van'])->verdict)->toBe(Verdict::Out)
        ->and(Fit::vehicleClass(VehicleClass::Truck, [])->verdict)->toBe(Verdict::Unmeasured)
        ->and(Fit::vehicleClass(null, ['car'])->verdict)->toBe(Verdict::Unmeasured);
});
