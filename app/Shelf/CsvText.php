<?php

declare(strict_types=1);

namespace App\Shelf;

/**
 * Writes a list down in UTF-8 whatever it came in: with or without byte-order mark, UTF-8, UTF-16 either way round, or Windows-1252,
 * which holds Latin-1. Source: The Unicode Standard, ch. 2.6 (encoding forms, byte-order mark); WHATWG Encoding (windows-1252).
 */
final class CsvText
{
    private const CHUNK = 65_536;

    /** A list of a hundred thousand kits with every column has a third of it. */
    public const LARGEST = 120;

    /**
     * @return string the encoding it was in
     *
     * @throws ShelfError when it is no text
     */
    public static function toUtf8(string $from, string $to): string
    {
        $size = @filesize($from);
        if ($size === false || ! is_readable($from)) {
            throw ShelfError::unreadable();
        }
        if ($size === 0) {
            throw ShelfError::empty();
        }
        if ($size > self::LARGEST * 1_000_000) {
            throw ShelfError::largerThan(self::LARGEST);
        }
        $encoding = self::encodingOf($from);
        [$in, $out] = [fopen($from, 'rb'), fopen($to, 'wb')];
        if ($in === false || $out === false) {
            throw ShelfError::unreadable();
        }
        $isWide = str_starts_with($encoding, 'UTF-16');
        fseek($in, match (true) {
            $isWide && self::startsWith($from, ["\xFF\xFE", "\xFE\xFF"]) => 2,
            $encoding === 'UTF-8' && self::startsWith($from, ["\xEF\xBB\xBF"]) => 3,
            default => 0,
        });
        $carried = $return = '';
        while (! feof($in)) {
            $chunk = $carried.fread($in, self::CHUNK);
            // Half a character waits for its other half.
            $whole = $isWide ? strlen($chunk) - strlen($chunk) % 4 : strlen($chunk);
            $carried = feof($in) ? '' : substr($chunk, $whole);
            $text = $encoding === 'UTF-8' ? $chunk : (string) mb_convert_encoding(
                feof($in) ? $chunk : substr($chunk, 0, $whole), 'UTF-8', $encoding,
            );
            if (str_contains($text, "\0")) {
                throw ShelfError::notText();
            }
            // Whatever ends the lines, it is one sign from here on; a return at the very end may have its other half in the next chunk.
            $text = $return.$text;
            $return = ! feof($in) && str_ends_with($text, "\r") ? "\r" : '';
            $text = str_replace(["\r\n", "\r"], "\n", $return === '' ? $text : substr($text, 0, -1));
            if (fwrite($out, $text) !== strlen($text)) {
                throw ShelfError::unreadable();
            }
        }
        fclose($in);
        fclose($out);

        return $encoding;
    }

    private static function encodingOf(string $file): string
    {
        $head = (string) file_get_contents($file, false, null, 0, 4096);
        if (str_starts_with($head, "\xFF\xFE")) {
            return 'UTF-16LE';
        }
        if (str_starts_with($head, "\xFE\xFF")) {
            return 'UTF-16BE';
        }
        // Plain letters in two bytes each: every other byte is nought.
        $pairs = str_split(substr($head, 0, strlen($head) - strlen($head) % 2), 2);
        $zeroSecond = count(array_filter($pairs, static fn (string $p): bool => ($p[1] ?? '') === "\0" && $p[0] !== "\0"));
        $zeroFirst = count(array_filter($pairs, static fn (string $p): bool => $p[0] === "\0" && ($p[1] ?? '') !== "\0"));

        return match (true) {
            $zeroSecond > 0.6 * count($pairs) => 'UTF-16LE',
            $zeroFirst > 0.6 * count($pairs) => 'UTF-16BE',
            self::isUtf8($file) => 'UTF-8',
            default => 'Windows-1252',
        };
    }

    private static function isUtf8(string $file): bool
    {
        $in = fopen($file, 'rb');
        $carried = '';
        while ($in !== false && ! feof($in)) {
            $chunk = $carried.fread($in, self::CHUNK);
            // A character of several bytes may be cut at the end of a chunk; it has four at most.
            $carried = feof($in) || preg_match('/[\xC0-\xFF][\x80-\xBF]{0,2}$/', $chunk, $m) !== 1 ? '' : $m[0];
            if (! mb_check_encoding($carried === '' ? $chunk : substr($chunk, 0, -strlen($carried)), 'UTF-8')) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<string>  $marks */
    private static function startsWith(string $file, array $marks): bool
    {
        $head = (string) file_get_contents($file, false, null, 0, 3);

        return array_filter($marks, static fn (string $mark): bool => str_starts_with($head, $mark)) !== [];
    }
}
