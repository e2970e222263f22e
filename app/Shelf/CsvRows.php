<?php

declare(strict_types=1);

namespace App\Shelf;

/** Reads rows of a list one at a time. Source of the form: RFC 4180, with other signs between the columns. */
final class CsvRows
{
    /**
     * @param  string  $file  in UTF-8, lines ended by one sign
     * @return \Generator<int, CsvRow>
     *
     * @throws ShelfError when it cannot be opened
     */
    public static function from(string $file, string $separator, int $offset, int $line): \Generator
    {
        $in = @fopen($file, 'rb');
        if ($in === false) {
            throw ShelfError::unreadable();
        }
        try {
            fseek($in, $offset);
            while (($cells = fgetcsv($in, null, $separator, '"', '')) !== false) {
                $after = (int) ftell($in);
                $texts = $cells === [null] ? [''] : array_map(strval(...), $cells);
                $all = implode('', $texts);
                $next = $line + 1 + substr_count($all, "\n");
                if (trim($all) !== '') {
                    yield new CsvRow($texts, $line, $next, $after);
                }
                $line = $next;
            }
        } finally {
            fclose($in);
        }
    }

    /** @return list<CsvRow> */
    public static function sample(string $file, string $separator, int $most): array
    {
        $rows = [];
        foreach (self::from($file, $separator, 0, 1) as $row) {
            $rows[] = $row;
            if (count($rows) >= $most) {
                break;
            }
        }

        return $rows;
    }
}
