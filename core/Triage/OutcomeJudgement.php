<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** What the job comes to, and what a job that is not taken apart has to show for it. */
final readonly class OutcomeJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('triage.outcome', 'What the job comes to');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $both = array_unique(array_intersect($sheet->values->words('triage.signs'), $sheet->values->words(TriageFields::ABSENT)));
        if ($both !== []) {
            $results->finding(
                Finding::unmeasured('triage.asked', TriageSentences::thereAndNotThere(array_values($both)), TriageFields::ABSENT)
                    ->from('triage.signs'),
            );
        }
        $reach = Reach::of($sheet);
        $outcome = $reach->outcome;
        $triage = TriageOfSheet::ifBegun($sheet);
        $chance = Ratio::of($triage?->chanceOfOutcome() ?? 0.0);
        if (! $reach->isSaid && $triage !== null && $outcome !== Outcome::Strip) {
            $results->finding(
                Finding::unmeasured(
                    'triage.outcome',
                    TriageSentences::sayWhatItComesTo($triage->outcome(), $chance),
                    'triage.kind',
                )->from('triage.signs'),
            );
        } elseif ($reach->isSaid) {
            $contradicts = $triage !== null && $triage->isOutcomeSure() && $triage->outcome() !== $outcome;
            $results->finding(
                Finding::of(
                    'triage.outcome',
                    $contradicts ? Verdict::Near : Verdict::Within,
                    $contradicts ? TriageSentences::outcomeAgainstTriage($outcome, $triage->outcome(), $chance)
                        : TriageSentences::outcome($outcome),
                )->from('triage.kind', 'triage.signs'),
            );
        }
        [$mended, $referred] = [$sheet->values->word('triage.repaired'), $sheet->values->word('triage.referred')];
        if ($outcome === Outcome::RepairActuation) {
            $results->finding($mended === null
                ? Finding::unmeasured('triage.repaired', TriageSentences::mendedNotSaid(), 'triage.repaired')
                : Finding::of('triage.repaired', Verdict::Within, TriageSentences::mended($mended))->from('triage.repaired'));
        }
        if ($outcome === Outcome::NotTheClutch) {
            $results->finding($referred === null
                ? Finding::unmeasured('triage.referred', TriageSentences::referredNotSaid(), 'triage.referred')
                : Finding::of('triage.referred', Verdict::Within, TriageSentences::referred($referred))->from('triage.referred'));
        }
    }
}
