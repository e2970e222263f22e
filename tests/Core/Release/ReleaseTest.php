<?php

declare(strict_types=1);

use Spindle\Hydraulics\TrappedAir;
use Spindle\Limit\PracticeLimits;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Release\BearingClearance;
use Spindle\Release\PedalCorrection;
use Spindle\Release\ReleaseChain;
use Spindle\Release\ShimPack;
use Spindle\Release\SlaveCylinder;
use Spindle\Release\Transmission;
use Spindle\Release\TruckLinkage;
use Spindle\Vehicle\VehicleClass;

use function Eris\Generator\choose;

uses(Eris\TestTrait::class);

function chain(float $freePlay = 8, float $travel = 140, int $discs = 1, ?Transmission $between = null): ReleaseChain
{
    return new ReleaseChain(
        Length::mm($travel), Ratio::of(6), Length::mm($freePlay),
        $between ?? Transmission::hydraulic(Length::mm(15.87), SlaveCylinder::round(Length::mm(20.64)), Ratio::of(0)),
        Ratio::of(1.9), Length::mm(1.5), Ratio::of(3.8), Length::mm(0), Length::mm(0.6), $discs,
    );
}

// Worked from the formulas: travel 140, ratio 6, free play 8, bores 15.87/20.64, fork 1.9, clearance 1.5, fingers 3.8, cushion 0.6.
it('works the chain from pad to plate', function () {
    expect(chain()->bearingTravel()->value)->toEqualWithDelta(5.345, 0.001)
        ->and(chain()->lift()->value)->toEqualWithDelta(1.407, 0.001)
        ->and(chain()->airGap()->value)->toEqualWithDelta(0.807, 0.001)
        ->and(chain()->airGapFace()->value)->toEqualWithDelta(0.403, 0.001)
        ->and(chain()->takeUp()?->value)->toEqualWithDelta(59.1 + 21.8, 0.1)
        ->and(chain()->takeUpFromFloor()?->value)->toEqualWithDelta(0.422, 0.0005)
        ->and(chain()->pedalForce(Force::N(1500), Ratio::of(0.85))->value)->toEqualWithDelta(91.5, 0.05)
        ->and(chain()->linePressure(Force::N(1500))?->value)->toEqualWithDelta(2360, 1);
});

it('comes back to the pedal position it started from', function () {
    $this->forAll(choose(85, 140), choose(0, 20))->then(function (int $pedal, int $freePlay): void {
        $chain = chain($freePlay);
        $gap = $chain->airGapAt(Length::mm($pedal));
        if ($gap->value > 0.0) {
            expect($chain->pedalForAirGap($gap)->value)->toEqualWithDelta($pedal, 1e-6);
        }
        expect($chain->bearingTravelAt(Length::mm($pedal + 1))->value)->toBeGreaterThanOrEqual($chain->bearingTravelAt(Length::mm($pedal))->value);
    });
});

it('has no take-up when the floor comes first', function () {
    expect(chain(travel: 70)->takeUp())->toBeNull()->and(chain(travel: 70)->takeUpFromFloor())->toBeNull()->and(chain(travel: 70)->airGap()->value)->toBe(0.0);
});

it('works a cable by its linkage and a concentric slave by its ring', function () {
    $cable = chain(between: Transmission::mechanical(Ratio::of(1.0)));
    $ring = SlaveCylinder::annular(Length::mm(46), Length::mm(34.5));

    expect($cable->bearingTravel()->value)->toEqualWithDelta(132 / 6 / 1.9 - 1.5, 1e-9)
        ->and($cable->linePressure(Force::N(1500)))->toBeNull()
        ->and($ring->diameterSquared())->toEqualWithDelta(46 ** 2 - 34.5 ** 2, 1e-9)
        ->and($ring->area()->value)->toEqualWithDelta(M_PI / 4 * (46 ** 2 - 34.5 ** 2), 1e-9);
});

it('conserves work from pad to bearing when nothing is lost', function () {
    $perfect = chain(freePlay: 0);
    $perMillimetre = $perfect->bearingTravelAt(Length::mm(121))->minus($perfect->bearingTravelAt(Length::mm(120)))->value;

    expect($perfect->pedalForce(Force::N(1500), Ratio::of(1))->value)->toEqualWithDelta(1500 * $perMillimetre, 1e-9);
});

it('refuses ratios and bores that cannot be', function (Closure $wrong) {
    expect($wrong)->toThrow(DomainException::class);
})->with([
    'linkage' => [fn () => Transmission::mechanical(Ratio::of(0))],
    'bore' => [fn () => SlaveCylinder::round(Length::mm(0))],
    'ring' => [fn () => SlaveCylinder::annular(Length::mm(30), Length::mm(40))],
    'loss' => [fn () => Transmission::hydraulic(Length::mm(15), SlaveCylinder::round(Length::mm(20)), Ratio::of(1))],
    'discs' => [fn () => chain(discs: 0)],
    'efficiency' => [fn () => chain()->pedalForce(Force::N(1), Ratio::of(0))],
    'fingers' => [fn () => BearingClearance::wearBudget(Length::mm(4), Ratio::of(0))],
    'pitch' => [fn () => PedalCorrection::turns(Length::mm(4), Length::mm(4), Ratio::of(4), Length::mm(0))],
    'pressure' => [fn () => TrappedAir::volume(Length::mm(4), Ratio::of(4), Length::mm(15), Pressure::kPa(0))],
]);

