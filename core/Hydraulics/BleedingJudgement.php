<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The fluid that goes in against the one that the maker names, and how far a bleeding is. */
final readonly class BleedingJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('hydraulics.bleeding', 'The bleeding');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        [$in, $wanted] = array_map(static fn (string $k): ?Fluid => Fluid::tryFrom($values->word($k) ?? ''),
            ['hydraulics.fluid', 'hydraulics.fluid_wanted']);
        if ($in !== null) {
            $results->finding($this->fluid($in, $wanted));
        }
        $school = BleedingSchool::tryFrom($values->word('hydraulics.school') ?? '');
        if ($school === null) {
            return;
        }
        $progress = BleedingProgress::of($sheet);
        [$short, $uncounted] = [null, []];
        foreach ($school->steps() as $i => $step) {
            $isTicked = $progress->isTicked($i + 1);
            $count = $progress->counted($i + 1);
            if ($isTicked && $count === null && $step->counted !== '') {
                $uncounted = [...$uncounted, HydraulicsFields::counted($i + 1)];
            }
            if ($isTicked && $count !== null && ! $progress->isCountedOut($i + 1)) {
                $short ??= Finding::unmeasured(
                    'hydraulics.steps', HydraulicsSentences::stepTooShort($i + 1, $count, $step->times, $step->counted),
                    HydraulicsFields::counted($i + 1),
                );
            }
        }
        $next = $progress->next();
        $results->finding(match (true) {
            // No step passes on counts that are not done, whatever is ticked.
            $short !== null => $short,
            $next !== null => Finding::unmeasured(
                'hydraulics.steps', HydraulicsSentences::nextStep($school, $next), HydraulicsFields::STEPS_DONE,
            ),
            $uncounted !== [] => Finding::unmeasured('hydraulics.steps', HydraulicsSentences::notCounted($school), ...$uncounted),
            default => Finding::of('hydraulics.steps', Verdict::Within, HydraulicsSentences::stepsDone($school))
                ->from('hydraulics.school', HydraulicsFields::STEPS_DONE),
        });
    }

    private function fluid(Fluid $in, ?Fluid $wanted): Finding
    {
        if ($wanted === null) {
            return Finding::unmeasured('hydraulics.fluid', HydraulicsSentences::makersFluidUnknown($in), 'hydraulics.fluid_wanted');
        }
        $verdict = match (true) {
            $in === $wanted => Verdict::Within,
            $in->mixesWith($wanted) => Verdict::Near,
            default => Verdict::Out,
        };

        return Finding::of('hydraulics.fluid', $verdict, HydraulicsSentences::fluid($in, $wanted))
            ->from('hydraulics.fluid', 'hydraulics.fluid_wanted');
    }
}
