<?php

declare(strict_types=1);

namespace App\Shelf;

/** How a list is written: what parts its columns, what sign its decimals have, where its row of names stands, what the names are. */
final readonly class CsvForm
{
    /** Rows that are looked at to find out. */
    private const SAMPLE = 200;

    private const SEPARATORS = [';', ',', "\t", '|'];

    /** More columns than any supplier has. */
    private const MOST_COLUMNS = 300;

    /** @param  list<string>  $columns  as the list names them; one without a name is called by its place */
    public function __construct(
        public string $separator,
        public string $decimal,
        public array $columns,
        public int $firstOffset,
        public int $firstLine,
        public string $encoding,
    ) {
    }

    /**
     * @param  string  $file  in UTF-8
     *
     * @throws ShelfError when no list can be made out
     */
    public static function of(string $file, string $encoding): self
    {
        $best = null;
        foreach (self::SEPARATORS as $separator) {
            $rows = CsvRows::sample($file, $separator, self::SAMPLE);
            $counts = array_count_values(array_map(static fn (CsvRow $row): int => count($row->cells), $rows));
            arsort($counts);
            $columns = (int) array_key_first($counts);
            $share = $rows === [] ? 0.0 : reset($counts) / count($rows);
            // Many columns in nearly every row: what parts them is found.
            $worth = $columns < 2 ? 0.0 : $share * log($columns + 1);
            if ($worth > ($best['worth'] ?? 0.0)) {
                $best = ['worth' => $worth, 'separator' => $separator, 'columns' => $columns, 'rows' => $rows];
            }
        }
        if ($best === null) {
            throw ShelfError::noColumns();
        }
        $head = 0;
        while (isset($best['rows'][$head]) && count($best['rows'][$head]->cells) !== $best['columns']) {
            $head++;
        }
        $names = $best['rows'][$head] ?? throw ShelfError::noColumns();
        if (! isset($best['rows'][$head + 1])) {
            throw ShelfError::noRows();
        }

        return new self(
            $best['separator'], self::decimalOf(array_slice($best['rows'], $head + 1), $best['separator']),
            self::names($names->cells), $names->after, $names->nextLine, $encoding,
        );
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     *
     * @throws ShelfError
     */
    private static function names(array $cells): array
    {
        $names = [];
        if (count($cells) > self::MOST_COLUMNS) {
            throw ShelfError::noColumns();
        }
        foreach ($cells as $i => $cell) {
            $name = trim((string) preg_replace('/\s+/u', ' ', $cell));
            $name = $name === '' ? 'column '.($i + 1) : mb_substr($name, 0, 100);
            if (in_array($name, $names, true)) {
                throw ShelfError::namedTwice($name);
            }
            $names[] = $name;
        }

        return $names;
    }

    /**
     * A comma where numbers have one or two digits after it and none have them after a point.
     *
     * @param  list<CsvRow>  $rows
     */
    private static function decimalOf(array $rows, string $separator): string
    {
        $comma = $point = 0;
        foreach ($rows as $row) {
            foreach ($row->cells as $cell) {
                $comma += preg_match('/^\s*-?(?:\d{1,3}(?:\.\d{3})*|\d+),(?:\d{1,2}|\d{4,})(?!\d)/', $cell);
                $point += preg_match('/^\s*-?(?:\d{1,3}(?:,\d{3})*|\d+)\.(?:\d{1,2}|\d{4,})(?!\d)/', $cell);
            }
        }

        return $comma > $point ? ',' : '.';
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** @param  array<string, mixed>  $form  as stored */
    public static function ofArray(array $form): self
    {
        return new self(
            (string) $form['separator'], (string) $form['decimal'], array_values(array_map(strval(...), (array) $form['columns'])),
            (int) $form['firstOffset'], (int) $form['firstLine'], (string) $form['encoding'],
        );
    }

    public function inWords(): string
    {
        $between = ['semicolons' => ';', 'commas' => ',', 'tabs' => "\t", 'bars' => '|'];

        return $this->encoding.', '.array_search($this->separator, $between, true).' between columns, decimal '
            .($this->decimal === ',' ? 'comma' : 'point');
    }
}
