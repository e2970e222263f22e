<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;

/**
 * What was found and what was left are two things. A part measured anew after the work is judged by that alone: what was read on it
 * before no longer counts, and what was not read again is unmeasured. Common practice, no source.
 */
final readonly class AsLeft
{
    /** Before the name of a reading taken after the work; in a file these readings have a section of this name. */
    public const PREFIX = 'as_left.';

    public const SECTION = 'as_left';

    /** @param  list<string>  $parts  first words of the readings taken anew */
    private function __construct(private array $parts, private Dictionary $dictionary)
    {
    }

    public static function of(FieldValues $left, Dictionary $dictionary): self
    {
        return new self(
            array_values(array_unique(array_map(static fn (string $key): string => explode('.', $key)[0], $left->keys()))),
            $dictionary,
        );
    }

    /** The readings of a job as they are after the work. */
    public function values(FieldValues $found, FieldValues $left): FieldValues
    {
        return $found->replaced(
            $left,
            fn (string $key): bool => ! $this->isOvertaken($key) || $this->stands($key, $found),
        );
    }

    /** Whether what was found is something that no work on the part makes untrue. */
    private function stands(string $key, FieldValues $found): bool
    {
        $word = $this->dictionary->get($key)->nature()->stands;

        return $word !== '' && $word === $found->word($key);
    }

    private function isOvertaken(string $key): bool
    {
        $field = $this->dictionary->find($key);

        return $field !== null && $this->concerns($key) && $this->dictionary->isReadAgain($field);
    }

    /** Whether a finding or reading is about a part that was measured anew. */
    public function concerns(string $id): bool
    {
        return in_array(explode('.', $id)[0], $this->parts, true);
    }

    /** A finding about a part as it was left, resting on what was read then. */
    public function said(Finding $finding): Finding
    {
        return $this->concerns($finding->id)
            ? $finding->asLeft(fn (string $key): string => $this->isOvertaken($key) ? self::PREFIX.$key : $key)
            : $finding;
    }

    /**
     * @param  array<string, Figure>  $found
     * @param  array<string, Figure>  $left
     * @return array<string, Figure>
     */
    public function figures(array $found, array $left): array
    {
        return [...array_intersect_key($found, array_fill_keys($this->dictionary->ofTheWork, true)), ...$left];
    }
}
