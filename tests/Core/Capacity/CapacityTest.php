<?php

declare(strict_types=1);

use Spindle\Capacity\CapacityError;
use Spindle\Capacity\ClaimedRating;
use Spindle\Capacity\ClampLoad;
use Spindle\Capacity\DiscSpring;
use Spindle\Capacity\FrictionFaces;
use Spindle\Capacity\Lining;
use Spindle\Capacity\Material;
use Spindle\Capacity\SpringKind;
use Spindle\Capacity\TorqueCapacity;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Stiffness;
use Spindle\Quantity\Torque;

use function Eris\Generator\choose;

uses(Eris\TestTrait::class);

function ring(float $outer, float $inner, float $coverage = 1.0): Lining
{
    return Lining::ring(Length::mm($outer), Length::mm($inner), Ratio::of($coverage));
}

// Source: Budynas & Nisbett, Shigley's Mechanical Engineering Design, end-of-chapter problem in ch. 16: one pair of faces,
// 300 mm outer, 225 mm inner, μ 0.25, 5 kN; from memory, recomputed. A disc has two such pairs.
it('agrees with the textbook plate clutch', function () {
    $lining = ring(300, 225);
    $capacity = new TorqueCapacity(FrictionFaces::ofDiscs(1), $lining);

    expect($capacity->runIn(Ratio::of(0.25), Force::N(5000))->value)->toEqualWithDelta(2 * 164, 1)
        ->and($capacity->asNew(Ratio::of(0.25), Force::N(5000))->value)->toEqualWithDelta(2 * 165, 1)
        ->and($lining->pressureUnder(Force::N(5000))->value)->toEqualWithDelta(162, 0.5);
});

// Worked from the formulas, for the eye: 240/160 mm, 6.2 kN, μ 0.28, one disc.
it('works a common disc through', function () {
    $capacity = new TorqueCapacity(FrictionFaces::ofDiscs(1), ring(240, 160));

    expect($capacity->asNew(Ratio::of(0.28), Force::N(6200))->value)->toEqualWithDelta(351.8, 0.05)
        ->and($capacity->runIn(Ratio::of(0.28), Force::N(6200))->value)->toEqualWithDelta(347.2, 0.05)
        ->and(ring(240, 160)->pressureUnder(Force::N(6200))->value)->toEqualWithDelta(246.7, 0.05);
});

// Common practice, no source: driving and driven plates less one; 3 and 2 make 4 pairs of faces, 4 and 3 make 6.
// √(0.08² + 0.12²) = 0.14422: 250 N·m lies between 213.9 and 286.1.
it('says between what a torque of catalogue figures may lie', function () {
    [$least, $greatest] = TorqueCapacity::range(Torque::Nm(250.0));

    expect($least->value)->toEqualWithDelta(213.94, 0.01)->and($greatest->value)->toEqualWithDelta(286.06, 0.01);
});

it('counts the faces', function () {
    expect(FrictionFaces::ofDiscs(1)->count)->toBe(2)
        ->and(FrictionFaces::ofDiscs(2)->count)->toBe(4)
        ->and(FrictionFaces::ofDiscs(3)->count)->toBe(6);
});

// Common practice, no source: on the same linkage and material a larger disc carries more by its mean radius.
it('gives a larger disc more by its mean radius, and nothing for its area', function () {
    $small = (new TorqueCapacity(FrictionFaces::ofDiscs(1), ring(228, 150)))->runIn(Ratio::of(0.3), Force::N(6000));
    $large = (new TorqueCapacity(FrictionFaces::ofDiscs(1), ring(240, 150)))->runIn(Ratio::of(0.3), Force::N(6000));
    $padded = (new TorqueCapacity(FrictionFaces::ofDiscs(1), ring(240, 150, 0.5)))->runIn(Ratio::of(0.3), Force::N(6000));

    expect($large->value / $small->value)
        ->toEqualWithDelta((240 + 150) / (228 + 150), 1e-12)
        ->and($padded->value)
        ->toBe($large->value)
        ->and(ring(240, 150, 0.5)->pressureUnder(Force::N(6000))->value)
        ->toEqualWithDelta(2 * ring(240, 150)->pressureUnder(Force::N(6000))->value, 1e-9);
});

