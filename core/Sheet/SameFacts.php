<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Entry;

/** Fields that ask for one and the same fact at different stations: typed once it is known at each. */
final readonly class SameFacts
{
    /** @param  list<list<string>>  $groups */
    private function __construct(private array $groups)
    {
    }

    /** @param  array<string, list<string>>  $others  by field, those that ask for the same */
    public static function of(array $others): self
    {
        return new self(array_map(
            static fn (string $first, array $same): array => [$first, ...$same], array_keys($others), array_values($others),
        ));
    }

    /** @return list<string> other fields that ask for the same fact */
    public function others(string $key): array
    {
        $groups = array_filter($this->groups, static fn (array $same): bool => in_array($key, $same, true));

        return array_values(array_diff(array_merge(...array_values($groups)), [$key]));
    }

    /**
     * Fields left empty that can hold what was entered of the same fact elsewhere, and the field where it was.
     *
     * @param  array<string, non-empty-list<Entry>>  $entries
     * @return array<string, string>
     */
    public function told(array $entries, Dictionary $dictionary): array
    {
        $told = [];
        foreach ($this->groups as $same) {
            $said = array_values(array_filter($same, static fn (string $key): bool => isset($entries[$key])))[0] ?? null;
            if ($said === null) {
                continue;
            }
            foreach (array_diff($same, array_keys($entries)) as $key) {
                $holds = $dictionary->get($key)->range?->holds($entries[$said][0]->quantity->value) ?? true;
                $told += $holds ? [$key => $said] : [];
            }
        }

        return $told;
    }
}
