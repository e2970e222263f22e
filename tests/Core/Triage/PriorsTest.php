<?php

declare(strict_types=1);

use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Priors;
use Spindle\Triage\Situation;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/*
 * Priors follow class, actuation and age. Directions are common practice, no source: a stored tractor rusts on, a cable runs
 * tight, a concentric bearing leaks, linings wear with distance or hours.
 */

/** How likely a cause is before anything was said. */
function beforehand(string $cause, Situation $situation): float
{
    return Diagnosis::of($situation, new Evidence)->chanceOf($cause);
}

it('starts from how common a cause is on such a vehicle', function (string $cause, Situation $more, Situation $less) {
    expect(beforehand($cause, $more))->toBeGreaterThan(beforehand($cause, $less));
})->with([
    'lining rusted on: a tractor stands all winter' => ['rusted', new Situation(VehicleClass::Tractor), new Situation(VehicleClass::Car)],
    'oil: a tractor is greased by hand' => ['oil_on_lining', new Situation(VehicleClass::Tractor), new Situation(VehicleClass::Van)],
    'worn damper: slow, strong pulses' => [
        'damper',
        new Situation(VehicleClass::Truck, Actuation::Pull),
        new Situation(VehicleClass::Car, Actuation::Pull),
    ],
    'held off: a cable runs tight' => [
        'held_off',
        new Situation(VehicleClass::Car, Actuation::Cable),
        new Situation(VehicleClass::Car, Actuation::Rod),
    ],
    'leak: a concentric bearing' => [
        'slave_leak',
        new Situation(VehicleClass::Car, Actuation::Concentric),
        new Situation(VehicleClass::Car, Actuation::Slave),
    ],
    'wear: many kilometres' => [
        'lining_worn',
        new Situation(VehicleClass::Car, null, null, Distance::km(150_000)),
        new Situation(VehicleClass::Car, null, null, Distance::km(60_000)),
    ],
    'wear: many hours' => [
        'lining_worn',
        new Situation(VehicleClass::Tractor, null, null, null, Duration::hours(6000)),
        new Situation(VehicleClass::Tractor, null, null, null, Duration::hours(1000)),
    ],
    'wear: hardly any hours' => [
        'lining_worn',
        new Situation(VehicleClass::Tractor),
        new Situation(VehicleClass::Tractor, null, null, null, Duration::hours(50)),
    ],
    'a truck is not old where a car is' => [
        'lining_worn',
        new Situation(VehicleClass::Car, null, null, Distance::km(150_000)),
        new Situation(VehicleClass::Truck, null, null, Distance::km(150_000)),
    ],
]);

it('turns old and young at its edges', function (float $km, float $factor) {
    expect(Priors::byAge(Distance::km($km), null, VehicleClass::Car))->toBe($factor);
})->with([[15_000, 0.2], [15_001, 1.0], [119_999, 1.0], [120_000, 3.0]]);

it('takes the distance where both are known, and nothing for granted where neither is', function () {
    expect(Priors::byAge(Distance::km(60_000), Duration::hours(9_000), VehicleClass::Truck))->toBe(1.0)
        ->and(Priors::byAge(null, null, VehicleClass::Car))->toBe(1.0);
});

it('names only causes there are', function () {
    foreach (Priors::table() as $kind => $factors) {
        expect(VehicleClass::tryFrom($kind) ?? Actuation::tryFrom($kind))->not->toBeNull();
        foreach ($factors as $cause => $factor) {
            expect(isset(Causes::all()[$cause]))->toBeTrue($cause)->and($factor)->toBeGreaterThan(0.0);
        }
    }
});
