<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** What fields say of others: which is a place of which, what stands on a drawing, what takes the place of a list's word. */
final class ByNature
{
    /** @var array<string, array<string, list<string>>> the names of fields by what is said of them, by question */
    private array $known = [];

    public function __construct(private readonly Fields $fields)
    {
    }

    /** @return list<string> the readings that are the places of one */
    public function placesOf(string $reading): array
    {
        return $this->names('places', static fn (Nature $n): string => $n->partOf)[$reading] ?? [];
    }

    /** @return list<string> what stands on a drawing */
    public function drawnOn(Drawing $drawing): array
    {
        return $this->names('drawn', static fn (Nature $n): string => $n->drawing->value ?? '')[$drawing->value] ?? [];
    }

    /** @return array<string, list<string>> what a list says of a part, and the reading that takes its place once the part is measured */
    public function measuredInstead(): array
    {
        return $this->names('instead', static fn (Nature $n): string => $n->insteadOf);
    }

    /** Fields that ask for one and the same fact. */
    public function same(): SameFacts
    {
        return SameFacts::of($this->names('same', static fn (Nature $n): string => $n->sameAs));
    }

    /** @return array<string, list<string>> by field, what says as its last place how that was left */
    public function saidAsLeft(): array
    {
        return $this->names('leaves', static fn (Nature $n): string => $n->leaves);
    }

    /** @return array<string, list<string>> */
    public function steps(): array
    {
        return $this->names('steps', static fn (Nature $n): string => $n->step);
    }

    /**
     * @param  \Closure(Nature): string  $word  empty where nothing is said
     * @return array<string, list<string>>
     */
    private function names(string $question, \Closure $word): array
    {
        return $this->known[$question] ??= $this->fields->by($word);
    }
}
