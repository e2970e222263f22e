<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Limits\ShopBooks;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use IntlDateFormatter;
use IntlDatePatternGenerator;
use NumberFormatter;
use ResourceBundle;
use Spindle\Quantity\Display;
use Spindle\Quantity\UnitSystem;
use Spindle\Record\Shop;

/** How dates and decimals are written: by the shop's region, the same for everybody; where none is said as the reader's browser asks. */
final class ReaderLocale
{
    /** @var array<string, IntlDateFormatter> made once each: making one takes longer than formatting a page with it */
    private static array $formatters = [];

    /** @var array<string, string> */
    private static array $signs = [];

    public static function tag(): string
    {
        $region = '';
        try {
            $region = ShopBooks::now()->value(Shop::NAME, Shop::REGION);
        } catch (QueryException) {
            // Before there is a shop, pages are written for whoever sets it up.
        }

        return $region !== '' ? $region : request()->getPreferredLanguage() ?? 'en';
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

    /** With the day of the week: "Mon, 30 Nov 2026". */
    public static function day(\DateTimeInterface $at): string
    {
        return self::patterned('yMMMEd', $at);
    }

    /** Of days near at hand: "Mon, 30 Nov". */
    public static function nearDay(\DateTimeInterface $at): string
    {
        return self::patterned('MMMEd', $at);
    }

    public static function time(\DateTimeInterface $at): string
    {
        return self::patterned('jm', $at);
    }

    /** @param  string  $skeleton  what is to be in it, as Unicode CLDR names it; the order is the region's */
    private static function patterned(string $skeleton, \DateTimeInterface $at): string
    {
        $tag = self::tag();
        $formatter = self::$formatters["{$tag}|{$skeleton}|{$at->getTimezone()->getName()}"] ??= new IntlDateFormatter(
            $tag, IntlDateFormatter::NONE, IntlDateFormatter::NONE, $at->getTimezone(), null, self::pattern($tag, $skeleton),
        );

        return (string) $formatter->format($at);
    }

    /** Kept from page to page, of regions that exist: the making of a generator takes as long as a small page. */
    private static function pattern(string $tag, string $skeleton): string
    {
        $name = 'date pattern '.INTL_ICU_DATA_VERSION." {$tag} {$skeleton}";
        $pattern = Cache::get($name);
        if (! is_string($pattern)) {
            $pattern = (string) (new IntlDatePatternGenerator($tag))->getBestPattern($skeleton);
            if (in_array(strtr($tag, '-', '_'), ResourceBundle::getLocales('') ?: [], true)) {
                Cache::forever($name, $pattern);
            }
        }

        return $pattern;
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
