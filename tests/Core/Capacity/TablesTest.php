<?php

declare(strict_types=1);

use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Demand\MeasuredAt;

/*
 * The tables of defaults once more, typed in by hand against slips of a digit. All from memory; the range of the reserves
 * and the running-in of aramid are common practice, no source.
 */
it('holds the figures of the lining materials', function (
    Material $material,
    float $mu,
    float $hot,
    float $kPa,
    float $comfortable,
    float $limit,
) {
    expect($material->mu()->value)
        ->toBe($mu)
        ->and($material->muHot()->value)
        ->toBe($hot)
        ->and($material->pressureLimit()->value)
        ->toBe($kPa)
        ->and($material->comfortableHeat()->value)
        ->toBe($comfortable)
        ->and($material->heatLimit()->value)
        ->toBe($limit);
})->with([
    [Material::Organic, 0.3, 0.25, 350.0, 60.0, 120.0],
    [Material::OrganicWire, 0.32, 0.28, 450.0, 60.0, 120.0],
    [Material::Aramid, 0.31, 0.29, 500.0, 90.0, 180.0],
    [Material::AramidSegmented, 0.31, 0.29, 600.0, 90.0, 180.0],
    [Material::SinteredBronze, 0.38, 0.36, 1500.0, 200.0, 400.0],
    [Material::SinteredIron, 0.45, 0.42, 2000.0, 200.0, 400.0],
]);

it('holds the reserve of each duty', function (Duty $duty, float $reserve, float $harsh) {
    expect($duty->reserve()->value)->toBe($reserve)->and($duty->harshAbove()->value)->toBe($harsh);
})->with([
    [Duty::Town, 1.25, 2.0],
    [Duty::Delivery, 1.35, 2.0],
    [Duty::Towing, 1.5, 2.2],
    [Duty::Haulage, 1.4, 2.2],
    [Duty::Offroad, 1.7, 2.6],
    [Duty::Field, 2.0, 3.0],
    [Duty::Sport, 1.5, 2.4],
    [Duty::Competition, 2.0, 4.0],
]);

it('holds the loss of each driveline', function (MeasuredAt $where, float $loss) {
    expect($where->loss()->value)->toBe($loss)->and($where->label())->not->toBe('');
})->with([
    [MeasuredAt::Crank, 0.0],
    [MeasuredAt::WheelsTwo, 0.15],
    [MeasuredAt::WheelsFour, 0.22],
]);

it('runs aramid in for long, and spares an iron flywheel nothing', function () {
    expect(Material::Aramid->runningIn())->toContain('500 to 1600 km')
        ->and(Material::AramidSegmented->runningIn())->toBe(Material::Aramid->runningIn())
        ->and(Material::Organic->runningIn())->toContain('short')
        ->and(Material::SinteredIron->onTheFlywheel())->toContain('destroys')
        ->and(Material::Organic->onTheFlywheel())->toContain('gentle');
});
