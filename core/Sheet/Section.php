<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** A section of the file that holds no fields and that one subject reads. */
final readonly class Section
{
    /**
     * @param  \Closure(mixed): object  $read  throws SheetError with the place
     * @param  array<string, mixed>  $schema  what it looks like, as a JSON Schema
     */
    public function __construct(public \Closure $read, public array $schema)
    {
    }

    /**
     * Whether anything in it has this name: "organic" and "mu". What a file says beside that is kept and means nothing; what somebody
     * sets by hand under such a name would never count.
     *
     * @param  string  $second  empty where the first stands alone
     */
    public function knows(string $first, string $second): bool
    {
        $inner = self::inside($this->schema, $first);

        return $inner !== null && ($second === '' ? ($inner['type'] ?? '') !== 'object' : self::inside($inner, $second) !== null);
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>|null
     */
    private static function inside(array $schema, string $name): ?array
    {
        $properties = $schema['properties'] ?? [];
        $inner = (is_array($properties) ? $properties[$name] ?? null : null) ?? $schema['additionalProperties'] ?? null;

        /** @var array<string, mixed>|null */
        return is_array($inner) ? $inner : null;
    }
}
