<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** "Replace it while it is open?", answered with the sum for each part somebody asks about. Advice: nothing here is needed. */
final readonly class WhileOpenJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('open.parts', 'What to replace while it is open');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $labour = $values->one(Duration::class, 'open.labour');
        $rate = LabourRate::of($sheet);
        foreach (array_keys(WhileOpenFields::parts()) as $part) {
            $price = $values->one(Ratio::class, "open.{$part}_price");
            $chance =
                $values->one(Ratio::class, "open.{$part}_chance") ??
                Soundness::tryFrom($values->word("open.{$part}_state") ?? '')?->chanceOfFailing();
            if ($labour === null || $rate === null || $price === null || $chance === null) {
                continue;
            }
            $sum = new ReplaceWhileOpen($price, $chance, $labour, $rate);
            $later = $sum->costOfLeaving();
            $results->finding(
                Finding::of(
                    "open.{$part}",
                    $sum->isWorthReplacing() ? Verdict::Near : Verdict::Within,
                    $sum->isWorthReplacing() ? WhileOpenSentences::worthReplacing($part, $price, $later)
                        : WhileOpenSentences::mayStay($part, $price, $later),
                )
                    ->from("open.{$part}_price", "open.{$part}_state", "open.{$part}_chance", 'open.labour', 'open.rate')
                    ->by(WhileOpenSentences::onAverage($chance, $labour, $rate)),
            );
        }
    }
}
