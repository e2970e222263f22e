<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Capacity\KitClutch;
use Spindle\Kit\Completeness\PartNeed;
use Spindle\Kit\Completeness\PartState;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether everything the job needs is settled, and nothing is used again that inspection rejects. */
final readonly class PartsJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('parts.open', 'Everything the job needs');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! KitClutch::isGiven($sheet->values)) {
            return;
        }
        $findings = $results->findings();
        $open = $parts = $onlySaid = [];
        foreach (PartNeed::of($sheet) as $need) {
            $reading = $need->openReading();
            if ($reading !== null) {
                $open[] = $reading;
                $parts[] = $need->isOnlySaid() ? null : $need->part;
                $onlySaid[] = $need->isOnlySaid() ? $need->part : null;
            } elseif ($need->state === PartState::Reused) {
                self::reused($need, $sheet, $findings, $results);
            }
        }
        $results->finding($open === []
            ? Finding::of('parts.open', Verdict::Within, AssessmentSentences::partsSettled())
            : Finding::unmeasured('parts.open', AssessmentSentences::partsOpen(array_values(array_filter($parts)),
                array_values(array_filter($onlySaid))), ...$open));
    }

    /** @param  list<Finding>  $findings */
    private static function reused(PartNeed $need, JobSheet $sheet, array $findings, Results $results): void
    {
        $inspection = PartInspection::of($need->part, $sheet, $findings);
        if ($inspection->verdict === Verdict::Out && $inspection->said !== null) {
            $results->finding(Finding::of("parts.{$need->part->value}", Verdict::Out,
                AssessmentSentences::rejectedPartReused($need->part, $inspection->said))
                ->from("parts.{$need->part->value}", ...($inspection->reading === null ? [] : [$inspection->reading])));
        } elseif ($inspection->verdict === Verdict::Unmeasured) {
            $results->finding(Finding::unmeasured("parts.{$need->part->value}", AssessmentSentences::unseenPartReused($need->part),
                ...($inspection->reading === null ? [] : [$inspection->reading])));
        }
    }
}
