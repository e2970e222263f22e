<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** What kind of thing a quantity measures. Each has one base unit, used in code and files. */
enum Dimension: string
{
    case Length = 'length';
    case Torque = 'torque';
    case Force = 'force';
    case Pressure = 'pressure';
    case Power = 'power';
    case Speed = 'rotational speed';
    case Mass = 'mass';
    case Energy = 'energy';
    case Angle = 'angle';
    case Distance = 'distance';
    case Duration = 'duration';
    case Ratio = 'ratio';
    case Stiffness = 'spring rate';
    case Area = 'area';
    case Volume = 'volume';
    case Inertia = 'moment of inertia';
    case EnergyPerArea = 'energy per area';
    case TemperatureRise = 'temperature rise';

    /** @return class-string<Quantity> */
    public function quantity(): string
    {
        return match ($this) {
            self::Length => Length::class,
            self::Torque => Torque::class,
            self::Force => Force::class,
            self::Pressure => Pressure::class,
            self::Power => Power::class,
            self::Speed => Speed::class,
            self::Mass => Mass::class,
            self::Energy => Energy::class,
            self::Angle => Angle::class,
            self::Distance => Distance::class,
            self::Duration => Duration::class,
            self::Ratio => Ratio::class,
            self::Stiffness => Stiffness::class,
            self::Area => Area::class,
            self::Volume => Volume::class,
            self::Inertia => Inertia::class,
            self::EnergyPerArea => EnergyPerArea::class,
            self::TemperatureRise => TemperatureRise::class,
        };
    }

    public function baseUnit(): Unit
    {
        return Units::named(match ($this) {
            self::Length => 'mm',
            self::Torque => 'N·m',
            self::Force => 'N',
            self::Pressure => 'kPa',
            self::Power => 'W',
            self::Speed => 'rpm',
            self::Mass => 'kg',
            self::Energy => 'J',
            self::Angle => 'turn',
            self::Distance => 'km',
            self::Duration => 'h',
            self::Ratio => '',
            self::Stiffness => 'N/mm',
            self::Area => 'mm²',
            self::Volume => 'mm³',
            self::Inertia => 'kg·m²',
            self::EnergyPerArea => 'J/cm²',
            self::TemperatureRise => 'K',
        });
    }

    /** Two ways of writing this quantity that a message can offer as examples. */
    public function examples(): string
    {
        return match ($this) {
            self::Length => '7.3 mm or 0.287 in',
            self::Torque => '210 N·m or 155 lb ft',
            self::Force => '6.2 kN or 1390 lbf',
            self::Pressure => '350 kPa or 51 psi',
            self::Power => '110 kW or 150 hp',
            self::Speed => '2000 rpm',
            self::Mass => '1400 kg or 3090 lb',
            self::Energy => '14 kJ',
            self::Angle => '3/4 turn or 270°',
            self::Distance => '40 000 km or 25 000 mi',
            self::Duration => '1200 h',
            self::Ratio => '12 % or 4.1',
            self::Stiffness => '180 N/mm',
            self::Area => '25 000 mm²',
            self::Volume => '400 mm³',
            self::Inertia => '0.6 kg·m²',
            self::EnergyPerArea => '60 J/cm²',
            self::TemperatureRise => '20 K',
        };
    }

    /** Whether a comma or point before exactly three digits parts thousands: nobody reads an odometer to the metre. */
    public function comesInThousands(): bool
    {
        return $this === self::Distance || $this === self::Duration;
    }

    /** With its article, as a message says it: "a length", "an angle". */
    public function withArticle(): string
    {
        return (in_array($this, [self::Energy, self::Angle, self::Area, self::EnergyPerArea], true) ? 'an ' : 'a ').$this->value;
    }
}
