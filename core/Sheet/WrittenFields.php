<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Fields as their subjects wrote them down. */
final class WrittenFields implements Fields
{
    /** @var array<string, array<string, list<string>>> by sorting, those asked for so far */
    private array $sorted = [];

    /** @param  array<string, Field>  $fields  by name */
    public function __construct(private readonly array $fields)
    {
    }

    public function names(): array
    {
        return array_keys($this->fields);
    }

    public function has(string $key): bool
    {
        return isset($this->fields[$key]);
    }

    public function get(string $key): ?Field
    {
        return $this->fields[$key] ?? null;
    }

    public function all(): array
    {
        return $this->fields;
    }

    public function natures(): array
    {
        return array_map(static fn (Field $f): Nature => $f->nature(), $this->fields);
    }

    public function by(Sorting $sorting): array
    {
        return $this->sorted[$sorting->value] ??= $this->sorted($sorting);
    }

    public function stations(): array
    {
        return array_map(static fn (Field $f): Station => $f->station, $this->fields);
    }

    /** @return array<string, list<string>> */
    private function sorted(Sorting $sorting): array
    {
        $by = [];
        foreach ($this->fields as $key => $field) {
            $said = $sorting->of($field->nature());
            if ($said !== '') {
                $by[$said][] = $key;
            }
        }

        return $by;
    }
}