// Common practice, no source: mean of three 2.726 in less 2.562 in is 0.164 in, 0.014 in over the target of 0.150 in: no shim.
it('measures the clearance and leaves it where no shim is due', function () {
    $gap = BearingClearance::ofDepths(array_map(Length::inch(...), [2.724, 2.726, 2.728]), [Length::inch(2.562)]);

    expect($gap->clearance()->as('in'))->toEqualWithDelta(0.164, 1e-9)
        ->and($gap->spread()->as('in'))->toEqualWithDelta(0.004, 1e-9)
        ->and($gap->clearance()->minus(Length::mm(BearingClearance::TARGET))->as('in'))->toEqualWithDelta(0.014, 1e-9)
        ->and(ShimPack::choose($gap->clearance(), Length::mm(BearingClearance::TARGET), ShimPack::usualStock())->shims)->toBe([]);
});

it('chooses the pack nearest to the target', function (float $clearance, array $pack) {
    $shims = ShimPack::choose(Length::mm($clearance), Length::mm(3.8), ShimPack::usualStock())->shims;

    expect(array_map(static fn (Length $s): float => $s->value, $shims))->toEqualWithDelta($pack, 1e-9);
})->with([
    [2.0, []], [3.8, []], [4.6, [0.8]], [5.4, [1.6]], [6.1, [2.3]], [6.9, [2.3, 0.8]], [8.4, [2.3, 2.3]], [4.19, []],
]);

it('never goes further below the target than allowed, and never worse than no shim', function () {
    $this->forAll(choose(0, 15000))->then(function (int $micrometres): void {
        $clearance = $micrometres / 1000;
        $left = $clearance - ShimPack::choose(Length::mm($clearance), Length::mm(3.8), ShimPack::usualStock())->thickness()->value;
        expect(abs($left - 3.8))->toBeLessThanOrEqual(abs($clearance - 3.8) + 1e-9);
        if ($clearance > 3.8) {
            expect($left)->toBeGreaterThanOrEqual(3.4 - 1e-9);
        }
    });
});

it('finds the same pack as trying every one', function () {
    $this->forAll(choose(3000, 9000))->then(function (int $micrometres): void {
        $best = INF;
        for ($a = 0; $a <= 8; $a++) {
            for ($b = 0; $b <= 4; $b++) {
                for ($c = 0; $c <= 3; $c++) {
                    $off = $micrometres - 800 * $a - 1600 * $b - 2300 * $c - 3800;
                    $best = $off >= -400 || ($a + $b + $c) === 0 ? min($best, abs($off)) : $best;
                }
            }
        }
        $pack = ShimPack::choose(Length::mm($micrometres / 1000), Length::mm(3.8), ShimPack::usualStock())->thickness()->value;
        expect(abs($micrometres / 1000 - $pack - 3.8))->toEqualWithDelta($best / 1000, 1e-9);
    });
});

it('gives the turns of the rod with their sign', function (float $play, float $turns) {
    expect(PedalCorrection::turns(Length::mm($play), Length::mm(10), Ratio::of(5), Length::mm(1.25))->value)->toEqualWithDelta($turns, 1e-9);
})->with([[22.5, 2.0], [10, 0.0], [3.75, -1.0]]);

// Common practice, no source: brake first; ½ in to the brake, ⅛ in at the fork, 1½ to 2½ in free pedal are right.
it('reads the truck case as the trade does', function (bool $brake, float $gap, float $fork, float $pedal, TruckLinkage $expected, int $notches) {
    $band = static fn (string $name) => PracticeLimits::find($name, VehicleClass::Truck) ?? throw new LogicException($name);
    $action = TruckLinkage::read($brake, Length::inch($gap), $band('truck.bearing_gap'), Length::inch($fork), $band('truck.fork_play'), Length::inch($pedal), $band('truck.free_pedal'));

    expect($action)->toBe($expected)->and($action->notches(Length::inch($gap), $band('truck.bearing_gap')))->toBe($notches)->and($action->instruction())->not->toBe('');
})->with([
    'right' => [true, 0.5, 0.125, 2, TruckLinkage::None, 0],
    'brake gone' => [false, 0.5, 0.125, 2, TruckLinkage::ReplaceBrake, 0],
    'worn lining' => [true, 0.75, 0.03, 0.6, TruckLinkage::RingIn, 12],
    'over-adjusted' => [true, 0.375, 0.25, 3, TruckLinkage::RingOut, 7],
    'linkage short' => [true, 0.5, 0, 0, TruckLinkage::Linkage, 0],
    'pins worn' => [true, 0.5, 0.125, 3, TruckLinkage::ReplaceLinkage, 0],
    'pedal tight' => [true, 0.5, 0.125, 1, TruckLinkage::Linkage, 0],
]);

// Source: Boyle's law; 1 cm³ at 1 bar gauge (201.325 kPa absolute) fills 2.013… cm³ times (p + p₀)/p at the atmosphere.
it('turns a soft pedal into a volume of air', function () {
    $air = TrappedAir::volume(Length::mm(30), Ratio::of(6), Length::mm(20), Pressure::kPa(1000));

    expect($air->value)->toEqualWithDelta(5 * M_PI / 4 * 400 * 1101.325 / 1000, 1e-6);
});
