<?php

declare(strict_types=1);

namespace App\Shelf;

/** What one row of a list comes to. */
final readonly class RowReading
{
    /**
     * @param  array<string, mixed>  $data  by short name of the field, as the supplier wrote it
     * @param  array<string, float|string|list<string>>  $facts  by whole name of the field, as plain values
     * @param  array<string, string>  $extra  columns that no field takes, by their name
     * @param  list<RowError>  $errors
     */
    public function __construct(public int $line, public array $data, public array $facts, public array $extra, public array $errors)
    {
    }

    public function number(): string
    {
        return is_string($this->data['number'] ?? null) ? $this->data['number'] : '';
    }
}
