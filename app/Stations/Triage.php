<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Signs;
use Spindle\Triage\TriageFields;
use Spindle\Triage\TriageOfSheet;

/** Triage: what the signs point at, and what is worth testing from outside. */
final readonly class Triage
{
    /**
     * @param  list<string>  $absent  signs that were asked for and are not there, as they are said
     * @param  bool  $showsAbsent  the list of them stands open
     */
    private function __construct(private Entries $entries, public array $absent, public bool $showsAbsent)
    {
    }

    public static function of(Entries $entries): self
    {
        $absent = $entries->job->values()->words(TriageFields::ABSENT);

        return new self(
            $entries,
            array_map(static fn (string $sign): string => Signs::all()[$sign] ?? $sign, $absent),
            Fold::isOpen($entries, Fold::ABSENT, TriageFields::ABSENT),
        );
    }

    /** @return array<string, OutsideTest> by the reading that keeps the result; the most telling for their minutes first, done ones last */
    public function tests(): array
    {
        $tests = TriageOfSheet::tests($this->entries->job->sheet);

        return array_combine(array_map(TriageFields::key(...), $tests), $tests);
    }
}
