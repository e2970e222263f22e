<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Limit\Bounds;
use Spindle\Limit\Finding;
use Spindle\Limit\Instrument;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitBook;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\UnitSystem;
use Spindle\Vehicle\VehicleClass;

// Source of the rule: ISO 14253-1, applied to both sides of a limit; the figures are made up to lie around the edges.
it('judges a greatest value with its guard band', function (float $reading, Verdict $expected) {
    $limit = Limit::atMost('flywheel.face_runout', Length::mm(0.12), LimitSource::Practice);

    expect($limit->judge(Length::mm($reading), Length::mm(0.01)))->toBe($expected);
})->with([
    [0.1, Verdict::Within],
    [0.109, Verdict::Within],
    [0.11, Verdict::Near],
    [0.12, Verdict::Near],
    [0.13, Verdict::Near],
    [0.131, Verdict::Out],
    [0.18, Verdict::Out],
]);

it('judges a least value with guard and watch band', function (float $reading, Verdict $expected) {
    $limit = Limit::of('disc.rivet_depth', Bounds::atLeast(Length::mm(0.3), Length::mm(0.5)), LimitSource::Practice);

    expect($limit->judge(Length::mm($reading), Length::mm(0.03)))->toBe($expected);
})->with([
    [0.26, Verdict::Out],
    [0.27, Verdict::Near],
    [0.33, Verdict::Near],
    [0.49, Verdict::Near],
    [0.5, Verdict::Within],
    [0.8, Verdict::Within],
]);

it('judges a computed figure without a guard band', function (float $share, Verdict $expected) {
    $limit = Subjects::dictionary()->practice->find('wear.percent', VehicleClass::Car);

    expect($limit?->judge(Ratio::of($share)))->toBe($expected);
})->with([[0.49, Verdict::Within], [0.50, Verdict::Near], [0.799, Verdict::Near], [0.80, Verdict::Out], [1.2, Verdict::Out]]);

it('judges a band on both sides', function (float $reading, Verdict $expected) {
    $limit = Limit::between('release.free_play', Length::mm(5), Length::mm(15), LimitSource::Practice);

    expect($limit->judge(Length::mm($reading), Length::mm(0.5)))->toBe($expected);
})->with([
    [4.4, Verdict::Out],
    [4.6, Verdict::Near],
    [5.6, Verdict::Within],
    [10, Verdict::Within],
    [14.6, Verdict::Near],
    [15.6, Verdict::Out],
]);

it('refuses a limit that cannot be', function () {
    Limit::between('x', Length::mm(5), Length::mm(4), LimitSource::Shop);
})->throws(DomainException::class);

it('puts the maker before the shop before common practice', function () {
    $of = static fn (float $mm, LimitSource $s): Limit => Limit::atMost('flywheel.flatness', Length::mm($mm), $s);
    $shop = $of(0.08, LimitSource::Shop);
    $maker = $of(0.05, LimitSource::Maker);

    expect((new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car, [$shop, $maker]))->find('flywheel.flatness')?->max?->value)
        ->toBe(0.05)
        ->and((new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car, [$shop]))->find('flywheel.flatness')?->source)
        ->toBe(LimitSource::Shop)
        ->and((new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car))->find('flywheel.flatness')?->source)
        ->toBe(LimitSource::Practice)
        ->and((new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car))->find('flywheel.thickness'))
        ->toBeNull();
});

it('follows the class of the vehicle, and says nothing where that is unknown', function () {
    expect((new LimitBook(Subjects::dictionary()->practice, VehicleClass::Car))->find('disc.runout')?->max?->value)->toBe(0.5)
        ->and((new LimitBook(Subjects::dictionary()->practice, VehicleClass::Truck))->find('disc.runout')?->max?->value)->toBe(0.8)
        ->and((new LimitBook(Subjects::dictionary()->practice, null))->find('disc.runout'))->toBeNull()
        ->and((new LimitBook(Subjects::dictionary()->practice, null))->find('disc.hub_play'))->not->toBeNull();
});

it('takes the worst of several verdicts', function () {
    expect(Verdict::worst(Verdict::Within, Verdict::Near, Verdict::Unmeasured))->toBe(Verdict::Unmeasured)
        ->and(Verdict::worst(Verdict::Unmeasured, Verdict::Out))->toBe(Verdict::Out)
        ->and(Verdict::worst(Verdict::NotApplicable, Verdict::Within))->toBe(Verdict::Within)
        ->and(Verdict::worst())->toBe(Verdict::NotApplicable);
});

it('gives every built-in limit a mark and a figure', function () {
    foreach (Subjects::dictionary()->practice->rows as $row) {
        expect($row->mark)->toBeInstanceOf(Provenance::class)
            ->and($row->min ?? $row->max ?? $row->watchMin ?? $row->watchMax)->not->toBeNull()
            ->and($row->limit()->source)->toBe(LimitSource::Practice);
    }
});

// Instrument uncertainties are defaults from memory; here they are held against slips of a digit.
it('knows how far an instrument can be trusted', function (Instrument $instrument, float $expected) {
    expect($instrument->uncertainty()->value)->toBe($expected);
})->with([
    [Instrument::SteelRule, 0.5], [Instrument::Calliper, 0.03], [Instrument::DepthGauge, 0.03],
    [Instrument::DialIndicator, 0.01], [Instrument::FeelerGauge, 0.02], [Instrument::TorqueWrench, 0.04],
]);

it('words a limit with its source in the units of the reader', function () {
    $limit = Limit::between('truck.bearing_gap', Length::mm(12.7), Length::mm(14.3), LimitSource::Practice);

    expect($limit->wording(new Display()))
        ->toBe("12.7\u{00A0}mm to 14.3\u{00A0}mm (practice)")
        ->and($limit->wording(new Display(UnitSystem::Inch)))
        ->toBe("0.50\u{00A0}in to 0.56\u{00A0}in (practice)")
        ->and(Subjects::dictionary()->practice->find('flywheel.flatness', VehicleClass::Car)?->wording(new Display(UnitSystem::Inch)))
        ->toBe("at most 0.0039\u{00A0}in (practice)");
});

it('keeps the chain behind a finding when a waiver is added', function () {
    $finding = Finding::of('disc.wear', Verdict::Out, aSentence('worn'))
        ->from('disc.thickness')
        ->by('new − now')
        ->waived('old disc kept as a sample');

    expect($finding->isWaived())
        ->toBeTrue()
        ->and($finding->readings)
        ->toBe(['disc.thickness'])
        ->and($finding->formula(metric()))
        ->toBe('new − now')
        ->and($finding->verdict)
        ->toBe(Verdict::Out);
});
