<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/**
 * Every unit that may be typed, with its exact conversion.
 *
 * Source of the factors: NIST SP 811 (2008), appendix B. An inch is 25.4 mm, a pound 0.453 592 37 kg, a
 * pound-force 4.448 221 615 260 5 N, standard gravity 9.806 65 m/s², a mechanical horsepower 550 ft·lbf/s,
 * a metric horsepower 75 kgf·m/s, a mile 1609.344 m; the others follow from these.
 */
final class Units
{
    private const INCH = 25.4;

    private const POUND = 0.45359237;

    private const POUND_FORCE = 4.4482216152605;

    private const GRAVITY = 9.80665;

    /** @var list<Unit>|null */
    private static ?array $all = null;

    /** @var array<string, Unit>|null */
    private static ?array $bySymbol = null;

    /** @var array<string, list<Unit>>|null */
    private static ?array $bySpelling = null;

    /**
     * The unit with exactly this symbol.
     *
     * @throws UnitError when the code names a unit that does not exist
     */
    public static function named(string $symbol): Unit
    {
        self::$bySymbol ??= array_column(
            array_map(static fn (Unit $u): array => [$u->symbol, $u], self::all()), 1, 0,
        );

        return self::$bySymbol[$symbol] ?? throw UnitError::unknown($symbol);
    }

    /**
     * The units that a written unit may mean: "lb" is both a mass and a force.
     *
     * @return list<Unit>
     */
    public static function spelt(string $written): array
    {
        if (self::$bySpelling === null) {
            self::$bySpelling = [];
            foreach (self::all() as $unit) {
                foreach (array_unique([self::fold($unit->symbol), ...$unit->spellings]) as $spelling) {
                    self::$bySpelling[$spelling][] = $unit;
                }
            }
        }

        return self::$bySpelling[self::fold($written)] ?? [];
    }

    /** Lower case, without blanks, dots, hyphens and the product sign: "Lb · Ft." and "lbft" are the same. */
    private static function fold(string $written): string
    {
        return (string) preg_replace('/[\s\x{00A0}\x{202F}\x{2009}.·⋅∙*×‑–-]+/u', '', mb_strtolower($written));
    }

    /** @return list<Unit> */
    public static function all(): array
    {
        return self::$all ??= self::table();
    }

