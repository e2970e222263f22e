<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** The fields of a dictionary, by name and in order. What is asked of all of them is answered without making each. */
interface Fields
{
    /** @return list<string> */
    public function names(): array;

    public function has(string $key): bool;

    public function get(string $key): ?Field;

    /** @return array<string, Field> by name */
    public function all(): array;

    /** @return array<string, Nature> what each is, by name */
    public function natures(): array;

    /** @return array<string, list<string>> those that say something to it, by what they say; names in their order */
    public function by(Sorting $sorting): array;

    /** @return array<string, Station> where each is asked, by name */
    public function stations(): array;
}
