<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\DemandJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\LimitSource;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether a kit carries the engine: new, run in, worn and hot. */
final readonly class CapacityJudgement implements Judgement
{
    /** @param  FieldValues|null  $candidate  a kit to judge instead of the chosen one */
    public function __construct(private ?FieldValues $candidate = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic('capacity.carried', 'What the kit carries');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $kit = $this->candidate ?? $sheet->values;
        if (! KitClutch::isGiven($kit)) {
            $results->finding(Finding::unmeasured('capacity.margin', CapacitySentences::noKit(), 'kit'));

            return;
        }
        $clutch = KitClutch::of($kit, $sheet);
        $case = CarryCase::of($sheet);

        $clutch->writeFigures($results);
        $this->assisted($clutch, $sheet, $results);
        LiningChecks::claim($clutch, $results);
        LiningChecks::doubts($clutch, $results);
        LiningChecks::spring($clutch, $results);
        LiningChecks::pressure($clutch, $case, $results);
        CharacterChecks::write($kit, $clutch, $case->wanted?->duty, $results);
        $carries = Carries::of($clutch, $case);
        $this->margin($clutch, $carries, $case, $sheet, $results);
        $this->floor($clutch, $carries, $case, $sheet, $results);
    }

    /** With weights on the cover: at the speed of peak torque, beside the rating at rest. */
    private function assisted(KitClutch $clutch, JobSheet $sheet, Results $results): void
    {
        $speed = $clutch->hasAssist() ? DemandJudgement::speedOfPeak($sheet->values) : null;
        $carried = $speed === null ? null : $clutch->runInAt($speed);
        if ($carried !== null) {
            $results->figure('capacity.run_in_at_peak', $carried);
        }
    }

    private function margin(KitClutch $clutch, Carries $carries, CarryCase $case, JobSheet $sheet, Results $results): void
    {
        [$carried, $margin, $limit] = [$carries->carried, $carries->margin, $case->margin];
        [$engine, $wanted] = [$case->engine, $case->wanted];
        if ($carried === null) {
            $results->missing($sheet, 'capacity.margin', CapacitySentences::carriedUnknown(), $clutch->missing);

            return;
        }
        if ($margin === null || $limit === null || $engine === null || $wanted === null) {
            $results->finding(
                Finding::unmeasured(
                    'capacity.margin',
                    CapacitySentences::carriedNotJudged($carried),
                    ...($engine === null ? ['engine.peak_torque'] : []),
                    ...($wanted === null ? ['duty'] : []),
                ),
            );

            return;
        }
        $results->figure('capacity.margin', $margin);
        $limit = $limit->source !== LimitSource::Practice ? $limit : $limit->from(CapacitySentences::fromTheReserve($wanted->figures));
        $of = new MarginCase($carries->byMargin, $clutch->isClaimOnly(), $carries->isByClaim, $engine->isFloor, $carries->isHarsh);
        $results->finding(
            Finding::of(
                'capacity.margin', $carries->byMargin, CapacitySentences::margin($of, $carried, $margin, $wanted->figures, $limit),
            )
                ->against($limit)
                ->from('engine.peak_torque', 'duty', 'kit.clamp_load', 'kit.material')
                ->by(
                    '{run-in torque|capacity.run_in} ÷ {engine torque|demand.engine_torque}{=}; run-in torque = '.
                    '{faces|capacity.faces} faces × '
                    .'friction × {clamp load|kit.clamp_load} × {mean radius|capacity.radius_run_in} (Budynas & Nisbett, ch. 16)',
                    'capacity.margin',
                ),
        );
    }

    private function floor(KitClutch $clutch, Carries $carries, CarryCase $case, JobSheet $sheet, Results $results): void
    {
        [$worn, $hot, $least] = [$clutch->worn(), $clutch->hot(), $carries->floor];
        $engine = $case->engine;
        if ($worn === null || $hot === null) {
            $results->missing($sheet, 'capacity.floor', CapacitySentences::floorUnknown(), $clutch->missingForFloor());

            return;
        }
        if ($engine === null || $least === null) {
            $results->finding(
                Finding::unmeasured(
                    'capacity.floor',
                    CapacitySentences::floorNotJudged(),
                    'engine.peak_torque',
                ),
            );

            return;
        }
        $results->figure('capacity.floor_margin', $least);
        $of = new FloorCase(
            $carries->byFloor, $engine->isFloor, $clutch->clampIsAssumed() ? $clutch->clampOrigin() : '', $carries->assumptionDecides,
        );
        $results->finding(
            Finding::of(
                'capacity.floor',
                $carries->byFloor,
                CapacitySentences::floor($of, $worn, $hot, $least),
            )
                ->against($case->floor)
                ->from('kit.clamp_load_worn', 'kit.spring', 'kit.spring_rate', 'kit.wear_travel', 'kit.mu_hot')
                ->by(
                    'the smaller of {worn|capacity.worn} and {hot|capacity.hot} ÷ {engine torque|demand.engine_torque}{=}; worn: '
                    .$clutch->clampOrigin(), 'capacity.floor_margin',
                ),
        );
    }
}
