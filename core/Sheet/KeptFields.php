<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Fields that were written down before and are kept ready: one is made when somebody asks for it. */
final class KeptFields implements Fields
{
    /** @var array<string, Field> those made so far */
    private array $made = [];

    /** @var array<int, Nature> by number, those asked for so far */
    private array $kinds = [];

    /** @var \Closure(int): Nature */
    private readonly \Closure $nature;

    /**
     * @param  list<list<string>>  $lists  their names, list by list as they were written down
     * @param  array<string, int>  $kindOf  which of the natures each has, by name
     * @param  array<string, string>  $station  where each is asked, by name
     * @param  array<string, array<string, list<string>>>  $sorted  their names by sorting, and by what they say to it
     * @param  \Closure(int): Nature  $kind  makes one of the natures
     * @param  \Closure(string, \Closure(int): Nature): Field  $make
     */
    public function __construct(
        public readonly array $lists,
        private readonly array $kindOf,
        private readonly array $station,
        private readonly array $sorted,
        private readonly \Closure $kind,
        private readonly \Closure $make,
    ) {
        $this->nature = fn (int $number): Nature => $this->kinds[$number] ??= ($this->kind)($number);
    }

    public function names(): array
    {
        return array_keys($this->kindOf);
    }

    public function has(string $key): bool
    {
        return isset($this->kindOf[$key]);
    }

    public function get(string $key): ?Field
    {
        return isset($this->kindOf[$key]) ? $this->made[$key] ??= ($this->make)($key, $this->nature) : null;
    }

    public function all(): array
    {
        $all = [];
        foreach ($this->names() as $key) {
            $all[$key] = $this->made[$key] ??= ($this->make)($key, $this->nature);
        }

        return $all;
    }

    public function natures(): array
    {
        return array_map($this->nature, $this->kindOf);
    }

    public function by(Sorting $sorting): array
    {
        return $this->sorted[$sorting->value] ?? [];
    }

    public function stations(): array
    {
        return array_map(Station::from(...), $this->station);
    }
}
