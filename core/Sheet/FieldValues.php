<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Entry;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;

/**
 * The answers known for a set of fields, each already read and found possible.
 *
 * @phpstan-type Parts array{
 *     entries: array<string, non-empty-list<Entry>>, words: array<string, list<string>>,
 *     curves: array<string, non-empty-list<array{Speed, Torque}>>, base: array<string, float|string|list<string>>,
 *     listed: array<string, Quantity>, told: array<string, string>,
 * }
 */
final readonly class FieldValues
{
    /**
     * @param  Dictionary  $dictionary  which names there are at all
     * @param  array<string, non-empty-list<Entry>>  $entries
     * @param  array<string, list<string>>  $words
     * @param  array<string, non-empty-list<array{Speed, Torque}>>  $curves
     * @param  array<string, float|string|list<string>>  $base  answers kept as plain values
     * @param  array<string, Quantity>  $listed  what a list says, of what was measured since
     * @param  array<string, string>  $told  what was not entered by itself, and the field of the same fact that was
     */
    public function __construct(
        private Dictionary $dictionary,
        private array $entries = [],
        private array $words = [],
        private array $curves = [],
        private array $base = [],
        private array $listed = [],
        private array $told = [],
    ) {
    }

    /**
     * Answers that were read before and are kept as plain values: quantities in base units, words as they are. They become quantities
     * only when somebody asks for them; thousands of kits are held against one vehicle.
     *
     * @param  array<string, float|string|list<string>>  $base  by field
     */
    public static function ofBase(Dictionary $dictionary, array $base): self
    {
        return new self($dictionary, base: $base);
    }

    /**
     * The answers, as they can be kept.
     *
     * @return Parts
     */
    public function parts(): array
    {
        return [
            'entries' => $this->entries, 'words' => $this->words, 'curves' => $this->curves, 'base' => $this->base,
            'listed' => $this->listed, 'told' => $this->told,
        ];
    }

    /** @param  Parts  $parts */
    public static function again(Dictionary $dictionary, array $parts): self
    {
        return new self(
            $dictionary, $parts['entries'], $parts['words'], $parts['curves'], $parts['base'], $parts['listed'], $parts['told'],
        );
    }

    /** @return array<string, float|string|list<string>> the same answers as plain values; curves are not among them */
    public function toBase(): array
    {
        $base = $this->base;
        foreach ($this->entries as $key => $entries) {
            $base[$key] = $entries[0]->quantity->value;
        }
        foreach ($this->words as $key => $words) {
            $base[$key] = count($words) === 1 ? $words[0] : $words;
        }

        return $base;
    }

    /** @throws DictionaryError when there is no such field */
    public function has(string $key): bool
    {
        return isset($this->entries[$key]) ||
            isset($this->words[$key]) ||
            isset($this->curves[$key]) ||
            isset($this->base[$key]) ||
            $this->misses($key);
    }

    /** Never so; but a name that no subject knows is an error of the program, not an empty answer. */
    private function misses(string $key): bool
    {
        if (! $this->dictionary->has($key)) {
            $this->known($key);
        }

        return false;
    }

    private function known(string $key): Field
    {
        return $this->dictionary->get($key);
    }

    public function hasAny(string ...$keys): bool
    {
        foreach ($keys as $key) {
            if ($this->has($key)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys([...$this->base, ...$this->entries, ...$this->words]));
    }

    /**
     * With other answers in place of these, and of the rest those that are kept.
     *
     * @param  callable(string): bool  $keeps
     */
    public function replaced(self $by, callable $keeps): self
    {
        return new self(
            $this->dictionary,
            [...array_filter($this->entries, $keeps, ARRAY_FILTER_USE_KEY), ...$by->entries],
            [...array_filter($this->words, $keeps, ARRAY_FILTER_USE_KEY), ...$by->words],
            $this->curves,
            [...array_filter($this->base, $keeps, ARRAY_FILTER_USE_KEY), ...$by->base],
            told: array_diff_key($this->told, $by->entries),
        );
    }

    /** The field of the same fact that speaks for this one; empty where it was entered by itself or not at all. */
    public function toldBy(string $key): string
    {
        return $this->told[$key] ?? '';
    }

    /** What the list says of what was measured since; nothing where it says nothing, or nobody measured. */
    public function listed(string $key): ?Quantity
    {
        return $this->listed[$key] ?? null;
    }

    public function without(string ...$keys): self
    {
        return $this->replaced(new self($this->dictionary), static fn (string $key): bool => ! in_array($key, $keys, true));
    }

    /** With one reading moved by so much, in the base unit. */
    public function moved(string $key, int $place, float $by): self
    {
        $moved = [];
        foreach ($this->entries[$key] as $i => $entry) {
            $moved[] =
                $i === $place
                    ? new Entry($entry->typed, $entry->quantity::of($entry->quantity->value + $by), $entry->unit, $entry->resolution)
                    : $entry;
        }

        return new self(
            $this->dictionary, [...$this->entries, $key => $moved], $this->words, $this->curves, $this->base, $this->listed, $this->told,
        );
    }

    /**
     * Those of the keys that are not known.
     *
     * @return list<string>
     */
    public function missing(string ...$keys): array
    {
        return array_values(array_filter($keys, fn (string $key): bool => ! $this->has($key)));
    }

    /** @return list<Entry> */
    public function entries(string $key): array
    {
        return $this->entries[$key] ?? (isset($this->base[$key]) ? $this->entriesOfBase($key) : ($this->misses($key) ? [] : []));
    }

    /** @return list<Entry> */
    private function entriesOfBase(string $key): array
    {
        $field = $this->known($key);
        $value = $this->base[$key];

        return $field->dimension === null || ! is_numeric($value) ? [] : [Entry::ofBase((float) $value, $field->dimension)];
    }

    /**
     * Every quantity of a field.
     *
     * @template T of Quantity
     *
     * @param  class-string<T>  $type
     * @return list<T>
     */
    public function all(string $type, string $key): array
    {
        $found = [];
        foreach ($this->entries($key) as $entry) {
            if (! $entry->quantity instanceof $type) {
                throw DictionaryError::otherKind($key, $type);
            }
            $found[] = $entry->quantity;
        }

        return $found;
    }

    /**
     * The one quantity of a field, the first where there are several.
     *
     * @template T of Quantity
     *
     * @param  class-string<T>  $type
     * @return T|null
     */
    public function one(string $type, string $key): ?Quantity
    {
        if (isset($this->base[$key]) && is_numeric($this->base[$key]) && ! isset($this->entries[$key])) {
            return $type::of((float) $this->base[$key]);
        }

        return $this->all($type, $key)[0] ?? null;
    }

    /**
     * What a meter has gone on since it was read first: as given, else now less then; nothing where it went backwards.
     *
     * @template T of Quantity
     *
     * @param  class-string<T>  $type
     * @return T|null
     */
    public function since(string $type, string $given, string $meter): ?Quantity
    {
        $now = $this->one($type, $meter);
        $then = $this->one($type, "{$meter}_at_fitting");
        $between = $now === null || $then === null || $now->value < $then->value ? null : $now->minus($then);

        return $this->one($type, $given) ?? $between;
    }

    public function count(string $key): ?int
    {
        if (isset($this->base[$key]) && is_numeric($this->base[$key]) && ! isset($this->entries[$key])) {
            return (int) $this->base[$key];
        }

        $entry = $this->entries($key)[0] ?? null;

        return $entry === null ? null : (int) $entry->quantity->value;
    }

    public function word(string $key): ?string
    {
        return $this->words($key)[0] ?? null;
    }

    /** @return list<string> */
    public function words(string $key): array
    {
        return $this->words[$key] ?? (isset($this->base[$key]) ? array_map(strval(...), (array) $this->base[$key])
            : ($this->misses($key) ? [] : []));
    }

    public function flag(string $key): bool
    {
        return $this->word($key) === 'yes';
    }

    /** @return non-empty-list<array{Speed, Torque}>|null */
    public function curve(string $key): ?array
    {
        $this->known($key);

        return $this->curves[$key] ?? null;
    }

    /** The step of the one reading that counts, such as the least of three; the coarsest of all where none of them is that value. */
    public function resolutionOf(string $key, Quantity $counts): float
    {
        $steps = array_map(
            static fn (Entry $e): float => $e->resolution,
            array_filter($this->entries($key), static fn (Entry $e): bool => $e->quantity->value === $counts->value),
        );

        return $steps === [] ? $this->resolution($key) : max($steps);
    }

    /** The coarsest step among the readings of these fields, in base units: a figure made of them shows no finer. */
    public function resolution(string ...$keys): float
    {
        $entries = array_merge(...array_map($this->entries(...), $keys));
        // A dial set to nought reads "0" there whatever its graduation; it is no coarser than its neighbours.
        $telling = array_filter($entries, static fn (Entry $entry): bool => $entry->quantity->value !== 0.0);
        $steps = array_map(static fn (Entry $entry): float => $entry->resolution, $telling === [] ? $entries : $telling);

        return $steps === [] ? 0.0 : max($steps);
    }
}
