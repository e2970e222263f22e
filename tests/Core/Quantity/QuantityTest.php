<?php

declare(strict_types=1);

use Eris\TestTrait;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Display;
use Spindle\Quantity\Entry;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\QuantityError;
use Spindle\Quantity\Torque;
use Spindle\Quantity\Unit;
use Spindle\Quantity\Units;
use Spindle\Quantity\UnitSystem;

use function Eris\Generator\choose;
use function Eris\Generator\elements;

uses(TestTrait::class);

// Source: NIST SP 811 (2008), appendix B.8, factors for units listed alphabetically; printed to seven figures there.
it('converts by the published factors', function (string $unit, float $factor) {
    expect(Units::named($unit)->factor)->toEqualWithDelta($factor, abs($factor) * 5e-7);
})->with([
    'inch to mm' => ['in', 25.4],
    'foot to mm' => ['ft', 304.8],
    'mil to mm' => ['thou', 0.0254],
    'pound to kg' => ['lb', 0.4535924],
    'pound-force to N' => ['lbf', 4.448222],
    'kilogram-force to N' => ['kgf', 9.80665],
    'pound-force foot to N m' => ['lbf·ft', 1.355818],
    'pound-force inch to N m' => ['lbf·in', 0.1129848],
    'kilogram-force metre to N m' => ['kgf·m', 9.80665],
    'horsepower 550 ft lbf/s to W' => ['hp', 745.6999],
    'horsepower metric to W' => ['PS', 735.4988],
    'psi to kPa' => ['psi', 6.894757],
    'bar to kPa' => ['bar', 100.0],
    'mile to km' => ['mi', 1.609344],
    'pound-force per inch to N/mm' => ['lbf/in', 0.1751268],
    'revolution per minute to rad/s' => ['rad/s', 1 / 0.1047198],
]);

it('comes back to the same value through any unit of its dimension', function () {
    $units = array_values(array_filter(Units::all(), static fn (Unit $u): bool => $u->symbol !== ''));
    $this->forAll(elements($units), choose(-1_000_000, 1_000_000))
        ->then(function (Unit $unit, int $thousandths): void {
            $value = $thousandths / 1000;
            expect($unit->fromBase($unit->toBase($value)))->toEqualWithDelta($value, 1e-9 * max(1.0, abs($value)));
        });
});

it('reads back what it writes, to the last digit given', function () {
    $this->forAll(
        elements(array_values(array_filter(Units::all(), static fn (Unit $u): bool => ! in_array($u->symbol, ['', '°'], true)))),
        choose(1, 9_999_999),
    )->then(function (Unit $unit, int $thousandths): void {
        $typed = sprintf('%.3f %s', $thousandths / 1000, $unit->symbol);
        $entry = EntryReader::read($typed, $unit->dimension);
        $again = EntryReader::read((new Display())->entry($entry), $unit->dimension);
        expect($again->quantity->value)->toEqualWithDelta($entry->quantity->value, 1e-9 * max(1.0, abs($entry->quantity->value)));
    });
});

it('adds like to like only', function () {
    expect(Length::mm(2)->plus(Length::inch(1))->value)->toEqualWithDelta(27.4, 1e-12);
    Length::mm(2)->plus(Force::N(1));
})->throws(LogicException::class, 'do not combine');

it('holds no number that is not one', fn () => Torque::Nm(NAN))->throws(QuantityError::class);

it('knows least, greatest, mean and spread', function () {
    $all = array_map(Length::mm(...), [7.5, 7.4, 7.6]);

    expect(Length::least($all)->value)->toBe(7.4)
        ->and(Length::greatest($all)->value)->toBe(7.6)
        ->and(Length::mean($all)->value)->toEqualWithDelta(7.5, 1e-12)
        ->and(Length::spread($all)->value)->toEqualWithDelta(0.2, 1e-12);
});

it('never shows more digits than the instrument gave', function (string $typed, string $other) {
    expect((new Display)->otherUnit(EntryReader::read($typed, Dimension::Length)))->toBe(str_replace(' ', "\u{00A0}", $other));
})->with([
    ['0.164 in', '4.17 mm'],
    ['7.3 mm', '0.29 in'],
    ['8.30 mm', '0.327 in'],
    ['25 mm', '1.0 in'],
    ['1-1/8 in', '28.6 mm'],
]);

it('writes both units side by side, in the order the reader wants', function () {
    $gap = Length::inch(0.164);

    expect((new Display(UnitSystem::Inch))->both($gap, 0.0254))->toBe("0.164\u{00A0}in (4.17\u{00A0}mm)")
        ->and((new Display(UnitSystem::Metric, ','))->both($gap, 0.0254))->toBe("4,17\u{00A0}mm (0,164\u{00A0}in)");
});

it('gives every dimension a quantity and a base unit of factor one', function (Dimension $dimension) {
    expect(is_subclass_of($dimension->quantity(), Quantity::class))->toBeTrue()
        ->and($dimension->baseUnit()->factor)->toBe(1.0)
        ->and($dimension->baseUnit()->dimension)->toBe($dimension)
        ->and($dimension->quantity()::dimension())->toBe($dimension);
})->with(Dimension::cases());

it('knows no two units by one symbol', function () {
    $symbols = array_map(static fn (Unit $u): string => $u->symbol, Units::all());

    expect(array_unique($symbols))->toHaveCount(count($symbols));
});

it('takes the digits of a number from a file as its resolution', function (float $given, float $step) {
    expect(Entry::ofBase($given, Dimension::Length)->resolution)->toEqualWithDelta($step, 1e-12);
})->with([[240.0, 1.0], [7.35, 0.01], [0.4, 0.1]]);
