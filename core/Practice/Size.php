<?php

declare(strict_types=1);

namespace Spindle\Practice;

/** A size as the documents of practice vehicles have it written: "4.8 kN". */
final class Size
{
    private const DIGITS = 2;

    /** The number of it; of several the first. */
    public static function number(mixed $written): float
    {
        $one = is_array($written) ? $written[0] ?? '' : $written;

        return is_string($one) ? (float) $one : 0.0;
    }

    public static function written(float $number, string $unit): string
    {
        return rtrim(rtrim(number_format(round($number, self::DIGITS), self::DIGITS, '.', ''), '0'), '.')." {$unit}";
    }
}
