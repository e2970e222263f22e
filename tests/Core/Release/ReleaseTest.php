<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Hydraulics\TrappedAir;
use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
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
use Spindle\Release\TravelInHand;
use Spindle\Release\TruckLinkage;
use Spindle\Release\TruckReading;
use Spindle\Release\TruckReadings;
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

it('comes back to the bearing travel that gave the gap', function () {
    $this->forAll(choose(85, 140), choose(0, 20))->then(function (int $pedal, int $freePlay): void {
        $chain = chain($freePlay);
        $gap = $chain->airGapAt(Length::mm($pedal));
        if ($gap->value > 0.0) {
            expect($chain->bearingTravelFor($gap->over(2))->value)
                ->toEqualWithDelta($chain->bearingTravelAt(Length::mm($pedal))->value, 1e-9);
        }
        expect($chain->bearingTravelAt(Length::mm($pedal + 1))->value)->toBeGreaterThanOrEqual(
            $chain->bearingTravelAt(Length::mm($pedal))->value,
        );
    });
});

it('has no take-up when the floor comes first', function () {
    expect(chain(travel: 70)->takeUp())
        ->toBeNull()
        ->and(chain(travel: 70)->takeUpFromFloor())
        ->toBeNull()
        ->and(chain(travel: 70)->airGap()->value)
        ->toBe(0.0);
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
    'fingers' => [fn () => TravelInHand::ofConcentric(Length::mm(4))->wearBudget(Ratio::of(0))],
    'pitch' => [fn () => PedalCorrection::turns(Length::mm(4), Length::mm(4), Length::mm(0))],
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
    expect(PedalCorrection::turns(Length::mm($play), Length::mm(10), Length::mm(5 * 1.25))->value)->toEqualWithDelta(
        $turns,
        1e-9,
    );
})->with([[22.5, 2.0], [10, 0.0], [3.75, -1.0]]);

// Common practice, no source: brake first; ½ in to the brake, ⅛ in at the fork, 1½ to 2½ in free pedal are right.
/*
 * Bands of common practice (no source; outer edges from memory): gap 12.2 to 14.3 mm, fork play 2.5 to 4 mm, free pedal 38 to 64 mm.
 * The calliper of these readings is trusted to 0.03 mm.
 */

/**
 * @param  array{float, float, float}  $mm  gap, fork play, free pedal
 * @param  array{float, float, float}  $doubt  of each
 */
function truckReadings(array $mm, array $doubt, bool $self = false): TruckReadings
{
    $reading = static fn (int $i, string $key, Instrument $better): TruckReading => new TruckReading(
        $key, Length::mm($mm[$i]), Subjects::dictionary()->practice->find($key, VehicleClass::Truck) ?? throw new LogicException($key),
        Length::mm($doubt[$i]), $better,
    );

    return new TruckReadings(
        $self, $reading(0, 'truck.bearing_gap', Instrument::GaugeBar), $reading(1, 'truck.fork_play', Instrument::FeelerGauge),
        $reading(2, 'truck.free_pedal', Instrument::Calliper),
    );
}

it('reads the truck case as the trade does', function (
    float $gap,
    float $fork,
    float $pedal,
    TruckLinkage $expected,
    ?int $notches,
    bool $self = false,
) {
    $read = truckReadings([$gap, $fork, $pedal], [0.03, 0.03, 0.03], $self);
    $action = TruckLinkage::read($read);

    expect($action)->toBe($expected)->and($action->notches($read->gap->value, $read->gap->band))->toBe($notches);
})->with([
    'right' => [13.2, 3.2, 50, TruckLinkage::None, null],
    'right, just inside every band' => [12.24, 2.54, 38.04, TruckLinkage::None, null],
    'worn lining' => [19.05, 0.8, 15, TruckLinkage::RingIn, 12],
    'worn lining, just over the band' => [14.34, 2.4, 37, TruckLinkage::RingIn, 2],
    'over-adjusted' => [9.5, 6.35, 76, TruckLinkage::RingOut, 8],
    'gap high and fork right: ring and rod' => [16.0, 3.2, 50, TruckLinkage::RingThenRod, 6],
    'gap high and fork large: ring and rod' => [16.0, 6.0, 50, TruckLinkage::RingThenRod, 6],
    'gap low and fork small: ring and rod' => [9.7, 1.0, 20, TruckLinkage::RingThenRod, 7],
    'gap high and fork small, whatever the pedal' => [16.0, 1.0, 80, TruckLinkage::RingIn, 6],
    'linkage short' => [13.2, 0, 0, TruckLinkage::Linkage, null],
    'linkage long' => [13.2, 6, 50, TruckLinkage::Linkage, null],
    'pins worn' => [13.2, 3.2, 76, TruckLinkage::ReplaceLinkage, null],
    'pedal tight' => [13.2, 3.2, 25, TruckLinkage::StopOrBind, null],
    'gap at its edge' => [12.21, 3.2, 50, TruckLinkage::MeasureAgain, null],
    'gap just outside its edge' => [12.18, 3.2, 50, TruckLinkage::MeasureAgain, null],
    'fork at its edge' => [13.2, 4.01, 50, TruckLinkage::MeasureAgain, null],
    'pedal at its edge' => [13.2, 3.2, 63.98, TruckLinkage::MeasureAgain, null],
    'self-adjusting and worn: never the ring' => [19.05, 0.8, 15, TruckLinkage::ResetAdjuster, null, true],
    'self-adjusting and right' => [13.2, 3.2, 50, TruckLinkage::None, null, true],
    'self-adjusting with a long rod' => [13.2, 6, 50, TruckLinkage::Linkage, null, true],
]);

