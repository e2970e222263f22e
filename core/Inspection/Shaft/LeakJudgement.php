<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Inspection\Disc\OilJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        if (! OilJudgement::isOily($sheet)) {
            return;
        }
        $values = $sheet->values;
        $leak = Leak::tryFrom($values->word('seals.leak') ?? '');
        $oil = 'The oil on the disc came from '.($leak === null ? '' : $leak->spoken());
        $results->finding((match (true) {
            $leak === null => Finding::unmeasured('seals.leak',
                'Oil on the disc, and where it came from is not named. Find the leak before anything new goes in.', 'seals.leak'),
            ! $values->has('seals.leak_mended') => Finding::unmeasured('seals.leak',
                "{$oil}; whether it was mended is not written down.", 'seals.leak_mended'),
            ! $values->flag('seals.leak_mended') => Finding::of('seals.leak', Verdict::Out,
                "{$oil}. It is not mended: mend it before anything new goes in."),
            default => Finding::of('seals.leak', Verdict::Within, "{$oil}; mended."),
        })->from('disc.oil', 'disc.conditions', 'seals.leak', 'seals.leak_mended')->by('common practice, no source'));
    }
}
