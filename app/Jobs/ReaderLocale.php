<?php

declare(strict_types=1);

namespace App\Jobs;

use IntlDateFormatter;
use NumberFormatter;
use Spindle\Quantity\Display;
use Spindle\Quantity\UnitSystem;

/** The reader's own way of writing dates and decimals, as their browser asks for it. */
final class ReaderLocale
{
    /** @var array<string, IntlDateFormatter> made once each: making one takes longer than formatting a page with it */
    private static array $formatters = [];

    /** @var array<string, string> */
    private static array $signs = [];

    public static function tag(): string
    {
        return request()->getPreferredLanguage() ?? 'en';
    }

    public static function decimalSign(): string
    {
        $tag = self::tag();

        return self::$signs[$tag] ??=
            (new NumberFormatter($tag, NumberFormatter::DECIMAL))->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL) === ','
                ? ','
                : '.';
    }

    /** Figures as the reader writes them, of pages that belong to no job. */
    public static function display(UnitSystem $units = UnitSystem::Metric): Display
    {
        return new Display($units, self::decimalSign());
    }

    public static function dateTime(\DateTimeInterface $at): string
    {
        return (string) self::formatter(IntlDateFormatter::SHORT)->format($at);
    }

    public static function date(\DateTimeInterface $at): string
    {
        return (string) self::formatter(IntlDateFormatter::NONE)->format($at);
    }

    /** Whether the twelfth of March is 3/12 to the reader. */
    public static function isMonthFirst(): bool
    {
        $pattern = (new IntlDateFormatter(self::tag(), IntlDateFormatter::SHORT, IntlDateFormatter::NONE))->getPattern();

        return is_string($pattern) && strcspn($pattern, 'M') < strcspn($pattern, 'd') && strcspn($pattern, 'M') < strcspn($pattern, 'y');
    }

    private static function formatter(int $time): IntlDateFormatter
    {
        $tag = self::tag();

        return self::$formatters["{$tag}|{$time}"] ??= new IntlDateFormatter($tag, IntlDateFormatter::MEDIUM, $time);
    }
}
