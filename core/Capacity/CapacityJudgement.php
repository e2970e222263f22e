<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\DemandJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $kit = $this->candidate ?? $sheet->values;
        if (! KitClutch::isGiven($kit)) {
            $results->finding(Finding::unmeasured('capacity.margin', 'No kit chosen.', 'kit'));

            return;
        }
        $clutch = KitClutch::of($kit, $sheet);
        $case = CarryCase::of($sheet);

        $clutch->writeFigures($results);
        $this->assisted($clutch, $sheet, $results);
        LiningChecks::claim($clutch, $results, $display);
        LiningChecks::doubtedMu($clutch, $results, $display);
        LiningChecks::spring($clutch, $results);
        LiningChecks::pressure($clutch, $case, $results, $display);
        CharacterChecks::write($kit, $clutch, $case->wanted?->duty, $results);
        $carries = Carries::of($clutch, $case);
        $this->margin($clutch, $carries, $case, $sheet, $results, $display);
        $this->floor($clutch, $carries, $case, $sheet, $results, $display);
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

    private function margin(
        KitClutch $clutch,
        Carries $carries,
        CarryCase $case,
        JobSheet $sheet,
        Results $results,
        Display $display,
    ): void {
        [$carried, $margin, $limit] = [$carries->carried, $carries->margin, $case->margin];
        [$engine, $wanted] = [$case->engine, $case->wanted];
        if ($carried === null) {
            $results->missing($sheet, 'capacity.margin', 'What the kit carries cannot be worked out', $clutch->missing);

            return;
        }
        if ($margin === null || $limit === null || $engine === null || $wanted === null) {
            $results->finding(
                Finding::unmeasured(
                    'capacity.margin',
                    'The kit carries '.$display->both($carried, 1.0).' run in; engine torque and duty are needed to judge it.',
                    ...($engine === null ? ['engine.peak_torque'] : []),
                    ...($wanted === null ? ['duty'] : []),
                ),
            );

            return;
        }
        $results->figure('capacity.margin', $margin);
        [$reserve, $harshAbove] = [$wanted->figures->reserve, $wanted->figures->harshAbove];
        $limit = $limit->source !== LimitSource::Practice ? $limit : $limit->from(
            'near from here up to the reserve of '.$display->number($reserve->value, 2).'; harsh above '
            .$display->number($harshAbove->value, 1),
        );
        $said = match (true) {
            $clutch->isClaimOnly() => "By the maker's claim alone the kit carries ",
            $carries->isByClaim => "By the maker's claim, which this shop goes by where it is believable, it carries ",
            default => 'Run in it carries ',
        }.$display->both($carried, 1.0).', '.($engine->isFloor ? 'at most ' : '').$display->number($margin->value, 2).
            ' times the engine; wanted '.
            ($limit->source === LimitSource::Practice ? $display->number($reserve->value, 2) : $limit->wording($display));
        $results->finding(
            Finding::of(
                'capacity.margin',
                $carries->byMargin,
                $said.
                    match (true) {
                        $carries->byMargin === Verdict::Out => ': too weak, it would slip.',
                        $margin->value < $reserve->value && $carries->byMargin === Verdict::Near => ': a little short.',
                        $engine->isFloor => ': of the engine only the power is known, and its peak torque is higher; enter it.',
                        $carries->isHarsh => ': more than the job needs, with a heavier pedal and harsher take-up.',
                        $clutch->isClaimOnly() => ': ask for clamp load and lining to test the claim.',
                        default => '.',
                    },
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

    private function floor(
        KitClutch $clutch,
        Carries $carries,
        CarryCase $case,
        JobSheet $sheet,
        Results $results,
        Display $display,
    ): void {
        [$worn, $hot, $least] = [$clutch->worn(), $clutch->hot(), $carries->floor];
        $engine = $case->engine;
        if ($worn === null || $hot === null) {
            $results->missing($sheet, 'capacity.floor', 'Torque when worn or hot cannot be worked out', $clutch->missingForFloor());

            return;
        }
        if ($engine === null || $least === null) {
            $results->finding(
                Finding::unmeasured(
                    'capacity.floor',
                    'Engine torque is needed to judge the worn and the hot clutch.',
                    'engine.peak_torque',
                ),
            );

            return;
        }
        $results->figure('capacity.floor_margin', $least);
        $results->finding(
            Finding::of(
                'capacity.floor',
                $carries->byFloor,
                'Worn it carries '.
                    $display->both($worn, 1.0).
                    ', hot '.
                    $display->both($hot, 1.0).
                    ': '.
                    $display->number($least->value, 2).
                    ' times the engine at worst'.
                    ($engine->isFloor && $carries->byFloor === Verdict::Near ? '; of the engine only the power is known' : '').
                    ($carries->byFloor === Verdict::Out ? '; it would slip on its last day or after a hard climb.' : '.').
                    ($clutch->clampIsAssumed()
                        ? ' Clamp load '.
                            $clutch->clampOrigin().
                            ($carries->assumptionDecides
                                ? '; what it really is decides: enter the clamp load at the wear limit.' : '.')
                        : ''),
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
