<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;

/** Short ways to write down a field in the dictionary. Least and greatest are in base units: beyond them a digit or unit slipped. */
final class Make
{
    public static function quantity(string $key, Station $at, string $label, Range $range): Field
    {
        return new Field($key, Kind::Quantity, $at, $label, $range->of, $range);
    }

    /** Zero or more. */
    public static function fromZero(string $key, Station $at, string $label, Dimension $of, float $greatest): Field
    {
        return self::quantity($key, $at, $label, Range::of($of, 0.0, $greatest));
    }

    /** A length at several places, zero or more. */
    public static function lengths(string $key, Station $at, string $label, float $greatest, int $places): Field
    {
        $range = Range::of(Dimension::Length, 0.0, $greatest);

        return new Field($key, Kind::Quantities, $at, $label, $range->of, $range, $places);
    }

    /** A share of one, shown in per cent. */
    public static function share(string $key, Station $at, string $label, float $least, float $greatest): Field
    {
        return self::ratio($key, $at, $label, $least, $greatest)->in('%');
    }

    /** Rise over level distance, shown in per cent; 1:8 and an angle are read too. */
    public static function grade(string $key, Station $at, string $label): Field
    {
        $range = Range::of(Dimension::Ratio, 0.0, 1.0);

        return new Field($key, Kind::Quantity, $at, $label, $range->of, $range, unit: '%', isSlope: true);
    }

    /** A lever or gear ratio, or a coefficient. */
    public static function ratio(string $key, Station $at, string $label, float $least, float $greatest): Field
    {
        return self::quantity($key, $at, $label, Range::of(Dimension::Ratio, $least, $greatest));
    }

    /** @param  list<\BackedEnum>  $cases  each with a label() */
    public static function choice(string $key, Station $at, string $label, array $cases): Field
    {
        $options = [];
        foreach ($cases as $case) {
            $text = [$case, 'label'];
            $options[(string) $case->value] = is_callable($text) && is_string($shown = $text()) ? $shown : (string) $case->value;
        }

        return new Field($key, Kind::Word, $at, $label, options: $options);
    }

    /** @param  array<string, string>  $options */
    public static function words(string $key, Kind $kind, Station $at, string $label, array $options): Field
    {
        return new Field($key, $kind, $at, $label, options: $options);
    }

    public static function text(string $key, Station $at, string $label): Field
    {
        return new Field($key, Kind::Text, $at, $label);
    }

    public static function count(string $key, Station $at, string $label, float $greatest, float $least = 1.0): Field
    {
        return new Field($key, Kind::Count, $at, $label, Dimension::Ratio, Range::of(Dimension::Ratio, $least, $greatest));
    }

    public static function flag(string $key, Station $at, string $label): Field
    {
        return new Field($key, Kind::Flag, $at, $label, options: ['yes' => 'yes', 'no' => 'no']);
    }
}
