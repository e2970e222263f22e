<?php

declare(strict_types=1);

use Spindle\Quantity\Dimension;
use Spindle\Quantity\EntryReader;

// How people write units at a bench; common practice, no source. Each must mean the unit beside it.
it('knows a unit however it is spelt', function (Dimension $of, string $unit, array $spellings) {
    foreach ($spellings as $spelling) {
        expect(EntryReader::read("12 {$spelling}", $of)->unit->symbol)
            ->toBe($unit, $spelling)
            // "121/min" is another number.
            ->and(ctype_digit($spelling[0]) ? $unit : EntryReader::read("12{$spelling}", $of)->unit->symbol)
            ->toBe($unit, $spelling)
            ->and(EntryReader::read('12 '.mb_strtoupper($spelling), $of)->unit->symbol)
            ->toBe($unit, mb_strtoupper($spelling));
    }
})->with([
    [Dimension::Length, 'mm', ['mm', 'mm.', 'millimetres', 'millimeter']],
    [Dimension::Length, 'in', ['in', 'in.', '"', '”', '″', "''", 'inch', 'inches']],
    [Dimension::Length, 'thou', ['thou', 'thousandth', 'thousandths', 'thousandths of an inch']],
    [Dimension::Length, 'cm', ['cm', 'centimetres']],
    [Dimension::Length, 'ft', ['ft', 'foot', 'feet']],
    [Dimension::Torque, 'N·m', ['Nm', 'N·m', 'N m', 'N-m', 'N*m', 'newton metres']],
    [
        Dimension::Torque,
        'lbf·ft',
        ['lb ft', 'lb-ft', 'lb.ft', 'lbft', 'ft lb', 'ft-lb', 'ft lbs', 'lbf ft', 'lbf·ft', 'lbs ft', 'foot pounds', 'pound feet'],
    ],
    [Dimension::Torque, 'lbf·in', ['lb in', 'in-lb', 'in lbs', 'lbf in']],
    [Dimension::Torque, 'kgf·m', ['kgf m', 'kgm', 'kg m', 'mkg', 'mkp']],
    [Dimension::Force, 'N', ['N', 'newton', 'newtons']],
    [Dimension::Force, 'kN', ['kN']],
    [Dimension::Force, 'daN', ['daN']],
    [Dimension::Force, 'lbf', ['lbf', 'lb', 'lbs', 'pounds']],
    [Dimension::Force, 'kgf', ['kgf', 'kp']],
    [Dimension::Mass, 'kg', ['kg', 'kilo', 'kilograms']],
    [Dimension::Mass, 'lb', ['lb', 'lbs', 'pounds']],
    [Dimension::Mass, 't', ['t', 'tonne', 'tonnes']],
    [Dimension::Pressure, 'kPa', ['kPa']],
    [Dimension::Pressure, 'bar', ['bar', 'bars']],
    [Dimension::Pressure, 'psi', ['psi', 'p.s.i.', 'lb/in²', 'lbf/in2']],
    [Dimension::Power, 'kW', ['kW']],
    [Dimension::Power, 'hp', ['hp', 'h.p.', 'bhp', 'horsepower']],
    [Dimension::Power, 'PS', ['PS', 'cv', 'ch', 'pk', 'metric hp']],
    [Dimension::Speed, 'rpm', ['rpm', 'r.p.m.', '1/min', 'min-1', 'rev/min', 'r/min']],
    [Dimension::Distance, 'km', ['km', 'kilometres']],
    [Dimension::Distance, 'mi', ['mi', 'mile', 'miles']],
    [Dimension::Duration, 'h', ['h', 'hr', 'hrs', 'hours']],
    [Dimension::Duration, 'min', ['min', 'mins', 'minutes']],
    [Dimension::Angle, 'turn', ['turn', 'turns', 'revolution']],
    [Dimension::Angle, '°', ['°', 'deg', 'degrees']],
    [Dimension::Ratio, '%', ['%', 'percent', 'per cent']],
    [Dimension::Stiffness, 'N/mm', ['N/mm', 'kN/m']],
    [Dimension::Stiffness, 'lbf/in', ['lb/in', 'lbf/in', 'lbs/in']],
]);

it('tells a pound of mass from a pound of force by the field it stands in', function () {
    expect(EntryReader::read('2100 lb', Dimension::Force)->quantity->value)->toEqualWithDelta(9341.265, 0.001)
        ->and(EntryReader::read('2100 lb', Dimension::Mass)->quantity->value)->toEqualWithDelta(952.544, 0.001);
});
