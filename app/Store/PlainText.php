<?php

declare(strict_types=1);

namespace App\Store;

/** Text that can be shown, printed and exported: UTF-8 without control characters. A tab and a new line are no harm. */
final class PlainText
{
    private const CONTROLS = '/[\x{00}-\x{08}\x{0B}\x{0C}\x{0E}-\x{1F}\x{7F}-\x{9F}\x{FFFE}\x{FFFF}]/u';

    public static function is(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && preg_match(self::CONTROLS, $text) === 0;
    }

    /** The same with what cannot be shown taken out; a byte that is no letter becomes a question mark. */
    public static function mended(string $text): string
    {
        return (string) preg_replace(self::CONTROLS, '', mb_scrub($text, 'UTF-8'));
    }

    /**
     * A row that is read: what could not be sent to anybody is shown with question marks, whatever is stored.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function row(array $row): array
    {
        foreach ($row as $column => $value) {
            if (is_string($value) && ! mb_check_encoding($value, 'UTF-8')) {
                $row[$column] = mb_scrub($value, 'UTF-8');
            }
        }

        return $row;
    }
}
