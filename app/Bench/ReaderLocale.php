<?php

declare(strict_types=1);

namespace App\Bench;

use IntlDateFormatter;
use Locale;
use NumberFormatter;

/** The reader's own way of writing dates and decimals, as their browser asks for it. */
final class ReaderLocale
{
    public static function tag(): string
    {
        $asked = Locale::acceptFromHttp((string) request()->header('Accept-Language', 'en'));

        return is_string($asked) ? $asked : 'en';
    }

    public static function decimalSign(): string
    {
        $sign = (new NumberFormatter(self::tag(), NumberFormatter::DECIMAL))->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL);

        return $sign === ',' ? ',' : '.';
    }

    public static function dateTime(\DateTimeInterface $at): string
    {
        return (string) (new IntlDateFormatter(self::tag(), IntlDateFormatter::MEDIUM, IntlDateFormatter::SHORT))->format($at);
    }

    public static function date(\DateTimeInterface $at): string
    {
        return (string) (new IntlDateFormatter(self::tag(), IntlDateFormatter::MEDIUM, IntlDateFormatter::NONE))->format($at);
    }
}