it('reads half an inch, an eighth and two inches for right, by a steel rule too', function () {
    // 12.7 − 0.5, 3.175 ± 0.5 and 50.8 ± 0.5 mm lie in their bands.
    expect(TruckLinkage::read(truckReadings([12.7, 3.175, 50.8], [0.5, 0.5, 0.5])))->toBe(TruckLinkage::None);
});

it('asks for the one reading that could lead to another action, and for that only', function (
    array $mm, array $doubt, TruckLinkage $action, ?string $again,
) {
    $read = truckReadings($mm, $doubt);
    expect(TruckLinkage::read($read))->toBe($action)->and($read->doubtful()?->key)->toBe($again);
})->with([
    'the pedal by a rule' => [[13.2, 3.2, 63.8], [0.1, 0.1, 0.5], TruckLinkage::MeasureAgain, 'truck.free_pedal'],
    'the fork by a rule' => [[13.2, 3.9, 50], [0.5, 0.5, 0.5], TruckLinkage::MeasureAgain, 'truck.fork_play'],
    'the gap by a rule' => [[12.4, 3.2, 50], [0.5, 0.1, 0.5], TruckLinkage::MeasureAgain, 'truck.bearing_gap'],
    // The fork says what is to be done however the pedal is read.
    'a doubtful pedal that changes nothing' => [[13.2, 6.0, 63.9], [0.1, 0.1, 0.5], TruckLinkage::Linkage, null],
    'a doubtful pedal beside a worn lining' => [[19.05, 0.8, 38], [0.5, 0.5, 0.5], TruckLinkage::RingIn, null],
]);

it('names the reading and what reads it better, and takes its word once it was so read', function () {
    $truck = static fn (string $gap, array $with) => Assessment::of(sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'truck', 'actuation' => 'pull', 'adjusting' => 'manual'],
        'readings' => ['truck.brake' => 'good', 'truck.bearing_gap' => $gap, 'truck.fork_play' => '1/8 in', 'truck.free_pedal' => '2 in'],
        'instruments' => (object) $with,
    ])))->find('truck.action');

    expect($truck('1/2 in', [])?->verdict)->toBe(Verdict::Within)
        ->and($truck('12.4 mm', [])?->verdict)->toBe(Verdict::Near)
        ->and(plain((string) $truck('12.4 mm', [])?->say(metric())))->toContain('take it again with a gauge bar before anything is turned')
        ->and($truck('12.4 mm', ['truck.bearing_gap' => 'gauge_bar'])?->verdict)->toBe(Verdict::Within)
        ->and($truck('12.1 mm', ['truck.bearing_gap' => 'gauge_bar'])?->verdict)->toBe(Verdict::Out);
});

it('gives no notches without both ends of the band', function () {
    $atMost = Limit::atMost('truck.bearing_gap', Length::mm(14.3), LimitSource::Maker);
    expect(TruckLinkage::RingIn->notches(Length::mm(19), $atMost))->toBeNull()
        ->and(TruckLinkage::RingIn->verdict())->toBe(Verdict::Out);
});

// Source: Boyle's law; 1 cm³ at 1 bar gauge (201.325 kPa absolute) fills 2.013… cm³ times (p + p₀)/p at the atmosphere.
it('turns a soft pedal into a volume of air', function () {
    $air = TrappedAir::volume(Length::mm(30), Ratio::of(6), Length::mm(20), Pressure::kPa(1000));

    expect($air->value)->toEqualWithDelta(5 * M_PI / 4 * 400 * 1101.325 / 1000, 1e-6);
});
