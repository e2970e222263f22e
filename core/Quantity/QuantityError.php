<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** Why a written quantity was refused. The message says what was read and what is expected, without the field's name. */
final class QuantityError extends \DomainException
{
    private const LONGEST_QUOTE = 40;

    public static function empty(Dimension $wanted): self
    {
        return new self("nothing was entered; {$wanted->withArticle()} is expected, for example {$wanted->examples()}");
    }

    public static function unreadable(string $typed, Dimension $wanted): self
    {
        return new self(
            self::quote($typed)." is not a number with a unit; {$wanted->withArticle()} is expected, for example {$wanted->examples()}",
        );
    }

    public static function unknownUnit(string $typed, string $unit, Dimension $wanted): self
    {
        return new self(
            'the unit '.
                self::quote($unit).
                ' in '.
                self::quote($typed).
                " is not known; {$wanted->withArticle()} is expected, for example {$wanted->examples()}",
        );
    }

    public static function wrongDimension(string $typed, Dimension $read, Dimension $wanted): self
    {
        $hint = $read === Dimension::Mass && $wanted === Dimension::Force ? '; a force in kilograms is written kgf' : '';

        return new self(
            self::quote($typed).
                " was read as {$read->withArticle()}; {$wanted->withArticle()} is expected, for example {$wanted->examples()}{$hint}",
        );
    }

    public static function ambiguous(string $typed, string $number): self
    {
        $decimal = rtrim(str_replace(',', '.', $number), '0').'';
        $thousands = str_replace([',', '.'], ' ', $number);

        return new self(
            self::quote($typed).
                " can be read two ways: is it {$decimal} (write it without three digits after the point) or {$thousands} (write a blank)?",
        );
    }

    /** A fraction is how inches are written; in a field of millimetres nobody can tell. */
    public static function fractionOfWhat(string $typed, float $value): self
    {
        $plain = rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');
        $inches = rtrim(rtrim(number_format($value * 25.4, 2, '.', ''), '0'), '.');

        return new self(
            self::quote($typed)." is a fraction without a unit: write {$typed} in if inches are meant ({$inches} mm), or {$plain} mm",
        );
    }

    public static function whichMil(string $typed, float $value): self
    {
        $number = rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');

        return new self(
            self::quote($typed)." can be read two ways: write {$number} thou for thousandths of an inch, or {$number} mm",
        );
    }

    public static function zeroDenominator(string $typed): self
    {
        return new self(self::quote($typed).' divides by zero');
    }

    public static function notFinite(): self
    {
        return new self('the number is too large to be a measurement');
    }

    public static function outsideRange(string $read, string $least, string $greatest): self
    {
        return new self("{$read} cannot be right; expected between {$least} and {$greatest}");
    }

    public static function tooFine(string $typed): self
    {
        return new self(self::quote(trim($typed)).' is finer than anything in a workshop can be told; write nought, or what was read');
    }

    /** What was typed, in quotes, cut short and without control characters. */
    private static function quote(string $typed): string
    {
        $clean = mb_scrub((string) preg_replace('/[\x00-\x1F\x7F]+/', ' ', $typed));

        return '“'.(mb_strlen($clean) > self::LONGEST_QUOTE ? mb_substr($clean, 0, self::LONGEST_QUOTE).'…' : $clean).'”';
    }
}
