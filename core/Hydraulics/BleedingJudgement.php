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
        $done = $values->words('hydraulics.steps_done');
        $open = [];
        $short = null;
        $uncounted = [];
        foreach ($school->steps() as $i => $step) {
            $isDone = in_array('s'.($i + 1), $done, true);
            if (! $isDone) {
                $open[] = $i + 1;
            }
            $count = $values->count(HydraulicsFields::counted($i + 1));
            if ($isDone && $count === null && $step->counted !== '') {
                $uncounted = [...$uncounted, HydraulicsFields::counted($i + 1)];
            }
            if ($isDone && $count !== null && $count < $step->times) {
                $short = HydraulicsSentences::stepTooShort($i + 1, $count, $step->times, $step->counted);
            }
        }
        if ($short !== null) {
            $results->finding(Finding::of('hydraulics.steps', Verdict::Near, $short)
                ->from('hydraulics.school', 'hydraulics.steps_done'));

            return;
        }
        if ($open === [] && $uncounted !== []) {
            $results->finding(Finding::unmeasured(
                'hydraulics.steps', HydraulicsSentences::notCounted($school), ...$uncounted,
            ));

            return;
        }
        $results->finding($open === []
            ? Finding::of('hydraulics.steps', Verdict::Within, HydraulicsSentences::stepsDone($school))
                ->from('hydraulics.school', 'hydraulics.steps_done')
            : Finding::unmeasured('hydraulics.steps', HydraulicsSentences::nextStep($school, $open[0]), 'hydraulics.steps_done'));
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
