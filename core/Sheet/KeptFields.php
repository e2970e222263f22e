<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** Fields that were written down before and are kept ready: one is made when somebody asks for it. */
final class KeptFields implements Fields
{
    /** @var array<string, Field> those made so far */
    private array $made = [];

    /** @var list<Nature>|null */
    private ?array $kinds = null;

    /**
     * @param  list<list<string>>  $lists  their names, list by list as they were written down
     * @param  array<string, int>  $nature  which of the natures each has, by name
     * @param  array<string, string>  $station  where each is asked, by name
     * @param  \Closure(): list<Nature>  $natures
     * @param  \Closure(string, list<Nature>): Field  $make
     */
    public function __construct(
        public readonly array $lists,
        private readonly array $nature,
        private readonly array $station,
        private readonly \Closure $natures,
        private readonly \Closure $make,
    ) {
    }

    public function names(): array
    {
        return array_keys($this->nature);
    }

    public function has(string $key): bool
    {
        return isset($this->nature[$key]);
    }

    public function get(string $key): ?Field
    {
        return isset($this->nature[$key]) ? $this->made[$key] ??= ($this->make)($key, $this->kinds()) : null;
    }

    public function all(): array
    {
        $all = [];
        foreach ($this->nature as $key => $nature) {
            $all[$key] = $this->made[$key] ??= ($this->make)($key, $this->kinds());
        }

        return $all;
    }

    public function natures(): array
    {
        $kinds = $this->kinds();

        return array_map(static fn (int $n): Nature => $kinds[$n], $this->nature);
    }

    public function by(\Closure $word): array
    {
        $words = array_filter(array_map($word, $this->kinds()), static fn (string $said): bool => $said !== '');
        $by = [];
        foreach ($this->nature as $key => $kind) {
            if (isset($words[$kind])) {
                $by[$words[$kind]][] = $key;
            }
        }

        return $by;
    }

    public function stations(): array
    {
        return array_map(Station::from(...), $this->station);
    }

    /** @return list<Nature> */
    private function kinds(): array
    {
        return $this->kinds ??= ($this->natures)();
    }
}
