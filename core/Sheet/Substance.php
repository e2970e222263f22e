<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Whether a reason says anything: two words at least, and letters enough to be one. */
final class Substance
{
    /** From memory [M]: "no road today" is a reason, "n/a" and "ok ok" are none. */
    private const LETTERS = 8;

    private const DIFFERENT = 5;

    public static function isIn(string $reason): bool
    {
        $words = preg_match_all('/\p{L}{2,}/u', $reason);
        $letters = mb_strtolower((string) preg_replace('/[^\p{L}]/u', '', $reason));

        return $words >= 2 && mb_strlen($letters) >= self::LETTERS && count(array_unique(mb_str_split($letters))) >= self::DIFFERENT;
    }
}
