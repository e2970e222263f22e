<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\DictionaryBuilder;
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
        $dictionary->fields(...TriageFields::all());
        $dictionary->section(EvidenceSection::NAME, new Section(EvidenceSection::read(...), EvidenceSection::schema()));
        $dictionary->judgements(new OutcomeJudgement);
    }
}
