<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\TriageFields;
use Spindle\Triage\TriageOfSheet;

/** Triage: what the signs point at, and what is worth testing from outside. */
final readonly class Triage
{
    private function __construct(private Entries $entries)
    {
    }

    public static function of(Entries $entries): self
    {
        return new self($entries);
    }

    /** @return array<string, OutsideTest> by the reading that keeps the result; the most telling for their minutes first, done ones last */
    public function tests(): array
    {
        $tests = TriageOfSheet::tests($this->entries->job->sheet);

        return array_combine(array_map(TriageFields::key(...), $tests), $tests);
    }
}
