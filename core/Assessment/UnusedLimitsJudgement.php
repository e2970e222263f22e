<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\ComparisonSentences;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Limits given for this job that no judgement uses; passed over in silence they would seem to have passed. */
final readonly class UnusedLimitsJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('limits.given', 'A limit given for this job');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        foreach ($sheet->givenLimits() as $limit) {
            if ($sheet->dictionary->isOnlyShown($limit->name)) {
                $results->finding(
                    Finding::of(
                        "limits.{$limit->name}",
                        Verdict::Near,
                        ComparisonSentences::givenAndNotJudged($limit->name),
                    ),
                );
            }
        }
        $limits = array_filter($sheet->statedElsewhere, static fn (string $name): bool => str_starts_with($name, 'limits.'));
        if ($sheet->statedElsewhere !== []) {
            $names = array_map(static fn (string $name): string => $sheet->dictionary->nameOfLimit(substr($name, 7)), $limits);
            $others = count($sheet->statedElsewhere) - count($limits);
            $results->finding(
                Finding::of('limits.elsewhere', Verdict::Near, ComparisonSentences::statedElsewhere(array_values($names), $others)),
            );
        }
        foreach ($sheet->unknownLimits as $name) {
            $results->finding(Finding::of("limits.{$name}", Verdict::Near, ComparisonSentences::givenAndUnknown($name)));
        }
    }
}
