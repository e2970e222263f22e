<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** The sections of a file that hold no fields, each as its subject reads it, when somebody asks for it. */
final class SectionsRead
{
    /** @var array<string, object> */
    private array $read = [];

    /** @param  array<string, mixed>  $given  as the file has them, by name; those that it has not are left out */
    public function __construct(private readonly Dictionary $dictionary, public readonly array $given)
    {
    }

    /** @throws SheetError when what the file has is no such section; nothing where no subject reads one of this name */
    public function of(string $name): ?object
    {
        $section = $this->dictionary->sections[$name] ?? null;

        return $section === null ? null : $this->read[$name] ??= ($section->read)($this->given[$name] ?? null);
    }

    /** @throws SheetError where any cannot be read */
    public function all(): void
    {
        array_map($this->of(...), array_keys($this->dictionary->sections));
    }
}
