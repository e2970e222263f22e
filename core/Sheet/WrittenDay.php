<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/**
 * A day as people write it, or as much of it as is known. Kept as ISO 8601 writes it: 2026-12-03, 2026-12, 2026.
 *
 * Of two plain numbers before a year the reader's region says which is the month; where it is not known, or one of them can only be a
 * day, that decides, and what is left open is asked.
 */
final class WrittenDay
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    private const EARLIEST = 1900;

    /**
     * @param  bool|null  $isMonthFirst  whether 3/12/2026 is the twelfth of March; nothing where nobody knows
     *
     * @throws SheetError when it is no day, or can be two
     */
    public static function read(string $typed, string $place, ?bool $isMonthFirst = null): string
    {
        $text = trim((string) preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', mb_strtolower(mb_scrub($typed))));
        [$year, $month, $day] = self::parts($text, $typed, $place, $isMonthFirst)
            ?? throw SheetError::wrongType($place, 'a date such as 2024, 2024-05, 2024-05-17 or 17 May 2024', $typed);
        if ($year < self::EARLIEST || ! checkdate($month ?? 1, $day ?? 1, $year)) {
            throw SheetError::wrongType($place, 'a date such as 2024, 2024-05, 2024-05-17 or 17 May 2024', $typed);
        }

        return match (true) {
            $month === null => sprintf('%04d', $year),
            $day === null => sprintf('%04d-%02d', $year, $month),
            default => sprintf('%04d-%02d-%02d', $year, $month, $day),
        };
    }

    /** @return array{int, int|null, int|null}|null year, month, day */
    private static function parts(string $text, string $typed, string $place, ?bool $isMonthFirst): ?array
    {
        $number = static fn (?string $digits): ?int => $digits === null || $digits === '' ? null : (int) $digits;
        if (preg_match('/^(\d{4})(?:[-.\/](\d{1,2})(?:[-.\/](\d{1,2}))?)?$/', $text, $m) === 1) {
            return [(int) $m[1], $number($m[2] ?? null), $number($m[3] ?? null)];
        }
        if (preg_match('/^(?:(\d{1,2})(?:st|nd|rd|th|\.)?[ -])?([a-z]{3,9})\.?,?[ -](\d{4})$/', $text, $m) === 1) {
            return self::named((int) $m[3], $m[2], $number($m[1]));
        }
        if (preg_match('/^([a-z]{3,9})\.? (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})$/', $text, $m) === 1) {
            return self::named((int) $m[3], $m[1], (int) $m[2]);
        }
        // With dots the day stands first wherever days are written so.
        if (preg_match('/^(\d{1,2})\. ?(\d{1,2})\. ?(\d{4})$/', $text, $m) === 1) {
            return [(int) $m[3], (int) $m[2], (int) $m[1]];
        }
        if (preg_match('/^(\d{1,2})[\/-](\d{4})$/', $text, $m) === 1) {
            return [(int) $m[2], (int) $m[1], null];
        }
        if (preg_match('/^(\d{1,2})[\/-](\d{1,2})[\/-](\d{4})$/', $text, $m) !== 1) {
            return null;
        }

        return self::ordered((int) $m[1], (int) $m[2], (int) $m[3], $isMonthFirst)
            ?? throw SheetError::at($place, "“{$typed}” can be read two ways; write the month as a word, or the year first");
    }

    /** @return array{int, int|null, int|null}|null */
    private static function named(int $year, string $month, ?int $day): ?array
    {
        $at = array_search(substr($month, 0, 3), self::MONTHS, true);

        return is_int($at) ? [$year, $at + 1, $day] : null;
    }

    /** @return array{int, int, int}|null nothing where both orders are possible and nobody knows which is meant */
    private static function ordered(int $first, int $second, int $year, ?bool $isMonthFirst): ?array
    {
        return match (true) {
            $first === $second, $first > 12 => [$year, $second, $first],
            $second > 12 => [$year, $first, $second],
            $isMonthFirst === null => null,
            default => $isMonthFirst ? [$year, $first, $second] : [$year, $second, $first],
        };
    }
}
