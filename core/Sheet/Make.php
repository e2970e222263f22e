<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;

/** Short ways to write down a field in the dictionary. Least and greatest are in base units: beyond them a digit or unit slipped. */
final class Make
{
    public static function quantity(
        string $key,
        Station $at,
        string $label,
        Dimension $of,
        float $least,
        float $greatest,
        ?Instrument $by = null,
        string $unit = '',
        string $how = '',
    ): Field {
        return new Field(
            $key,
            Kind::Quantity,
            $at,
            $label,
            $of,
            Range::of($of, $least, $greatest),
            1,
            $by,
            [],
            $unit,
            $how,
        );
    }

    /** Zero or more. */
    public static function fromZero(
        string $key,
        Station $at,
        string $label,
        Dimension $of,
        float $greatest,
        ?Instrument $by = null,
        string $unit = '',
        string $how = '',
    ): Field {
        return self::quantity($key, $at, $label, $of, 0.0, $greatest, $by, $unit, $how);
    }

    /** A length at several places, zero or more. */
    public static function lengths(
        string $key,
        Station $at,
        string $label,
        float $greatest,
        int $places,
        Instrument $by,
        string $how = '',
    ): Field {
        return new Field(
            $key,
            Kind::Quantities,
            $at,
            $label,
            Dimension::Length,
            Range::of(Dimension::Length, 0.0, $greatest),
            $places,
            $by,
            [],
            '',
            $how,
        );
    }

    /** A share of one, shown in per cent. */
    public static function share(string $key, Station $at, string $label, float $least, float $greatest, string $how = ''): Field
    {
        return new Field(
            $key,
            Kind::Quantity,
            $at,
            $label,
            Dimension::Ratio,
            Range::of(Dimension::Ratio, $least, $greatest),
            1,
            null,
            [],
            '%',
            $how,
        );
    }

    /** A lever or gear ratio, or a coefficient. */
    public static function ratio(string $key, Station $at, string $label, float $least, float $greatest, string $how = ''): Field
    {
        return self::quantity($key, $at, $label, Dimension::Ratio, $least, $greatest, how: $how);
    }

    /** @param  list<\BackedEnum>  $cases  each with a label() */
    public static function choice(string $key, Station $at, string $label, array $cases, string $how = ''): Field
    {
        $options = [];
        foreach ($cases as $case) {
            $text = [$case, 'label'];
            $options[(string) $case->value] = is_callable($text) && is_string($shown = $text()) ? $shown : (string) $case->value;
        }

        return new Field($key, Kind::Word, $at, $label, options: $options, how: $how);
    }

    /** @param  array<string, string>  $options */
    public static function words(string $key, Kind $kind, Station $at, string $label, array $options, string $how = ''): Field
    {
        return new Field($key, $kind, $at, $label, options: $options, how: $how);
    }

    public static function text(string $key, Station $at, string $label, string $how = ''): Field
    {
        return new Field($key, Kind::Text, $at, $label, how: $how);
    }

    public static function count(string $key, Station $at, string $label, float $greatest, string $how = ''): Field
    {
        return new Field($key, Kind::Count, $at, $label, Dimension::Ratio, Range::of(Dimension::Ratio, 1.0, $greatest), how: $how);
    }

    public static function flag(string $key, Station $at, string $label, string $how = ''): Field
    {
        return new Field($key, Kind::Flag, $at, $label, options: ['yes' => 'yes', 'no' => 'no'], how: $how);
    }
}
