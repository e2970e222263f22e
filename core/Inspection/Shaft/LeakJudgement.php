<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Inspection\Disc\OilJudgement;
use Spindle\Inspection\Disc\OilOnDisc;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Oil stays a reason not to sign until its leak is named and mended. Common practice, no source. */
final readonly class LeakJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('seals.leaking', 'The leak');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! OilJudgement::isOily($sheet)) {
            return;
        }
        $values = $sheet->values;
        $leak = Leak::tryFrom($values->word('seals.leak') ?? '');
        $oil = OilOnDisc::tryFrom($values->word('disc.oil') ?? '');
        $isMended = $values->has('seals.leak_mended') ? $values->flag('seals.leak_mended') : null;
        $results->finding((match (true) {
            $leak === null => Finding::unmeasured('seals.leak', ShaftSentences::leakNotNamed(), 'seals.leak'),
            $oil !== null && ! $leak->gives($oil) => Finding::of('seals.leak', Verdict::Out, ShaftSentences::otherLeak($oil, $leak)),
            $leak === Leak::Hydraulics && $sheet->actuation()?->isHydraulic() === false => Finding::of(
                'seals.leak', Verdict::Out, ShaftSentences::noHydraulicsToLeak(),
            ),
            $isMended === null => Finding::unmeasured('seals.leak', ShaftSentences::leak($leak, null), 'seals.leak_mended'),
            default => Finding::of('seals.leak', $isMended ? Verdict::Within : Verdict::Out, ShaftSentences::leak($leak, $isMended)),
        })->from('disc.oil', 'disc.conditions', 'seals.leak', 'seals.leak_mended')->by('common practice, no source'));
    }
}
