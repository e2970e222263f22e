<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\KitDetail;
use App\Store\Csv;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldValues;

/**
 * The open kit list: CSV in UTF-8, the names of kit fields in its first row, quantities as people write them, lists of words parted by
 * semicolons.
 */
final readonly class OpenKitList
{
    /**
     * @param  array<string, FieldValues>  $kits  by number; one without a number by its line
     * @param  list<RowError>  $errors  of rows that are not among them
     */
    private function __construct(public array $kits, public array $errors)
    {
    }

    /** @throws ShelfError when it is no list */
    public static function read(string $file): self
    {
        if (! is_file($file)) {
            throw ShelfError::unreadable();
        }
        $text = (string) tempnam(sys_get_temp_dir(), 'kits');
        try {
            $encoding = CsvText::toUtf8($file, $text);
            $form = CsvForm::of($text, $encoding);
            $reader = new RowReader($form, ColumnMap::of(ColumnMap::proposed($form->columns, null)->toArray()));
            $kits = $errors = [];
            foreach (CsvRows::from($text, $form->separator, $form->firstOffset, $form->firstLine) as $row) {
                $read = $reader->read($row);
                if ($read->errors !== []) {
                    array_push($errors, ...$read->errors);
                } elseif (isset($kits[$read->number()])) {
                    $errors[] = new RowError($row->line, 'number', $read->number(), 'a number of its own; another row has it already');
                } else {
                    $kits[$read->number()] = FieldValues::ofBase(Subjects::dictionary(), $read->facts);
                }
            }

            return new self($kits, $errors);
        } finally {
            @unlink($text);
        }
    }

    /** The currency of most of its prices. */
    public function currency(): string
    {
        $times = [];
        foreach ($this->kits as $kit) {
            if ($kit->has('kit.price')) {
                $currency = strtoupper($kit->word('kit.currency') ?? '');
                $times[$currency] = ($times[$currency] ?? 0) + 1;
            }
        }
        arsort($times);

        return (string) (array_key_first($times) ?? '');
    }

    /** @return list<string> the names of its columns */
    public static function columns(): array
    {
        return array_map(static fn (Field $f): string => substr($f->key, 4), array_values(array_filter(
            Subjects::dictionary()->all(), static fn (Field $f): bool => str_starts_with($f->key, 'kit.'),
        )));
    }

    /**
     * @param  resource  $out
     * @param  iterable<KitDetail>  $details
     */
    public static function write($out, iterable $details): void
    {
        Csv::put($out, self::columns());
        foreach ($details as $detail) {
            Csv::put($out, array_map(
                static fn (string $name): string => self::cell($detail->data[$name] ?? ''), self::columns(),
            ));
        }
    }

    private static function cell(mixed $value): string
    {
        return match (true) {
            is_array($value) => implode(';', array_map(static fn (mixed $v): string => is_scalar($v) ? (string) $v : '', $value)),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
