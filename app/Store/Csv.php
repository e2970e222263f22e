<?php

declare(strict_types=1);

namespace App\Store;

use RuntimeException;

/**
 * The one writer of tables that go out. A spreadsheet takes a cell that begins like a formula for one and runs it: such a cell gets an
 * apostrophe before it, which the spreadsheet hides and our own reader takes away again. Source: OWASP, CSV Injection (from memory).
 */
final class Csv
{
    /** What begins a formula, also in the full width of East Asian type, and after blanks that are not seen. */
    private const FORMULA = '/^[\s\x{00A0}\x{FEFF}]*[=+\-@|%\t\r\n\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]/u';

    /** A number with its unit is none: "-0.3 mm", "+12 %". */
    private const NUMBER = '/^[+\-]?\d[\d.,\x{00A0}\x{202F}]*(\s?[\p{L}°·%"″′²³µ]{1,8})?$/u';

    /**
     * @param  resource  $out
     * @param  list<scalar|null>  $cells
     */
    public static function put($out, array $cells): void
    {
        $row = array_map(static fn (mixed $cell): string => self::harmless(is_string($cell) ? $cell : (string) $cell), $cells);
        if (fputcsv($out, $row, ',', '"', '', "\r\n") === false) {
            throw new RuntimeException('the table cannot be written; is the disk full?');
        }
    }

    /** @param  iterable<list<scalar|null>>  $rows */
    public static function text(iterable $rows): string
    {
        $out = fopen('php://temp', 'w+b') ?: throw new RuntimeException('no memory for a file');
        foreach ($rows as $row) {
            self::put($out, $row);
        }
        rewind($out);
        $text = (string) stream_get_contents($out);
        fclose($out);

        return $text;
    }

    /** A cell as it was before it was made harmless. */
    public static function read(string $cell): string
    {
        return str_starts_with($cell, "'") && self::isFormula(substr($cell, 1)) ? substr($cell, 1) : $cell;
    }

    private static function harmless(string $cell): string
    {
        return self::isFormula($cell) ? "'{$cell}" : $cell;
    }

    private static function isFormula(string $cell): bool
    {
        return preg_match(self::FORMULA, $cell) === 1 && preg_match(self::NUMBER, $cell) !== 1;
    }
}
