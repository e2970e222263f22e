<?php

declare(strict_types=1);

use Spindle\Inspection\Disc\WearRate;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;

// Common practice, no source: a fifth used at 40 000 km is 200 000 km in all on the same use.
it('foretells from one clutch what the next will have worn', function () {
    $rate = WearRate::of(Length::mm(0.4), Distance::km(40_000));

    expect($rate->aMillimetre->as('km'))->toEqualWithDelta(100_000, 1e-6)
        ->and($rate->wearAfter(Distance::km(200_000))->value)->toEqualWithDelta(2.0, 1e-9)
        ->and($rate->wearAfter(Distance::km(0))->value)->toBe(0.0);
});

it(
    'counts hours where a vehicle does',
    fn () => expect(WearRate::of(Length::mm(0.5), Duration::hours(2000))->wearAfter(Duration::hours(3000))->value)->toEqualWithDelta(
        0.75,
        1e-9,
    ),
);

it('makes no rate of no wear', fn (float $worn) => WearRate::of(Length::mm($worn), Distance::km(1)))
    ->with([0.0, -0.1])
    ->throws(DomainException::class, 'needs some wear');

it('does not hold hours against kilometres', fn () => WearRate::of(Length::mm(1), Distance::km(1))->wearAfter(Duration::hours(1)))->throws(
    LogicException::class,
);
