<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** A bleeding ends in its proof. Asked of a job that is one, and judged wherever it was entered. */
final readonly class ProofJudgement implements Judgement
{
    /** So far a hose swells, at the pad, mm; and what no hose does. From memory [M]. */
    private const SWELLS_MM = 3.0;

    private const PLAINLY_MM = 10.0;

    public function topic(): Topic
    {
        return new Topic('hydraulics.proved', 'The proof of the bleeding');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $outcome = Reach::of($sheet)->outcome;
        $key = 'hydraulics.proof';
        $proof = BleedProof::tryFrom($sheet->values->word($key) ?? '');
        $isOpened = OpenedCircuit::isOpened($sheet);
        $isAsked = in_array($outcome, [Outcome::Bleed, Outcome::RepairActuation], true) && $isOpened;
        if ($proof === null && ! $isAsked) {
            return;
        }
        $moved = TrappedAirJudgement::travel($sheet);
        // A pad that moves against a blocked slave is not hard, whatever was said: the travel counts.
        if ($proof === BleedProof::Hard && $moved !== null && $moved->value > self::SWELLS_MM) {
            $results->finding(Finding::of($key, $moved->value > self::PLAINLY_MM ? Verdict::Out : Verdict::Near,
                HydraulicsSentences::notHardAsSaid($moved))->from($key, 'hydraulics.blocked_travel'));

            return;
        }
        $verdict = $proof?->verdict($isOpened) ?? Verdict::Unmeasured;
        $results->finding(
            match (true) {
                $proof === null, $verdict === Verdict::Unmeasured => Finding::unmeasured($key, HydraulicsSentences::notProved(), $key),
                $verdict === Verdict::NotApplicable => Finding::notApplicable($key, HydraulicsSentences::notOpened()),
                $verdict === Verdict::Out => Finding::of($key, $verdict, HydraulicsSentences::stillSoft())->from($key),
                default => Finding::of($key, $verdict, HydraulicsSentences::proved($proof))->from($key),
            },
        );
    }
}
