<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** Reads what people write into a field: "0.164 in", "1-1/8\"", "25 lb ft", "40 000 km", "7,3". */
final readonly class EntryReader
{
    private const LONGEST = 200;

    /**
     * @param  Unit|null  $default  the unit the field shows; without one, the dimension's base unit
     * @param  Range|null  $plausible  what the field can hold: of two ways to read a number the one that lies in it is meant
     *
     * @throws QuantityError when it cannot be read, can be read two ways, or is of another dimension
     */
    public static function read(string $typed, Dimension $wanted, ?Unit $default = null, ?Range $plausible = null): Entry
    {
        if (strlen($typed) > self::LONGEST) {
            throw QuantityError::unreadable($typed, $wanted);
        }
        $number = WrittenNumber::readFrom($typed, $wanted);
        if ($wanted === Dimension::Ratio && preg_match('/^:\s*\d/', $number->rest) === 1) {
            return self::oneIn($typed, $number, $wanted);
        }
        $bare = $number->rest === '' ? $default ?? $wanted->baseUnit() : null;
        if ($wanted === Dimension::Length && $number->isFraction && $bare !== null && $bare->symbol !== 'in') {
            throw QuantityError::fractionOfWhat($typed, $number->value);
        }
        if (self::isMil($number->rest)) {
            throw QuantityError::whichMil($typed, $number->value);
        }
        $unit = $bare ?? self::unit($typed, $number->rest, $wanted);
        $number = $number->twoWays === '' ? $number : self::meant($typed, $number, $unit, $wanted, $plausible);

        return new Entry(
            $typed,
            $wanted->quantity()::of($unit->toBase($number->value)),
            $unit,
            $unit->toBase($number->step),
        );
    }

    /**
     * Distances and hours come in thousands; of anything else that can be read two ways the plausible one is meant, and where both
     * are, it is asked.
     */
    private static function meant(string $typed, WrittenNumber $decimal, Unit $unit, Dimension $wanted, ?Range $plausible): WrittenNumber
    {
        if ($wanted->comesInThousands()) {
            return $decimal->asThousands();
        }
        if ($plausible === null) {
            return str_contains($decimal->twoWays, ',') ? throw QuantityError::ambiguous($typed, $decimal->twoWays) : $decimal;
        }
        $asDecimal = $plausible->holds($unit->toBase($decimal->value));
        $asThousands = $plausible->holds($unit->toBase($decimal->asThousands()->value));

        return match (true) {
            $asDecimal && $asThousands => throw QuantityError::ambiguous($typed, $decimal->twoWays),
            $asThousands => $decimal->asThousands(),
            default => $decimal,
        };
    }

    /** In some shops a thousandth of an inch, in others a millimetre: a factor of forty. */
    private static function isMil(string $written): bool
    {
        return preg_match('/^mils?$/i', $written) === 1;
    }

    /**
     * "1:8" is one part in eight, "6:1" six to one.
     *
     * @throws QuantityError
     */
    private static function oneIn(string $typed, WrittenNumber $over, Dimension $wanted): Entry
    {
        $under = WrittenNumber::readFrom(ltrim($over->rest, ': '), $wanted);
        if ($under->rest !== '') {
            throw QuantityError::unreadable($typed, $wanted);
        }
        if ($under->value === 0.0) {
            throw QuantityError::zeroDenominator($typed);
        }
        $value = $over->value / $under->value;
        $step = max($over->step, abs($value) * $under->step) / abs($under->value);

        return new Entry($typed, Ratio::of($value), $wanted->baseUnit(), $step);
    }

    private static function unit(string $typed, string $written, Dimension $wanted): Unit
    {
        $units = Units::spelt($written);
        foreach ($units as $unit) {
            if ($unit->dimension === $wanted) {
                return $unit;
            }
        }
        if ($units === []) {
            throw QuantityError::unknownUnit($typed, $written, $wanted);
        }

        throw QuantityError::wrongDimension($typed, $units[0]->dimension, $wanted);
    }
}
