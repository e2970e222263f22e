<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** The signs, the tests from outside, what they point at, and what the job comes to. */
final readonly class TriageSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Triage, 'triage');
        $dictionary->findings(Station::Strip, 'why');
        $dictionary->fieldsUnless(self::whyNotAsked(...), TriageFields::all(...));
        $dictionary->section(OwnCases::NAME, OwnCases::asSection());
        $dictionary->section(EvidenceSection::NAME, new Section(EvidenceSection::read(...), EvidenceSection::schema()));
        $dictionary->judgements(new OutcomeJudgement);
    }

    /** What only one kind of job asks. Empty where it is asked. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $outcome = Reach::of($sheet)->outcome;

        return match (true) {
            $key === 'triage.repaired' && $outcome !== Outcome::RepairActuation => 'no part of the actuation is mended on this job',
            $key === 'triage.referred' && $outcome !== Outcome::NotTheClutch => 'the clutch is worked on',
            default => '',
        };
    }
}
