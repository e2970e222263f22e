<?php

declare(strict_types=1);

namespace Spindle\Sheet;

/** What fields say of others: which is a place of which, what stands on a drawing, what takes the place of a list's word. */
final readonly class ByNature
{
    public function __construct(private Fields $fields)
    {
    }

    /** @return list<string> the readings that are the places of one */
    public function placesOf(string $reading): array
    {
        return $this->fields->by(Sorting::PlaceOf)[$reading] ?? [];
    }

    /** @return list<string> what stands on a drawing */
    public function drawnOn(Drawing $drawing): array
    {
        return $this->fields->by(Sorting::DrawnOn)[$drawing->value] ?? [];
    }

    /** @return array<string, list<string>> what a list says of a part, and the reading that takes its place once the part is measured */
    public function measuredInstead(): array
    {
        return $this->fields->by(Sorting::InsteadOf);
    }

    /** Fields that ask for one and the same fact. */
    public function same(): SameFacts
    {
        return SameFacts::of($this->fields->by(Sorting::SameAs));
    }

    /** @return array<string, list<string>> by field, what says as its last place how that was left */
    public function saidAsLeft(): array
    {
        return $this->fields->by(Sorting::Leaves);
    }

    /** @return array<string, list<string>> */
    public function steps(): array
    {
        return $this->fields->by(Sorting::Step);
    }

    /** @return list<string> what the work at a station sets */
    public function set(): array
    {
        return $this->fields->by(Sorting::Set)[Sorting::Set->value] ?? [];
    }

    /** @return list<string> what is measured and known only with the gearbox off */
    public function seenOpen(): array
    {
        return $this->fields->by(Sorting::SeenOpen)[Sorting::SeenOpen->value] ?? [];
    }
}
