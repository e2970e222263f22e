<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\Length;
use Spindle\Quantity\QuantityError;
use Spindle\Quantity\Units;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\WrittenDay;

/* Days and figures in the forms in which people write them. Order of day and month: Unicode CLDR, short dates of en-GB and en-US. */

it('reads a day in every form in which people write it', function (string $typed, ?bool $isMonthFirst, string $day) {
    expect(WrittenDay::read($typed, 'Clutch fitted', $isMonthFirst))->toBe($day);
})->with([
    ['2026-12-03', null, '2026-12-03'], ['2026-12-3', null, '2026-12-03'], ['2026-12', null, '2026-12'], ['2026', null, '2026'],
    ['3 Dec 2026', null, '2026-12-03'], ['3. December 2026', null, '2026-12-03'], ['Dec 3, 2026', null, '2026-12-03'],
    ['December 2026', null, '2026-12'], ['3rd dec 2026', null, '2026-12-03'], ['3-Dec-2026', null, '2026-12-03'],
    ['3/12/2026', false, '2026-12-03'], ['3/12/2026', true, '2026-03-12'], ['3.12.2026', true, '2026-12-03'],
    ['13/2/2026', true, '2026-02-13'], ['2/13/2026', false, '2026-02-13'], ['5/5/2026', null, '2026-05-05'], ['12/2026', null, '2026-12'],
    ["3\u{00A0}Dec\u{00A0}2026", null, '2026-12-03'], ['2026/12/3', null, '2026-12-03'],
]);

it('refuses what is no day, and asks where it can be two', function (string $typed, string $says) {
    expect(fn () => WrittenDay::read($typed, 'Clutch fitted'))->toThrow(SheetError::class, $says);
})->with([
    ['3/12/2026', 'can be read two ways'], ['soon', 'a date such as'], ['31 Feb 2026', 'a date such as'], ['3 Foo 2026', 'a date such as'],
    ['0026-01-01', 'a date such as'], ['', 'a date such as'],
]);

it('takes of a file the one form alone', function (string $given, bool $isTaken) {
    $read = static fn (): string => FieldReader::day($given, 'fitted_on');

    $isTaken ? expect($read())->toBe(trim($given)) : expect($read)->toThrow(SheetError::class, 'fitted_on');
})->with([['2026-12-03', true], [' 2026-12 ', true], ['2026', true], ['2026-12-3', false], ['3 Dec 2026', false], ['3.12.2026', false]]);

it('asks of a bare fraction in a field of millimetres whether inches are meant', function (string $typed) {
    expect(fn () => EntryReader::read($typed, Dimension::Length))->toThrow(QuantityError::class, 'in if inches are meant')
        ->and(EntryReader::read($typed, Dimension::Length, Units::named('in'))->unit->symbol)->toBe('in')
        ->and(EntryReader::read("{$typed} in", Dimension::Length)->unit->symbol)->toBe('in')
        ->and(EntryReader::read("{$typed} mm", Dimension::Length)->unit->symbol)->toBe('mm');
})->with(['3/4', '1/32', '1-1/8', '⅛', '1 1/4']);

it('asks of a mil which of two it is', function () {
    expect(fn () => EntryReader::read('3 mil', Dimension::Length))
        ->toThrow(QuantityError::class, '3 thou for thousandths of an inch, or 3 mm');
});

it('reads a grade as a share, as one in so many and as an angle', function (string $typed, float $share) {
    $entry = FieldReader::entry(Subjects::dictionary()->get('launch.grade'), $typed, 'Grade');

    expect($entry->quantity->value)->toEqualWithDelta($share, 1e-6);
})->with([['12.5 %', 0.125], ['1:8', 0.125], ['1 : 8', 0.125], ['0.125', 0.125], ['7°', 0.1227846], ['7 deg', 0.1227846]]);

it('reads a ratio of two numbers, and a horsepower by any of its names', function () {
    $power = static fn (string $typed): float => EntryReader::read($typed, Dimension::Power)->quantity->value;

    expect(EntryReader::read('6:1', Dimension::Ratio)->quantity->value)->toEqualWithDelta(6.0, 1e-9)
        ->and(EntryReader::read('12:2', Dimension::Ratio)->quantity->value)->toEqualWithDelta(6.0, 1e-9)
        ->and($power('100 hk'))->toEqualWithDelta(73549.875, 0.01)
        ->and($power('100 PS'))->toEqualWithDelta($power('100 hk'), 1e-9)
        ->and(fn () => EntryReader::read('6:0', Dimension::Ratio))->toThrow(QuantityError::class, 'divides by zero');
});

it('shows in the other unit no fewer figures than in the own', function (float $mm, float $step, string $both) {
    expect(str_replace(["\u{00A0}", "\u{202F}"], ' ', metric()->both(Length::mm($mm), $step)))->toBe($both);
})->with([
    [0.1, 0.1, '0.1 mm (0.004 in)'], [0.02, 0.01, '0.02 mm (0.0008 in)'], [22.0, 1.0, '22 mm (0.87 in)'], [228.0, 1.0, '228 mm (8.98 in)'],
    [7.42, 0.01, '7.42 mm (0.292 in)'], [0.0, 0.01, '0.00 mm (0.000 in)'],
]);
