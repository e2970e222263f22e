<?php

declare(strict_types=1);

use Spindle\Quantity\Angle;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Display;
use Spindle\Quantity\Distance;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\QuantityError;
use Spindle\Quantity\Range;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;
use Spindle\Quantity\UnitSystem;

it('writes an entry in the unit it was typed in, with the digits that were given', function (string $typed, Dimension $as, string $shown) {
    expect(plain((new Display)->entry(EntryReader::read($typed, $as))))->toBe($shown);
})->with([
    ['0.164 in', Dimension::Length, '0.164 in'],
    ['0.1640 in', Dimension::Length, '0.1640 in'],
    ['164 thou', Dimension::Length, '164 thou'],
    ['7,3 mm', Dimension::Length, '7.3 mm'],
    ['1-1/8 in', Dimension::Length, '1-1/8 in'],
    ['½ in', Dimension::Length, '½ in'],
    ['25 ft-lb', Dimension::Torque, '25 lbf·ft'],
    ['40 000 km', Dimension::Distance, '40 000 km'],
    ['12.5 %', Dimension::Ratio, '12.5 %'],
    ['270°', Dimension::Angle, '270°'],
    ['-0.05 mm', Dimension::Length, '-0.05 mm'],
]);

it('shows the other system beside it, and nothing where both share the unit', function (
    string $typed,
    Dimension $as,
    UnitSystem $reader,
    string $other,
) {
    expect(plain((new Display($reader))->otherUnit(EntryReader::read($typed, $as))))->toBe($other);
})->with([
    ['0.164 in', Dimension::Length, UnitSystem::Metric, '4.17 mm'],
    ['0.164 in', Dimension::Length, UnitSystem::Inch, '4.17 mm'],
    ['4.17 mm', Dimension::Length, UnitSystem::Inch, '0.164 in'],
    ['210 lb ft', Dimension::Torque, UnitSystem::Metric, '285 N·m'],
    ['150 PS', Dimension::Power, UnitSystem::Metric, '110 kW'],
    ['2000 rpm', Dimension::Speed, UnitSystem::Metric, ''],
    ['4.1', Dimension::Ratio, UnitSystem::Inch, ''],
    ['25 000 mi', Dimension::Distance, UnitSystem::Metric, '40 234 km'],
]);

it('rounds a figure to what it is worth', function () {
    $metric = new Display;

    expect(plain($metric->quantity(Distance::km(62603), 10000)))->toBe('60 000 km')
        ->and(plain($metric->quantity(Distance::km(62603), 1000)))->toBe('63 000 km')
        ->and(plain($metric->quantity(Torque::Nm(313.19), 1.0)))->toBe('313 N·m')
        ->and(plain($metric->quantity(Length::mm(0.4034), 0.01)))->toBe('0.40 mm')
        ->and(plain($metric->quantity(Distance::km(3), 1000)))->toBe('3 km');
});

it('groups thousands, keeps the sign and knows no minus nothing', function () {
    $comma = new Display(UnitSystem::Metric, ',');

    expect(plain($comma->number(12345.678, 1)))->toBe('12 345,7')
        ->and(plain($comma->number(1234.5, 1)))->toBe('1234,5')
        ->and(plain($comma->number(-0.001, 1)))->toBe('0,0')
        ->and(plain($comma->number(-2.5, 1)))->toBe('-2,5')
        ->and(plain($comma->percent(0.4999)))->toBe('50 %')
        ->and(plain($comma->percent(0.4999, 1)))->toBe('50,0 %');
});

it('prefers units by the system of the reader', function () {
    expect(plain((new Display(UnitSystem::Inch))->both(Force::N(1000), 10)))->toBe('225 lbf (1000 N)')
        ->and(plain((new Display)->both(Force::N(1000), 10)))->toBe('1000 N (225 lbf)')
        ->and(plain((new Display(UnitSystem::Inch))->both(Angle::turns(0.5), 0.1)))->toBe('0.5 turns')
        ->and(UnitSystem::Inch->other())->toBe(UnitSystem::Metric);
});

it('names both edges of what a field can hold, in the unit that was typed', function (string $typed, string $message) {
    $range = Range::between(Length::mm(0), Length::mm(40));
    try {
        $range->held(EntryReader::read($typed, Dimension::Length), new Display);
        $said = '';
    } catch (QuantityError $e) {
        $said = plain($e->getMessage());
    }
    expect($said)->toBe($message);
})->with([
    ['40 mm', ''],
    ['1.5748031496 in', ''],
    ['7.3 m', '7.3 m cannot be right; expected between 0 mm and 40 mm'],
    ['-1 mm', '-1 mm cannot be right; expected between 0 mm and 40 mm'],
]);

it('takes what a conversion carried across an edge as the edge, and nothing more', function () {
    $share = Range::between(Ratio::of(0.0), Ratio::of(0.6));
    $held = static fn (string $typed): float => $share->held(EntryReader::read($typed, Dimension::Ratio), new Display)->quantity->value;

    expect($held('60 %'))->toBe(0.6)
        ->and($held('60.00000000001 %'))->toBe(0.6)
        ->and(fdiv(1.0, $held('-0')))->toBe(INF)
        ->and(Range::between(Length::mm(5), Length::mm(80))->bounds())->toBe([5.0, 80.0]);
});

it('refuses what is less than nothing, and what is finer than any instrument', function (string $typed, string $message) {
    $share = Range::between(Ratio::of(0.0), Ratio::of(0.6));
    expect(fn () => $share->held(EntryReader::read($typed, Dimension::Ratio), new Display))->toThrow(QuantityError::class, $message);
})->with([
    'a loss just below nothing' => ['-0.0000000001 %', '-0.0000000001 % cannot be right; expected between 0 % and 60 %'],
    'a share nobody can measure' => ['0.00000000001', 'finer than anything in a workshop'],
    'past the edge by a digit' => ['61 %', 'expected between 0 % and 60 %'],
]);
