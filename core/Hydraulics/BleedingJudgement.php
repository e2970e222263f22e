<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
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
        $short = '';
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
                $short = 'Step '.($i + 1)." is ticked after {$count} of {$step->times} {$step->counted}: go on, or say by the proof "
                    .'that it is clear.';
            }
        }
        if ($short !== '') {
            $results->finding(Finding::of('hydraulics.steps', Verdict::Near, $short)
                ->from('hydraulics.school', 'hydraulics.steps_done'));

            return;
        }
        if ($open === [] && $uncounted !== []) {
            $results->finding(Finding::unmeasured('hydraulics.steps', "{$school->label()}: ticked, and how often it was done is not "
                .'counted.', ...$uncounted));

            return;
        }
        $results->finding($open === []
            ? Finding::of('hydraulics.steps', Verdict::Within, "{$school->label()}: every step done; the proof decides.")
                ->from('hydraulics.school', 'hydraulics.steps_done')
            : Finding::unmeasured('hydraulics.steps', "{$school->label()}: step {$open[0]} of ".count($school->steps()).' comes next.',
                'hydraulics.steps_done'));
    }

    private function fluid(Fluid $in, ?Fluid $wanted): Finding
    {
        $sources = ['hydraulics.fluid', 'hydraulics.fluid_wanted'];

        return match (true) {
            $wanted === null => Finding::unmeasured('hydraulics.fluid', "{$in->label()} goes in; which one the maker names is not entered.",
                'hydraulics.fluid_wanted'),
            $in === $wanted => Finding::of('hydraulics.fluid', Verdict::Within, "{$in->label()}, as the maker names it.")
                ->from(...$sources),
            ! $in->mixesWith($wanted) => Finding::of('hydraulics.fluid', Verdict::Out, "{$in->label()} never goes into a system made "
                ."for {$wanted->label()}: the seals swell. What it has touched is flushed or replaced.")->from(...$sources),
            default => Finding::of('hydraulics.fluid', Verdict::Near, "{$in->label()} where the maker names {$wanted->label()}: they mix, "
                .'and the type the maker names is the one to use.')->from(...$sources),
        };
    }
}
