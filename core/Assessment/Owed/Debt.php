<?php

declare(strict_types=1);

namespace Spindle\Assessment\Owed;

use Closure;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Sheet\JobSheet;

/** One thing that a job owes before it is signed: when, what has to be there, and why. */
final readonly class Debt
{
    /**
     * @param  string  $id  the name of the finding that says it
     * @param  Said  $why  a sentence for whoever reads it
     * @param  Closure(JobCase): bool  $when
     * @param  list<list<string>>  $entries  each of them; of several in one any will do
     * @param  (Closure(JobCase): bool)|null  $isPaid  where something else than an entry can pay it
     */
    private function __construct(
        public string $id,
        public Said $why,
        private Closure $when,
        public array $entries,
        private ?Closure $isPaid = null,
    ) {
    }

    /**
     * @param  Closure(JobCase): bool  $when
     * @param  Said|null  $why  where it is not said by its name
     */
    public static function of(string $id, Closure $when, ?Said $why = null): self
    {
        return new self($id, $why ?? OwedSentences::owed($id), $when, []);
    }

    /** Each of these has to be there. */
    public function each(string ...$keys): self
    {
        return new self($this->id, $this->why, $this->when, [
            ...$this->entries, ...array_map(static fn (string $k): array => [$k], array_values($keys)),
        ], $this->isPaid);
    }

    /** One of these has to be there; the first is asked for. */
    public function any(string ...$keys): self
    {
        return new self($this->id, $this->why, $this->when, [...$this->entries, array_values($keys)], $this->isPaid);
    }

    /** @param  Closure(JobCase): bool  $isPaid  by something else than an entry, such as a figure that is within */
    public function orBy(Closure $isPaid): self
    {
        return new self($this->id, $this->why, $this->when, $this->entries, $isPaid);
    }

    public function isOwedBy(JobCase $case): bool
    {
        return ($this->when)($case) && ! ($this->isPaid !== null && ($this->isPaid)($case));
    }

    /**
     * Entries that are owed and not there; what the vehicle cannot have is not owed.
     *
     * @return list<string>
     */
    public function missing(JobSheet $sheet): array
    {
        $missing = [];
        foreach ($this->entries as $any) {
            if ($sheet->values->hasAny(...$any)) {
                continue;
            }
            foreach ($any as $key) {
                if ($sheet->dictionary->isAsked($key, $sheet)) {
                    $missing[] = $key;
                    break;
                }
            }
        }

        return $missing;
    }

    /** @param  list<string>  $missing */
    public function finding(array $missing): Finding
    {
        return Finding::unmeasured($this->id, $this->why, ...$missing);
    }
}
