<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Speed;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The second branch of a two-stage tractor clutch: its disc is rated for the power take-off alone. */
final readonly class TakeOffJudgement implements Judgement
{
    private const NEEDED = ['engine.pto_power', 'engine.pto_engine_speed'];

    /**
     * Rated speeds of a take-off's shaft, rev/min: ISO 500-1 has 540, 1000 and 1300; 750 and 1400 are the same shafts at an engine that
     * is let run slower. From memory.
     */
    private const RATED = [540.0, 750.0, 1000.0, 1300.0, 1400.0];

    /** As near to one of them as a plate on the shaft says it. From memory [M]. */
    private const ROUND = 0.05;

    /** A take-off is made for at least this share of what the engine gives. From memory [M]. */
    private const LEAST_SHARE = 0.4;

    public function topic(): Topic
    {
        return new Topic('demand.take_off', 'What the power take-off asks');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! $sheet->isTwoStage()) {
            return;
        }
        $this->speeds($sheet, $results);
        $torque = TakeOffBranch::torque($sheet);
        if ($torque === null) {
            $results->missing($sheet, 'demand.take_off', DemandSentences::takeOffUnknown(),
                $sheet->values->missing(...self::NEEDED));

            return;
        }
        $results->figure('demand.pto_torque', $torque);
        $results->finding(
            Finding::of('demand.take_off', Verdict::Within, DemandSentences::takeOff($torque))
                ->from(...self::NEEDED)
                ->by('take-off torque = {rated power|engine.pto_power} ÷ {its engine speed|engine.pto_engine_speed}', 'demand.pto_torque'),
        );
    }

    /** Whether shaft, engine and power can belong together; a digit that slipped shows nowhere else. */
    private function speeds(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        [$shaft, $engine, $limit] = array_map(
            static fn (string $key): ?Speed => $values->one(Speed::class, $key),
            ['vehicle.take_off_speed', 'engine.pto_engine_speed', 'engine.speed_limit'],
        );
        $odd = $shaft !== null && array_filter(
            self::RATED, static fn (float $rated): bool => abs($shaft->as('rpm') / $rated - 1.0) <= self::ROUND,
        ) === [];
        if ($shaft !== null && $odd) {
            $results->finding(Finding::of('demand.take_off_speed', Verdict::Near, DemandSentences::unusualTakeOffSpeed($shaft))
                ->from('vehicle.take_off_speed'));
        }
        if ($engine !== null && $limit !== null && $engine->value > $limit->value) {
            $results->finding(Finding::of('demand.take_off_engine', Verdict::Near, DemandSentences::takeOffBeyondTheEngine($engine, $limit))
                ->from('engine.pto_engine_speed', 'engine.speed_limit'));
        }
        $torque = TakeOffBranch::torque($sheet);
        $given = DemandJudgement::engine($values)?->peak;
        $share = $torque === null || $given === null ? null : $torque->ratioTo($given);
        if ($share !== null && ($share->value > 1.0 || $share->value < self::LEAST_SHARE)) {
            $results->finding(Finding::of('demand.take_off_share', Verdict::Near, DemandSentences::unusualTakeOffShare($share))
                ->from(...self::NEEDED));
        }
    }
}
