<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Fields as their subjects wrote them down. */
final readonly class WrittenFields implements Fields
{
    /** @param  array<string, Field>  $fields  by name */
    public function __construct(private array $fields)
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

    public function by(\Closure $word): array
    {
        $by = [];
        foreach ($this->fields as $key => $field) {
            $said = $word($field->nature());
            if ($said !== '') {
                $by[$said][] = $key;
            }
        }

        return $by;
    }

    public function stations(): array
    {
        return array_map(static fn (Field $f): Station => $f->station, $this->fields);
    }
}
