<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $reach = Reach::of($sheet);
        $outcome = $reach->outcome;
        $triage = $reach->triage;
        $likeliest =
            $triage === null
                ? ''
                : lcfirst($triage->outcome()->label()).', '.$display->percent($triage->chanceOfOutcome()).' by the signs and tests';
        if (! $reach->isSaid && $outcome !== Outcome::Strip) {
            $results->finding(
                Finding::unmeasured(
                    'triage.outcome',
                    "Triage points at one thing: {$likeliest}. Say what this job comes to; until then it goes no further than that.",
                    'triage.kind',
                )->from('triage.signs'),
            );
        } elseif ($reach->isSaid) {
            $contradicts = $triage !== null && $triage->isOutcomeSure() && $triage->outcome() !== $outcome;
            $results->finding(
                Finding::of(
                    'triage.outcome',
                    $contradicts ? Verdict::Near : Verdict::Within,
                    "This job is {$outcome->work()}.".($contradicts ? " Triage points elsewhere: {$likeliest}." : ''),
                )->from('triage.kind', 'triage.signs'),
            );
        }
        if ($outcome === Outcome::RepairActuation) {
            $this->named('triage.repaired', 'Mended: ', 'Which part of the actuation was mended is not written down.', $sheet, $results);
        }
        if ($outcome === Outcome::NotTheClutch) {
            $this->named(
                'triage.referred',
                'Not the clutch: ',
                'What it is instead, and where it was sent, is not written down.',
                $sheet,
                $results,
            );
        }
    }

    private function named(string $key, string $said, string $missing, JobSheet $sheet, Results $results): void
    {
        $word = $sheet->values->word($key);
        $results->finding(
            $word === null
                ? Finding::unmeasured($key, $missing, $key)
                : Finding::of($key, Verdict::Within, $said.rtrim($word, '.').'.')->from($key),
        );
    }
}