it('keeps even wear below even pressure, and grows with load and friction', function () {
    $this->forAll(choose(120, 450), choose(30, 95), choose(500, 30000))->then(function (int $outer, int $percent, int $load): void {
        $lining = ring($outer, $outer * $percent / 100);
        $capacity = new TorqueCapacity(FrictionFaces::ofDiscs(2), $lining);
        $mu = Ratio::of(0.3);
        expect($lining->radiusUniformWear()->value)->toBeLessThan($lining->radiusUniformPressure()->value)
            ->and($capacity->runIn($mu, Force::N($load + 1))->value)->toBeGreaterThan($capacity->runIn($mu, Force::N($load))->value)
            ->and($capacity->impliedMu($capacity->runIn($mu, Force::N($load)), Force::N($load))->value)->toEqualWithDelta(0.3, 1e-12);
    });
});

it('refuses a ring that is none', function (float $outer, float $inner, float $coverage) {
    ring($outer, $inner, $coverage);
})->with([[160, 240, 1], [200, 200, 1], [200, 0, 1], [200, 100, 0], [200, 100, 1.1]])->throws(DomainException::class);

// Source: DIN 2093, series A, B and C, load at s = 0.75 h₀; from memory. The table is rounded: within 2 %.
it('agrees with the standard table of disc springs', function (float $de, float $di, float $t, float $h0, float $load) {
    $spring = DiscSpring::cone(Length::mm($de), Length::mm($di), Length::mm($t), Length::mm($h0));

    expect($spring->load(Length::mm(0.75 * $h0))->value)->toEqualWithDelta($load, 0.02 * $load);
})->with([
    'A 8' => [8, 4.2, 0.4, 0.2, 210], 'A 10' => [10, 5.2, 0.5, 0.25, 329], 'A 16' => [16, 8.2, 0.9, 0.35, 1000],
    'A 20' => [20, 10.2, 1.1, 0.45, 1530], 'A 25' => [25, 12.2, 1.5, 0.55, 2910], 'A 31.5' => [31.5, 16.3, 1.75, 0.7, 3900],
    'A 40' => [40, 20.4, 2.25, 0.9, 6540], 'A 50' => [50, 25.4, 3, 1.1, 12000], 'A 63' => [63, 31, 3.5, 1.4, 15000],
    'A 80' => [80, 41, 5, 1.7, 33700], 'A 100' => [100, 51, 6, 2.2, 48000], 'B 50' => [50, 25.4, 2, 1.4, 4760],
    'B 100' => [100, 51, 3.5, 2.8, 13100], 'C 50' => [50, 25.4, 1.25, 1.6, 1550], 'C 100' => [100, 51, 2.7, 3.5, 8610],
]);

it('has its hump where the load is greatest', function () {
    $spring = DiscSpring::cone(Length::mm(220), Length::mm(170), Length::mm(2.3), Length::mm(4.0));
    $hump = $spring->hump();
    $loads = array_map(static fn (int $i): float => $spring->load(Length::mm($i / 1000))->value, range(1, 4000));

    expect($hump)->not->toBeNull()
        ->and($hump?->value)->toEqualWithDelta((1 + array_search(max($loads), $loads, true)) / 1000, 0.0011)
        ->and(DiscSpring::cone(Length::mm(50), Length::mm(25.4), Length::mm(3), Length::mm(1.1))->hump())->toBeNull();
});

it('lets a diaphragm set beyond its hump press harder as the lining wears', function () {
    $spring = DiscSpring::cone(Length::mm(220), Length::mm(170), Length::mm(2.3), Length::mm(4.0));
    $new = Force::N(6000);
    $half = ClampLoad::ofDiaphragm($new, $spring, Length::mm(4.2), Length::mm(1.0))->worn;

    expect($half->value)->toBeGreaterThan($new->value);
});

