<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** Reads what people write into a field: "0.164 in", "1-1/8\"", "25 lb ft", "40 000 km", "7,3". */
final readonly class EntryReader
{
    private const LONGEST = 200;

    /**
     * @param  Unit|null  $default  the unit the field shows; without one, the dimension's base unit
     *
     * @throws QuantityError when it cannot be read, can be read two ways, or is of another dimension
     */
    public static function read(string $typed, Dimension $wanted, ?Unit $default = null): Entry
    {
        if (strlen($typed) > self::LONGEST) {
            throw QuantityError::unreadable($typed, $wanted);
        }
        $comma = self::unitNamesThousands($typed) ?? $wanted->commaMeansThousands();
        $number = WrittenNumber::readFrom($typed, $wanted, $comma);
        $unit = $number->rest === '' ? ($default ?? $wanted->baseUnit()) : self::unit($typed, $number->rest, $wanted);

        return new Entry(
            $typed,
            $wanted->quantity()::of($unit->toBase($number->value)),
            $unit,
            $unit->toBase($number->step),
        );
    }

    /** A distance or hours typed into another field is still read as one, so that the message names the right fault. */
    private static function unitNamesThousands(string $typed): ?bool
    {
        $unit = (string) preg_replace('~^[\s\d.,+-]+~', '', $typed);
        $units = $unit === '' ? [] : Units::spelt($unit);

        return $units === [] ? null : $units[0]->dimension->commaMeansThousands();
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
