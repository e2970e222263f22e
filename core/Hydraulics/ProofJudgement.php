<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** A bleeding ends in its proof. Asked of a job that is one, and judged wherever it was entered. */
final readonly class ProofJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('hydraulics.proved', 'The proof of the bleeding');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $outcome = Reach::of($sheet)->outcome;
        $key = 'hydraulics.proof';
        $proof = BleedProof::tryFrom($sheet->values->word($key) ?? '');
        $isOpened = OpenedCircuit::isOpened($sheet);
        $isAsked = in_array($outcome, [Outcome::Bleed, Outcome::RepairActuation], true) && $isOpened;
        if ($proof === null && ! $isAsked) {
            return;
        }
        $verdict = $proof?->verdict($isOpened) ?? Verdict::Unmeasured;
        $results->finding(
            match ($verdict) {
                Verdict::Unmeasured => Finding::unmeasured(
                    $key,
                    'A bleeding ends in its proof: block the slave and press, or a firm pedal and no bubbles twice running.',
                    $key,
                ),
                Verdict::NotApplicable => Finding::notApplicable($key, 'The hydraulics were not opened.'),
                Verdict::Out => Finding::of(
                    $key,
                    $verdict,
                    'The pedal is still soft, or bubbles still come: bleed again, or look for the leak.',
                )->from($key),
                default => Finding::of($key, $verdict, "{$proof?->label()}.")->from($key),
            },
        );
    }
}
