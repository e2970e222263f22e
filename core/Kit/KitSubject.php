<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Kit\Completeness\PartFields;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** The kit: its data, and whether it can go into this vehicle at all. */
final readonly class KitSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Kit, 'kit', 'parts');
        $dictionary->fields(KitFields::all(...), MatchFields::all(...), PartFields::all(...));
        $dictionary->section(RankingRules::NAME, RankingRules::section());
        $dictionary->figures(['kit.stack_shift' => 'mm']);
        $dictionary->judgements(new FitJudgement, new KitSizesJudgement);
    }
}
