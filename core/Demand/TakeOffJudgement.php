<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The second branch of a two-stage tractor clutch: its disc is rated for the power take-off alone. */
final readonly class TakeOffJudgement implements Judgement
{
    private const NEEDED = ['engine.pto_power', 'engine.pto_engine_speed'];

    public function topic(): Topic
    {
        return new Topic('demand.take_off', 'What the power take-off asks');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        if (! $sheet->isTwoStage()) {
            return;
        }
        $torque = TakeOffBranch::torque($sheet);
        if ($torque === null) {
            $results->missing($sheet, 'demand.take_off', 'The torque of the power take-off cannot be worked out',
                $sheet->values->missing(...self::NEEDED));

            return;
        }
        $results->figure('demand.pto_torque', $torque);
        $results->finding(
            Finding::of('demand.take_off', Verdict::Within,
                'The power take-off asks '.$display->both($torque, 1.0).' of its own disc; the travel disc carries the engine. '
                .'The two do not add up.')
                ->from(...self::NEEDED)
                ->by('take-off torque = {rated power|engine.pto_power} ÷ {its engine speed|engine.pto_engine_speed}', 'demand.pto_torque'),
        );
    }
}
