<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Sheet\Station;

/**
 * Of the fields of a card those that stand open: what is still needed, what was entered, what was refused or is to be measured again. The
 * rest is one line that names it, and is drawn when it is opened.
 */
final readonly class FieldsNow
{
    /** The name of such a fold begins so. */
    public const FOLD = 'more-';

    /** Fewer than these are no shorter folded than open. */
    private const FEWEST = 3;

    /** So many names are read in a line. */
    private const NAMED = 3;

    /**
     * @param  list<string>  $now
     * @param  list<string>  $more
     */
    private function __construct(private Entries $entries, private string $name, public array $now, public array $more)
    {
    }

    /**
     * @param  string  $name  of the fold on its page
     * @param  list<string>  $keys
     */
    public static function of(Entries $entries, string $name, array $keys): self
    {
        $asked = array_values(array_filter($keys, $entries->asks(...)));
        $isNow = static fn (string $key): bool => $entries->job->isNeeded($key) || $entries->hasRefusalIn($key)
            || $entries->job->current->filled($entries->speaksFor($key)) !== [];
        $now = array_values(array_filter($asked, $isNow));
        $more = array_values(array_diff($asked, $now));

        return count($more) < self::FEWEST ? new self($entries, $name, $asked, []) : new self($entries, $name, $now, $more);
    }

    public function name(): string
    {
        return self::FOLD.$this->name;
    }

    /** Whether its link asked for it open. */
    public function isOpen(): bool
    {
        return request()->query('fold') === $this->name();
    }

    public function id(): string
    {
        return "fold-{$this->name()}";
    }

    public function holds(): string
    {
        return implode(' ', $this->more);
    }

    /** Where it is fetched, or stands open without a script. */
    public function address(Station $station): string
    {
        return $this->entries->links->fold($station, $this->name());
    }

    /** "thread pitch of the rod, adjuster sits, and 4 more" */
    public function line(): string
    {
        $names = array_map(fn (string $key): string => lcfirst(FieldForm::for($this->entries, $key)->field->label), $this->more);
        $left = count($names) - self::NAMED;

        return implode(', ', array_slice($names, 0, self::NAMED)).($left > 0 ? ", and {$left} more" : '');
    }
}