    /** @return list<Unit> */
    private static function table(): array
    {
        $lbf = self::POUND_FORCE;

        return [
            new Unit('mm', Dimension::Length, 1.0, ['millimetre', 'millimetres', 'millimeter', 'millimeters']),
            new Unit('in', Dimension::Length, self::INCH, ['"', '″', '”', '“', "''", '′′', 'inch', 'inches']),
            new Unit('thou', Dimension::Length, self::INCH / 1000, ['thousandth', 'thousandths', 'thousandthsofaninch']),
            new Unit('cm', Dimension::Length, 10.0, ['centimetre', 'centimetres']),
            new Unit('m', Dimension::Length, 1000.0, ['metre', 'metres', 'meter', 'meters']),
            new Unit('µm', Dimension::Length, 0.001, ['μm', 'um', 'micron', 'microns']),
            new Unit('ft', Dimension::Length, 12 * self::INCH, ['foot', 'feet']),

            new Unit('N·m', Dimension::Torque, 1.0, ['newtonmetre', 'newtonmetres']),
            new Unit('lbf·ft', Dimension::Torque, $lbf * 0.3048, [
                'lbft', 'lbsft', 'ftlb', 'ftlbs', 'ftlbf', 'poundfeet', 'poundfoot', 'footpounds', 'footpound',
            ]),
            new Unit('lbf·in', Dimension::Torque, $lbf * 0.0254, ['lbin', 'lbsin', 'inlb', 'inlbs', 'inlbf']),
            new Unit('kgf·m', Dimension::Torque, self::GRAVITY, ['kgm', 'mkg', 'mkgf', 'kpm', 'mkp']),
            new Unit('daN·m', Dimension::Torque, 10.0),

            new Unit('N', Dimension::Force, 1.0, ['newton', 'newtons']),
            new Unit('kN', Dimension::Force, 1000.0),
            new Unit('daN', Dimension::Force, 10.0),
            new Unit('lbf', Dimension::Force, $lbf, ['lb', 'lbs', 'pound', 'pounds']),
            new Unit('kgf', Dimension::Force, self::GRAVITY, ['kp']),

            new Unit('kPa', Dimension::Pressure, 1.0),
            new Unit('Pa', Dimension::Pressure, 0.001),
            new Unit('MPa', Dimension::Pressure, 1000.0, ['n/mm²', 'n/mm2']),
            new Unit('bar', Dimension::Pressure, 100.0, ['bars']),
            new Unit('psi', Dimension::Pressure, $lbf / (self::INCH * self::INCH) * 1000, ['lbf/in²', 'lb/in²', 'lbf/in2', 'lb/in2']),

            new Unit('W', Dimension::Power, 1.0, ['watt', 'watts']),
            new Unit('kW', Dimension::Power, 1000.0),
            new Unit('hp', Dimension::Power, 550 * 0.3048 * $lbf, ['bhp', 'horsepower']),
            new Unit('PS', Dimension::Power, 75 * self::GRAVITY, ['cv', 'ch', 'pk', 'hk', 'metrichp', 'metrichorsepower', 'hp(m)']),

            new Unit('rpm', Dimension::Speed, 1.0, ['1/min', 'min1', 'min⁻¹', 'r/min', 'rev/min', 'revs', 'u/min']),
            new Unit('rad/s', Dimension::Speed, 30 / M_PI),

            new Unit('kg', Dimension::Mass, 1.0, ['kilo', 'kilos', 'kilogram', 'kilograms']),
            new Unit('g', Dimension::Mass, 0.001, ['gram', 'grams']),
            new Unit('t', Dimension::Mass, 1000.0, ['tonne', 'tonnes']),
            new Unit('lb', Dimension::Mass, self::POUND, ['lbs', 'pound', 'pounds']),

            new Unit('J', Dimension::Energy, 1.0, ['joule', 'joules']),
            new Unit('kJ', Dimension::Energy, 1000.0),

            new Unit('turn', Dimension::Angle, 1.0, ['turns', 'rev', 'revolution', 'revolutions']),
            new Unit('°', Dimension::Angle, 1 / 360, ['deg', 'degree', 'degrees']),
            new Unit('rad', Dimension::Angle, 1 / (2 * M_PI), ['radian', 'radians']),

            new Unit('km', Dimension::Distance, 1.0, ['kilometre', 'kilometres', 'kilometer', 'kilometers']),
            new Unit('mi', Dimension::Distance, 1.609344, ['mile', 'miles']),

            new Unit('h', Dimension::Duration, 1.0, ['hr', 'hrs', 'hour', 'hours']),
            new Unit('min', Dimension::Duration, 1 / 60, ['mins', 'minute', 'minutes']),
            new Unit('s', Dimension::Duration, 1 / 3600, ['sec', 'secs', 'second', 'seconds']),

            new Unit('', Dimension::Ratio, 1.0, [':1', 'to1']),
            new Unit('%', Dimension::Ratio, 0.01, ['percent', 'pc']),

            new Unit('N/mm', Dimension::Stiffness, 1.0, ['kn/m']),
            new Unit('kgf/mm', Dimension::Stiffness, self::GRAVITY, ['kg/mm']),
            new Unit('lbf/in', Dimension::Stiffness, $lbf / self::INCH, ['lb/in', 'lbs/in']),

            new Unit('mm²', Dimension::Area, 1.0, ['mm2', 'sqmm']),
            new Unit('cm²', Dimension::Area, 100.0, ['cm2', 'sqcm']),
            new Unit('mm³', Dimension::Volume, 1.0, ['mm3']),
            new Unit('kg·m²', Dimension::Inertia, 1.0, ['kgm2']),
            new Unit('J/cm²', Dimension::EnergyPerArea, 1.0, ['j/cm2']),
            new Unit('K', Dimension::TemperatureRise, 1.0),
        ];
    }
}
