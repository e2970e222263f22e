<?php

declare(strict_types=1);

namespace Spindle\Quantity;

/** The number at the start of what was typed: decimal with point or comma, grouped thousands, or a fraction. */
final readonly class WrittenNumber
{
    /** Fractions that have a character of their own. */
    private const VULGAR = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4',
        '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    /**
     * @param  float  $step  the worth of the last digit; for a fraction a sixteenth of its denominator's part
     * @param  string  $rest  what follows the number: the unit, or nothing
     * @param  string  $twoWays  the digits, where a sign before exactly three of them may part thousands or decimals: "1,250", "40.000"
     */
    private function __construct(
        public float $value,
        public float $step,
        public string $rest,
        public string $twoWays = '',
        public bool $isFraction = false,
    ) {
    }

    /** The other reading of a number that can be read two ways: one thousand two hundred and fifty for "1,250". */
    public function asThousands(): self
    {
        $value = (float) str_replace([',', '.'], '', $this->twoWays);

        return new self($this->value < 0.0 ? -$value : $value, 1.0, $this->rest);
    }

    /**
     * The number with its decimals; where it can be read two ways, that is said, and the one who asks decides.
     *
     * @throws QuantityError when no number can be read
     */
    public static function readFrom(string $typed, Dimension $wanted): self
    {
        $text = trim((string) preg_replace('/[\s\x{00A0}\x{202F}\x{2009}]+/u', ' ', mb_scrub($typed)));
        $text = strtr($text, array_map(static fn (string $f): string => ' '.$f, self::VULGAR));
        $text = ltrim(strtr($text, ['−' => '-', '⁄' => '/']));

        if ($text === '') {
            throw QuantityError::empty($wanted);
        }
        if (preg_match('~^([+-]?)\s*(?:(\d{1,9})(?: | ?- ?))?(\d{1,9}) ?/ ?(\d{1,9})(?![\d.,/])(.*)$~u', $text, $m) === 1) {
            return self::fraction($typed, $m);
        }
        if (preg_match('~^([+-]?)\s*(\d{1,3}(?: \d{3})+(?![\d])(?:[.,]\d*)?|[\d.,]*\d[\d.,]*)(.*)$~u', $text, $m) !== 1) {
            throw QuantityError::unreadable($typed, $wanted);
        }
        $plain = self::plain($m[2], $typed, $wanted);
        $decimals = strlen((string) strrchr($plain, '.')) - 1;
        $value = (float) $plain;
        if (! is_finite($value)) {
            throw QuantityError::notFinite();
        }

        // A nought before the sign can part no thousands.
        $twoWays = preg_match('/^[1-9]\d{0,2}[.,]\d{3}$/', $m[2]) === 1 ? $m[2] : '';

        return new self($m[1] === '-' ? -$value : $value, 10 ** -max(0, $decimals), trim($m[3]), $twoWays);
    }

    /** @param  array{string, string, string, string, string, string}  $parts  all, sign, whole, over, under, and what stands behind */
    private static function fraction(string $typed, array $parts): self
    {
        [, $sign, $whole, $over, $under, $rest] = $parts;
        if ((int) $under === 0) {
            throw QuantityError::zeroDenominator($typed);
        }
        $value = (int) $whole + (int) $over / (int) $under;

        return new self($sign === '-' ? -$value : $value, 1 / (16 * (int) $under), trim($rest), '', true);
    }

    /** Digits with at most one point, from digits with points, commas and blanks in any known order. */
    private static function plain(string $number, string $typed, Dimension $wanted): string
    {
        $digits = str_replace(' ', '', $number);
        if (preg_match('/^\d*[.,]?\d*$/', $digits) === 1) {
            return str_replace(',', '.', $digits);
        }
        foreach ([',' => '.', '.' => ','] as $thousands => $decimal) {
            $t = preg_quote($thousands);
            $d = preg_quote($decimal);
            if (
                preg_match("/^\\d{1,3}(?:{$t}\\d{3})+{$d}\\d*$/", $digits) === 1 ||
                preg_match("/^\\d{1,3}(?:{$t}\\d{3}){2,}$/", $digits) === 1
            ) {
                return str_replace([$thousands, $decimal], ['', '.'], $digits);
            }
        }
        throw QuantityError::unreadable($typed, $wanted);
    }
}
