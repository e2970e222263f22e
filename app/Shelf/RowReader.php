<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Store\Csv;
use Spindle\Capacity\CapacityError;
use Spindle\Capacity\Lining;
use Spindle\Quantity\Length;
use Spindle\Quantity\Unit;
use Spindle\Quantity\Units;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;

/** Reads the rows of one list, each cell as the field it is said to hold. */
final class RowReader
{
    /** The same few diameters and materials stand in thousands of rows. */
    private const REMEMBERED = 2_000;

    /**
     * By column and cell: what is kept, its plain value, what was expected instead.
     *
     * @var array<int, array<string, array{mixed, float|string|list<string>|null, string}>>
     */
    private array $known = [];

    /** @var list<array{int, Field, string, string}> place in the row, field, unit, short name */
    private array $read = [];

    /** @var array<int, string> */
    private array $beside = [];

    public function __construct(private readonly CsvForm $form, private readonly ColumnMap $map)
    {
        foreach ($form->columns as $i => $column) {
            $how = $map->columns[$column] ?? null;
            if ($how === null) {
                $this->beside[$i] = $column;
            } else {
                $this->read[] = [$i, ColumnMap::field($how['field']), $how['unit'], $how['field']];
            }
        }
    }

    public function read(CsvRow $row): RowReading
    {
        if (count($row->cells) !== count($this->form->columns)) {
            return new RowReading($row->line, [], [], [], [new RowError(
                $row->line, '', count($row->cells).' columns', count($this->form->columns).' columns, as in the row of names',
            )]);
        }
        $data = $facts = $errors = $extra = [];
        foreach ($this->read as [$i, $field, $unit, $short]) {
            $written = trim(Csv::read($row->cells[$i]));
            if ($written === '' || $written === '-' || $written === '–') {
                continue;
            }
            [$kept, $fact, $expected] = $this->known[$i][$written] ?? $this->cell($i, $field, $written, $unit);
            if ($expected !== '') {
                $errors[] = new RowError($row->line, $this->form->columns[$i], mb_strimwidth($written, 0, 60, '…'), $expected);
            } elseif ($fact !== null) {
                $data[$short] = $kept;
                $facts[$field->key] = $fact;
            }
        }
        if (! isset($data['number']) && $errors === []) {
            $errors[] = new RowError($row->line, $this->nameOf('number'), '', "the maker's number; a kit is known by it");
        }
        if (isset($data['price']) && $this->map->currency !== '' && ! isset($data['currency'])) {
            $data['currency'] = $facts['kit.currency'] = $this->map->currency;
        }
        foreach ($this->beside as $i => $column) {
            if (trim($row->cells[$i]) !== '') {
                $extra[$column] = mb_substr(trim($row->cells[$i]), 0, FieldReader::LONGEST_TEXT);
            }
        }

        return new RowReading($row->line, $data, $facts, $extra, [...$errors, ...self::shape($row->line, $facts,
            $this->nameOf('lining_inner'))]);
    }

    private function nameOf(string $field): string
    {
        foreach ($this->map->columns as $column => $how) {
            if ($how['field'] === $field) {
                return $column;
            }
        }

        return '';
    }

    /**
     * Diameters that make no ring.
     *
     * @param  array<string, float|string|list<string>>  $facts
     * @return list<RowError>
     */
    private static function shape(int $line, array $facts, string $column): array
    {
        [$outer, $inner] = [$facts['kit.lining_outer'] ?? null, $facts['kit.lining_inner'] ?? null];
        try {
            if (is_float($outer) && is_float($inner)) {
                Lining::ring(Length::mm($outer), Length::mm($inner));
            }

            return [];
        } catch (CapacityError $e) {
            return [new RowError($line, $column, "{$inner} mm inside {$outer} mm", $e->getMessage())];
        }
    }

    /** @return array{mixed, float|string|list<string>|null, string} */
    private function cell(int $column, Field $field, string $written, string $unit): array
    {
        if (count($this->known[$column] ?? []) >= self::REMEMBERED) {
            $this->known[$column] = [];
        }
        try {
            [$kept, $fact] = $this->value($field, $written, $unit);

            return $this->known[$column][$written] = [$kept, $fact, ''];
        } catch (SheetError $e) {
            return $this->known[$column][$written] = [null, null, $e->reason];
        }
    }

    /**
     * @return array{mixed, float|string|list<string>}
     *
     * @throws SheetError
     */
    private function value(Field $field, string $written, string $unit): array
    {
        if ($field->key === 'kit.price') {
            $price = $this->price($written);

            return [$price, $price];
        }
        if ($field->kind === Kind::Text) {
            $text = FieldReader::text($written, $field->label);

            return [$text, $text];
        }
        if (in_array($field->kind, [Kind::Word, Kind::Words], true)) {
            $words = [];
            $pieces = $field->kind === Kind::Words ? preg_split('/[;\/+]|,\s|(?<=[a-z]),(?=[a-z])/i', $written) : [$written];
            foreach ($pieces === false ? [] : $pieces as $piece) {
                $words[] = KitWords::read($field, $piece)
                    ?? throw SheetError::at($field->label, 'one of '.implode(', ', array_keys($field->options)));
            }

            return $field->kind === Kind::Words ? [$words, count($words) === 1 ? $words[0] : $words] : [$words[0], $words[0]];
        }
        $plain = $this->number($written);
        $entry = FieldReader::entry($field, $plain, $field->label, self::unit($field, $unit));
        $value = $entry->quantity->value;

        // A cell without a unit was read in that of its column; in a sheet it stands with it.
        return [$unit !== '' && preg_match('/^[\s\d.,+\-]+$/', $plain) === 1 ? "{$plain} {$unit}" : $plain, $value];
    }

    private static function unit(Field $field, string $unit): ?Unit
    {
        foreach ($unit === '' || $field->dimension === null ? [] : Units::spelt($unit) as $named) {
            if ($named->dimension === $field->dimension) {
                return $named;
            }
        }

        return null;
    }

    /** With the decimal sign that the whole list uses, so that no number of it can be read two ways. */
    private function number(string $written): string
    {
        if (preg_match('/^(-?)(\d[\d.,]*)(.*)$/su', $written, $m) !== 1) {
            return $written;
        }
        $other = $this->form->decimal === ',' ? '.' : ',';
        $digits = str_replace($other, '', $m[2]);
        // Groups of three and nothing else are parted by the other sign; what is grouped otherwise is left for the reader to refuse.
        if (str_contains($m[2], $other) && preg_match('/^\d{1,3}(?:'.preg_quote($other, '/').'\d{3})+(?:'
            .preg_quote($this->form->decimal, '/')
            .'\d+)?$/', $m[2]) !== 1) {
            return $written;
        }
        $plain = str_replace(',', '.', $digits);

        // Three decimals look like thousands; a nought after them does not change the number.
        return $m[1].(preg_match('/^[1-9]\d{0,2}\.\d{3}$/', $plain) === 1 ? "{$plain}0" : $plain).$m[3];
    }

    /** @throws SheetError when it is no price */
    private function price(string $written): string
    {
        $plain = $this->number((string) preg_replace('/[\s€$£]|[A-Z]{3}/u', '', $written));

        return preg_match('/^\d{1,9}(?:\.\d{1,4})?$/', $plain) === 1
            ? number_format((float) $plain, 2, '.', '') : throw SheetError::at('price', 'a price such as 148.00, without words');
    }
}
