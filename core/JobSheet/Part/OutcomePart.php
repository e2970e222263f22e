<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Hydraulics\BleedProof;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Reach;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Triage\Outcome;

/** What the job comes to, and what a job that is not taken apart has to show for it. */
final readonly class OutcomePart implements Part
{
    public function __construct(private Reach $reach)
    {
    }

    public function subject(): Subject
    {
        return new Subject('triage.outcome', 'What the job comes to');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $outcome = $this->reach->outcome;
        $triage = $this->reach->triage;
        $likeliest = $triage === null ? '' : lcfirst($triage->outcome()->label()).', '.$display->percent($triage->chanceOfOutcome()).' by the signs and tests';
        if (! $this->reach->isSaid && $outcome !== Outcome::Strip) {
            $results->finding(Finding::unmeasured('triage.outcome', "Triage points at one thing: {$likeliest}. Say what this job comes to; until then it goes no further than that.", 'triage.kind')->from('triage.signs'));
        } elseif ($this->reach->isSaid) {
            $contradicts = $triage !== null && $triage->isOutcomeSure() && $triage->outcome() !== $outcome;
            $results->finding(Finding::of('triage.outcome', $contradicts ? Verdict::Near : Verdict::Within,
                "This job is {$outcome->work()}.".($contradicts ? " Triage points elsewhere: {$likeliest}." : ''))->from('triage.kind', 'triage.signs'));
        }
        if ($outcome === Outcome::RepairActuation) {
            $this->named('triage.repaired', 'Mended: ', 'Which part of the actuation was mended is not written down.', $sheet, $results);
        }
        if ($outcome === Outcome::NotTheClutch) {
            $this->named('triage.referred', 'Not the clutch: ', 'What it is instead, and where it was sent, is not written down.', $sheet, $results);
        }
        $this->proof($outcome, $sheet, $results);
    }

    private function named(string $key, string $said, string $missing, JobSheet $sheet, Results $results): void
    {
        $word = $sheet->values->word($key);
        $results->finding($word === null ? Finding::unmeasured($key, $missing, $key) : Finding::of($key, Verdict::Within, $said.rtrim($word, '.').'.')->from($key));
    }

    /** A bleeding ends in its proof. Asked of a job that is one, and judged wherever it was entered. */
    private function proof(Outcome $outcome, JobSheet $sheet, Results $results): void
    {
        $proof = BleedProof::tryFrom($sheet->values->word('hydraulics.proof') ?? '');
        $bled = $outcome === Outcome::Bleed;
        $asked = $bled || $outcome === Outcome::RepairActuation && $sheet->actuation()?->isHydraulic() === true;
        if ($proof === null && ! $asked) {
            return;
        }
        $verdict = $proof?->verdict($bled) ?? Verdict::Unmeasured;
        $results->finding(match ($verdict) {
            Verdict::Unmeasured => Finding::unmeasured('hydraulics.proof', 'A bleeding ends in its proof: block the slave and press, or a firm pedal and no bubbles twice running.', 'hydraulics.proof'),
            Verdict::NotApplicable => Finding::notApplicable('hydraulics.proof', 'The hydraulics were not opened.'),
            Verdict::Out => Finding::of('hydraulics.proof', $verdict, 'The pedal is still soft, or bubbles still come: bleed again, or look for the leak.')->from('hydraulics.proof'),
            default => Finding::of('hydraulics.proof', $verdict, ($proof?->label() ?? '').'.')->from('hydraulics.proof'),
        });
    }
}
