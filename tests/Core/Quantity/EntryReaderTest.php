<?php

declare(strict_types=1);

use Spindle\Quantity\Dimension;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\QuantityError;
use Spindle\Quantity\Units;

function read(string $typed, Dimension $as, string $default = ''): float
{
    return EntryReader::read($typed, $as, $default === '' ? null : Units::named($default))->quantity->value;
}

// Expected values follow from the exact factors of NIST SP 811, appendix B.
it('reads what people write', function (string $typed, Dimension $as, float $expected, string $default = '') {
    expect(read($typed, $as, $default))->toEqualWithDelta($expected, abs($expected) * 1e-12);
})->with([
    ['7.3', Dimension::Length, 7.3],
    ['7.3', Dimension::Length, 185.42, 'in'],
    ['7,3 mm', Dimension::Length, 7.3],
    ['0.164 in', Dimension::Length, 4.1656],
    ['0.164"', Dimension::Length, 4.1656],
    ['.164"', Dimension::Length, 4.1656],
    ['164 thou', Dimension::Length, 4.1656],
    ['164 thousandths', Dimension::Length, 4.1656],
    ['1-1/8 in', Dimension::Length, 28.575],
    ['1 1/8"', Dimension::Length, 28.575],
    ['1⅛ in', Dimension::Length, 28.575],
    ['5/8"', Dimension::Length, 15.875],
    ['½ in', Dimension::Length, 12.7],
    ['−0.05 mm', Dimension::Length, -0.05],
    ['2.5 cm', Dimension::Length, 25.0],
    ['250 µm', Dimension::Length, 0.25],
    ['25 lb ft', Dimension::Torque, 33.895448708285],
    ['25 lb·ft', Dimension::Torque, 33.895448708285],
    ['25 ft-lb', Dimension::Torque, 33.895448708285],
    ['25 lbf ft', Dimension::Torque, 33.895448708285],
    ['34 Nm', Dimension::Torque, 34.0],
    ['34 N·m', Dimension::Torque, 34.0],
    ['34 n m', Dimension::Torque, 34.0],
    ['3.5 kgf m', Dimension::Torque, 34.323275],
    ['150 hp', Dimension::Power, 111854.9807373],
    ['150 PS', Dimension::Power, 110324.8125],
    ['110 kW', Dimension::Power, 110000.0],
    ['2100 lb', Dimension::Force, 9341.26539204705],
    ['2100 lbf', Dimension::Force, 9341.26539204705],
    ['2100 lb', Dimension::Mass, 952.543977],
    ['9.3 kN', Dimension::Force, 9300.0],
    ['30 psi', Dimension::Pressure, 206.84271879504],
    ['2 bar', Dimension::Pressure, 200.0],
    ['40 000 km', Dimension::Distance, 40000.0],
    ["40\u{202F}000 km", Dimension::Distance, 40000.0],
    ['25 000 mi', Dimension::Distance, 40233.6],
    ['1,250 h', Dimension::Duration, 1250.0],
    ['1,250 km', Dimension::Distance, 1250.0],
    ['12 %', Dimension::Ratio, 0.12],
    ['12', Dimension::Ratio, 0.12, '%'],
    ['4.1', Dimension::Ratio, 4.1],
    ['2:1', Dimension::Ratio, 2.0],
    ['3/4 turn', Dimension::Angle, 0.75],
    ['270°', Dimension::Angle, 0.75],
    ['2000 1/min', Dimension::Speed, 2000.0],
    ['2000 min-1', Dimension::Speed, 2000.0],
    ['1,250.5 N', Dimension::Force, 1250.5],
    ['1.250,5 N', Dimension::Force, 1250.5],
    ['1,250,000 W', Dimension::Power, 1250000.0],
    ['1 250,500 N', Dimension::Force, 1250.5],
    ['7,25 mm', Dimension::Length, 7.25],
]);

it('asks instead of guessing where a comma can mean two things', function (string $typed, Dimension $as) {
    expect(fn () => read($typed, $as))->toThrow(QuantityError::class, 'two ways');
})->with([['1,250', Dimension::Length], ['1,250 mm', Dimension::Length], ['6,200 N', Dimension::Force], ['12,345 mm', Dimension::Length]]);

it('takes a nought before the sign for decimals, and distances and hours for thousands, by comma and by point', function (
    string $typed,
    Dimension $as,
    float $value,
) {
    expect(EntryReader::read($typed, $as)->quantity->value)->toEqualWithDelta($value, 1e-9);
})->with([
    ['0,250 mm', Dimension::Length, 0.25],
    ['0,250 km', Dimension::Distance, 0.25],
    ['40.000 km', Dimension::Distance, 40_000.0],
    ['-40.000 km', Dimension::Distance, -40_000.0],
    ['1.250 h', Dimension::Duration, 1250.0],
    ['25.000 mi', Dimension::Distance, 40_233.6],
    ['8.250 mm', Dimension::Length, 8.25],
    ['40.00 km', Dimension::Distance, 40.0],
]);

it('says what it read and what it expected', function (string $typed, Dimension $as, string $message) {
    expect(fn () => read($typed, $as))->toThrow(QuantityError::class, $message);
})->with([
    'pressure for a length' => ['30 psi', Dimension::Length, 'was read as a pressure; a length is expected'],
    'kilograms for a force' => ['2100 kg', Dimension::Force, 'a force in kilograms is written kgf'],
    'nothing' => ['', Dimension::Length, 'nothing was entered'],
    'blanks' => ['   ', Dimension::Length, 'nothing was entered'],
    'a word' => ['thick', Dimension::Length, 'not a number with a unit'],
    'two points' => ['7.3.1 mm', Dimension::Length, 'not a number with a unit'],
    'two commas' => ['7,3,1 mm', Dimension::Length, 'not a number with a unit'],
    'no unit known' => ['7.3 furlong', Dimension::Length, 'the unit “furlong”'],
    'zero below' => ['1/0 in', Dimension::Length, 'divides by zero'],
    'not a number' => ['NaN', Dimension::Length, 'not a number with a unit'],
    'endless' => ['INF mm', Dimension::Length, 'not a number with a unit'],
    'too many digits' => [str_repeat('9', 400), Dimension::Length, 'is expected'],
    'control character' => ["7.3 mm\x01", Dimension::Length, 'is not known'],
    'broken encoding' => ["\xff\xfe", Dimension::Length, 'is expected'],
    'exponent' => ['1e5 mm', Dimension::Length, 'is not known'],
]);

it('keeps what was typed, its unit and how finely it was read', function () {
    $entry = EntryReader::read(' 0.164 in', Dimension::Length);

    expect($entry->typed)->toBe(' 0.164 in')
        ->and($entry->unit->symbol)->toBe('in')
        ->and($entry->resolution)->toEqualWithDelta(0.0254, 1e-12);
});
