<?php

declare(strict_types=1);

namespace App\Shelf;

use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;

/** Which column of a list holds which datum of a kit, and in what unit where its cells do not say; and the currency of its prices. */
final readonly class ColumnMap
{
    /** @param  array<string, array{field: string, unit: string}>  $columns  by the name in the list; the field under its short name */
    private function __construct(public array $columns, public string $currency)
    {
    }

    /**
     * What is likely, for a person to look over.
     *
     * @param  list<string>  $columns
     * @param  self|null  $before  how the last list of this supplier was read
     */
    public static function proposed(array $columns, ?self $before): self
    {
        $map = $taken = [];
        foreach ($columns as $column) {
            $known = $before->columns[$column] ?? null;
            $field = $known['field'] ?? ColumnNames::propose($column);
            $field = in_array($field, $taken, true) ? '' : $field;
            $taken[] = $field;
            if ($field !== '') {
                $map[$column] = ['field' => $field, 'unit' => $known['unit'] ?? ColumnNames::unitIn($column, self::field($field))];
            }
        }

        // Where nothing else is like a name, what is described is what it is called.
        foreach ($before === null && ! in_array('name', $taken, true) ? $map : [] as $column => $how) {
            if ($how['field'] === 'description') {
                $map[$column] = ['field' => 'name', 'unit' => ''];
            }
        }

        return new self($map, $before->currency ?? '');
    }

    /**
     * As a person or a file says it.
     *
     * @param  array<array-key, mixed>  $given  {"columns": {"Part no": {"field": "number", "unit": ""}}, "currency": "EUR"}
     *
     * @throws ShelfError when no column holds the number, or two the same
     */
    public static function of(array $given): self
    {
        $map = [];
        foreach (is_array($given['columns'] ?? null) ? $given['columns'] : [] as $column => $how) {
            $field = is_array($how) ? $how['field'] ?? '' : $how;
            if (! is_string($field) || $field === '' || Subjects::dictionary()->find("kit.{$field}") === null) {
                continue;
            }
            if (in_array($field, array_column($map, 'field'), true)) {
                throw ShelfError::readTwice(self::field($field)->label);
            }
            $unit = is_array($how) && is_string($how['unit'] ?? null) ? trim($how['unit']) : '';
            $map[(string) $column] = ['field' => $field, 'unit' => $unit];
        }
        if (! in_array('number', array_column($map, 'field'), true)) {
            throw ShelfError::noNumber();
        }
        $currency = $given['currency'] ?? '';

        return new self($map, is_string($currency) ? strtoupper(trim($currency)) : '');
    }

    /** @return array<string, Field> what a column can hold, by its short name */
    public static function choices(): array
    {
        $names = OpenKitList::columns();

        return array_combine($names, array_map(self::field(...), $names));
    }

    public static function field(string $short): Field
    {
        return Subjects::dictionary()->get("kit.{$short}");
    }

    /** @return list<string> the short names of the fields that a list read so speaks of */
    public function fields(): array
    {
        $fields = array_column($this->columns, 'field');

        return $this->currency !== '' && in_array('price', $fields, true) && ! in_array('currency', $fields, true)
            ? [...$fields, 'currency'] : $fields;
    }

    /** Whether it brings prices and times of delivery and nothing else of a kit. */
    public function isOnlyPrices(): bool
    {
        return array_diff($this->fields(), ['number', 'price', 'currency', 'lead_days', 'lead_time']) === [];
    }

    /** @return array{columns: array<string, array{field: string, unit: string}>, currency: string} */
    public function toArray(): array
    {
        return ['columns' => $this->columns, 'currency' => $this->currency];
    }
}
