<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Which oil is on the disc says which seal let it in. Common practice, no source. */
final readonly class OilJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('disc.oily', 'The oil on the disc');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $oil = OilOnDisc::tryFrom($sheet->values->word('disc.oil') ?? '');
        if ($oil !== null) {
            $isImpossible = $oil === OilOnDisc::Hydraulic && $sheet->actuation()?->isHydraulic() === false;
            $results->finding(Finding::of('disc.oil', Verdict::Out, $isImpossible
                ? DiscSentences::fluidWithoutHydraulics() : DiscSentences::oily($oil, $sheet->vehicleClass()))
                ->from('disc.oil')->by('common practice, no source'));
        }
    }

    /** Whether oil was named or ticked on either disc. */
    public static function isOily(JobSheet $sheet): bool
    {
        $seen = [...$sheet->values->words('disc.conditions'), ...$sheet->values->words('disc2.conditions')];

        return $sheet->values->has('disc.oil') || in_array('oil', $seen, true);
    }
}
