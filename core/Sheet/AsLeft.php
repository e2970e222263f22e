<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;

/**
 * What was found and what was left are two things. A part measured anew after the work is judged by that alone: what was read on it
 * before no longer counts, and what was not read again is unmeasured. What is set is read again each for itself; of what was found, only
 * that falls which the setting made untrue. Common practice, no source.
 */
final readonly class AsLeft
{
    /** Before the name of a reading taken after the work; in a file these readings have a section of this name. */
    public const PREFIX = 'as_left.';

    public const SECTION = 'as_left';

    /**
     * @param  list<string>  $parts  first words of the parts measured anew
     * @param  array<string, string>  $saidBy  what was set or read anew, and the reading that says so
     */
    private function __construct(private array $parts, private array $saidBy, private Dictionary $dictionary)
    {
    }

    /** @param  array<string, string>  $saidBy  of what was read after the work, the reading that says it where it is another one */
    public static function of(FieldValues $left, Dictionary $dictionary, array $saidBy = []): self
    {
        $ofParts = array_filter($left->keys(), static fn (string $key): bool => $dictionary->isOfPart($dictionary->get($key)));
        $keys = $left->keys();

        return new self(
            array_values(array_unique(array_map(static fn (string $key): string => explode('.', $key)[0], $ofParts))),
            [...array_combine($keys, array_map(static fn (string $key): string => self::PREFIX.$key, $keys)), ...$saidBy],
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
        if ($field === null) {
            return false;
        }

        return ($this->dictionary->isOfPart($field) && $this->concerns($key))
            || array_intersect($field->nature()->untrueAfter, array_keys($this->saidBy)) !== [];
    }

    /** Whether a finding or reading is about a part that was measured anew. */
    public function concerns(string $id): bool
    {
        return in_array(explode('.', $id)[0], $this->parts, true);
    }

    /** Whether anything a finding rests on, or wants, was set or read anew. */
    public function touches(Finding $finding): bool
    {
        if ($this->concerns($finding->id)) {
            return true;
        }
        foreach ([...$finding->readings, ...$finding->missing] as $key) {
            if (isset($this->saidBy[$key]) || in_array($key, $this->saidBy, true) || $this->isOvertaken($key)) {
                return true;
            }
        }

        return false;
    }

    /** A finding as it was left, resting on what was read then. */
    public function said(Finding $finding): Finding
    {
        return $this->touches($finding)
            ? $finding->asLeft(fn (string $key): string => $this->saidBy[$key] ?? ($this->isOvertaken($key) ? self::PREFIX.$key : $key))
            : $finding;
    }

    /**
     * What was said of the job before the work, where the work changed it.
     *
     * @param  list<Finding>  $found
     * @param  list<Finding>  $now
     * @return list<Finding>
     */
    public function before(array $found, array $now): array
    {
        $after = [];
        foreach ($now as $finding) {
            $after[$finding->id] = $finding;
        }

        return array_values(array_filter(
            $found,
            fn (Finding $f): bool => $this->concerns($f->id) || ($this->touches($f) && ($after[$f->id] ?? null)?->saysLike($f) !== true),
        ));
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