// Virtual work, from mechanics: whatever the arms, the spring takes up the same work over the same bending.
it('transfers load and travel by its arms, so that the work stays the same', function (float $plate, float $pivot) {
    $edges = DiscSpring::cone(Length::mm(220), Length::mm(170), Length::mm(2.3), Length::mm(4.0));
    $inside = $edges->bearingAt(Length::mm($plate), Length::mm($pivot));
    $work = static fn (DiscSpring $s, float $travel): float => array_sum(array_map(
        static fn (int $i): float => $s->load(Length::mm(($i - 0.5) / 2000 * $travel))->value * $travel / 2000, range(1, 2000),
    ));

    expect($work($inside, 4.0 * ($plate - $pivot) / 50))->toEqualWithDelta($work($edges, 4.0), 1e-6 * $work($edges, 4.0))
        ->and($inside->hump()?->value)->toEqualWithDelta($edges->hump()?->value * ($plate - $pivot) / 50, 1e-9);
})->with([[220, 170], [214, 178], [205, 190]]);

it('refuses a diaphragm that bears outside its edges', function (float $plate, float $pivot) {
    DiscSpring::cone(Length::mm(220), Length::mm(170), Length::mm(2.3), Length::mm(4.0))->bearingAt(Length::mm($plate), Length::mm($pivot));
})->with([[221, 178], [214, 169], [178, 178], [175, 178]])->throws(CapacityError::class, 'bears between its slot roots');

it('knows the clamp load at the wear limit, and what it rests on', function () {
    $new = Force::N(11500);

    expect(ClampLoad::ofCoils($new, Stiffness::of(620), Length::mm(3.2))->worn->value)->toEqualWithDelta(9516, 1e-9)
        ->and(ClampLoad::ofCoils($new, Stiffness::of(9000), Length::mm(3.2))->worn->value)->toBe(0.0)
        ->and(ClampLoad::assumed($new, SpringKind::Coil)->worn->value)->toEqualWithDelta(9200, 1e-9)
        ->and(ClampLoad::assumed($new, SpringKind::Coil)->isAssumed)->toBeTrue()
        ->and(ClampLoad::assumed($new, SpringKind::Diaphragm)->worn->value)->toBe(11500.0)
        ->and(ClampLoad::given(Force::N(9000))->isAssumed)->toBeFalse();
});

it('holds a claim against what the lining gives', function (float $implied, ClaimedRating $expected, Verdict $verdict) {
    $rating = ClaimedRating::of(Ratio::of($implied), Material::Organic->mu());

    expect($rating)->toBe($expected)->and($rating->verdict())->toBe($verdict);
})->with([
    [0.30, ClaimedRating::Believable, Verdict::Within],
    [0.345, ClaimedRating::Believable, Verdict::Within],
    [0.35, ClaimedRating::Optimistic, Verdict::Near],
    [0.405, ClaimedRating::Optimistic, Verdict::Near],
    [0.41, ClaimedRating::NotBelievable, Verdict::Near],
    [0.25, ClaimedRating::Modest, Verdict::Within],
    [0.19, ClaimedRating::DoubtfullyLow, Verdict::Near],
]);

// Trend of the trade, common practice, no source: torque and heat capacity are bought with smoothness.
it('orders the materials as the trade does', function () {
    $mu = static fn (Material $m): float => $m->mu()->value;

    expect($mu(Material::SinteredIron))->toBeGreaterThan($mu(Material::SinteredBronze))
        ->and($mu(Material::SinteredBronze))->toBeGreaterThan($mu(Material::OrganicWire))
        ->and($mu(Material::OrganicWire))->toBeGreaterThan($mu(Material::Organic));
    foreach (Material::cases() as $material) {
        expect($material->muHot()->value)->toBeLessThan($material->mu()->value)
            ->and($material->heatLimit()->value)->toBeGreaterThan($material->comfortableHeat()->value)
            ->and($material->pressureLimit()->value)->toBeGreaterThanOrEqual(350.0)
            ->and([$material->character(), $material->runningIn(), $material->onTheFlywheel(), $material->label()])->each->not->toBe('');
    }
});

it(
    'rates nothing without a clamp load',
    fn () => (new TorqueCapacity(FrictionFaces::ofDiscs(1), ring(240, 160)))->impliedMu(Torque::Nm(300), Force::N(0)),
)->throws(DomainException::class);
