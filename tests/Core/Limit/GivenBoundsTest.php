<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitBook;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Vehicle\VehicleClass;

/** What is in force on a car once somebody gave this. */
function inForce(Limit $given, ?string $practice = null): Limit
{
    $limit = (new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car, [$given]))->find($given->name, $practice);

    return $limit ?? throw new LogicException('a limit was given');
}

it('keeps the edge rule, the watch band, the note and the unit of the built-in limit', function () {
    $limit = inForce(Limit::atMost('wear.percent', Ratio::of(0.7), LimitSource::Shop));

    expect($limit->judge(Ratio::of(0.70)))->toBe(Verdict::Out)
        ->and($limit->judge(Ratio::of(0.699)))->toBe(Verdict::Near)
        ->and($limit->judge(Ratio::of(0.50)))->toBe(Verdict::Near)
        ->and($limit->judge(Ratio::of(0.499)))->toBe(Verdict::Within)
        ->and($limit->note)->toBe('share of the usable lining')
        ->and(plain($limit->wording(new Display)))->toBe('at most 70 % (shop)');
});

it('keeps the bound that was left alone, and says whose it is', function () {
    $limit = inForce(Limit::atMost('release.free_play', Length::mm(12.0), LimitSource::Maker));

    expect($limit->judge(Length::mm(4.0)))->toBe(Verdict::Out)
        ->and($limit->judge(Length::mm(5.0)))->toBe(Verdict::Within)
        ->and($limit->judge(Length::mm(12.5)))->toBe(Verdict::Out)
        ->and(plain($limit->wording(new Display)))->toBe('5 mm to 12 mm (maker, other bound practice)');
});

it('lets the maker go past a built-in bound, which then says nothing', function () {
    $limit = inForce(Limit::atLeast('release.free_play', Length::mm(18.0), LimitSource::Maker));

    expect($limit->judge(Length::mm(16.0)))->toBe(Verdict::Out)->and($limit->judge(Length::mm(20.0)))->toBe(Verdict::Within)
        ->and(plain($limit->wording(new Display)))->toBe('at least 18 mm (maker)');
});

it('puts the bound of the shop beside that of the maker', function () {
    $given = [
        Limit::atMost('release.free_play', Length::mm(12.0), LimitSource::Maker),
        Limit::atLeast('release.free_play', Length::mm(7.0), LimitSource::Shop),
    ];
    $limit = (new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car, $given))->find('release.free_play');

    expect(plain($limit?->wording(new Display()) ?? ''))->toBe('7 mm to 12 mm (maker, other bound shop)');
});

it('drops a watch band that the new bounds leave no room for', function () {
    $limit = inForce(Limit::atMost('wear.percent', Ratio::of(0.45), LimitSource::Maker));

    expect($limit->watchMax)
        ->toBeNull()
        ->and($limit->judge(Ratio::of(0.44)))
        ->toBe(Verdict::Within)
        ->and($limit->judge(Ratio::of(0.45)))
        ->toBe(Verdict::Out);
});

it('says of a given figure nothing that is true only of the built-in one', function () {
    $given = inForce(Limit::between('truck.bearing_gap', Length::mm(10.0), Length::mm(12.0), LimitSource::Maker));

    expect($given->remark(metric()))
        ->toBe('pedal up')
        ->and(Subjects::dictionary()->practice->find('truck.bearing_gap', VehicleClass::Truck)?->remark(metric()))
        ->toBe('pedal up; ½ in; the edges are from memory');
});

it('gives a reading its own bound over the limit that it shares with others', function () {
    $limit = inForce(Limit::atLeast('disc.rivet_depth_cover', Length::mm(0.4), LimitSource::Maker), 'disc.rivet_depth');

    expect($limit->min?->value)->toBe(0.4)->and($limit->watchMin?->value)->toBe(0.5)->and($limit->name)->toBe('disc.rivet_depth_cover');
});
