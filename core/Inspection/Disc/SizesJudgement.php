<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether the sizes of a new disc can be those of one disc: the wear is reckoned from them. */
final readonly class SizesJudgement implements Judgement
{
    /** Of a disc's thickness no more than this is lining that can be used, both sides together. From memory [M]. */
    private const MOST_USABLE = 0.5;

    public function topic(): Topic
    {
        return new Topic('disc.sizes', 'The sizes of the disc when new');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        foreach (DiscFields::DISCS as $disc) {
            $new = $sheet->values->one(Length::class, "{$disc}.thickness_new");
            $usable = WearJudgement::usable($sheet->values, $disc);
            if ($new !== null && $usable !== null && $usable->value > self::MOST_USABLE * $new->value) {
                $results->finding(Finding::of("{$disc}.sizes", Verdict::Near, DiscSentences::moreLiningThanDisc($usable, $new))
                    ->from("{$disc}.thickness_new", "{$disc}.usable_per_side"));
            }
        }
    }
}
