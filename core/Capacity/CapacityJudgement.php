<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\DemandJudgement;
use Spindle\Demand\EngineOutput;
use Spindle\Demand\WantedReserve;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Mark;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Torque;
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
        $engine = DemandJudgement::engine($sheet->values);
        $wanted = WantedReserve::of($sheet);

        $clutch->writeFigures($results);
        $this->assisted($clutch, $sheet, $results);
        LiningChecks::claim($clutch, $results, $display);
        LiningChecks::doubtedMu($clutch, $results, $display);
        LiningChecks::spring($clutch, $results);
        LiningChecks::pressure($clutch, $sheet, $results, $display);
        CharacterChecks::write($kit, $clutch, $wanted?->duty, $results);
        $this->margin($clutch, $engine, $wanted, $sheet, $results, $display);
        $this->floor($clutch, $engine, $sheet, $results, $display);
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
        ?EngineOutput $output,
        ?WantedReserve $wanted,
        JobSheet $sheet,
        Results $results,
        Display $display,
    ): void {
        $engine = $output?->peak;
        $carried = $clutch->runIn();
        if ($carried === null) {
            $results->missing($sheet, 'capacity.margin', 'What the kit carries cannot be worked out', $clutch->missing);

            return;
        }
        if ($engine === null || $wanted === null) {
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
        $margin = $carried->ratioTo($engine);
        $results->figure('capacity.margin', $margin);
        [$reserve, $harshAbove] = [$wanted->figures->reserve, $wanted->figures->harshAbove];
        $share = $sheet->limitBook()->get('capacity.margin_tolerance')->min->value ?? 1.0;
        $byDuty = Limit::of('capacity.margin', $reserve->times($share), null, LimitSource::Practice, Mark::FromMemory, $reserve);
        $limit = $sheet
            ->limitBook()
            ->over(
                $byDuty->aimedAt()->from(
                    'near from here up to the reserve of '.
                        $display->number($reserve->value, 2).
                        '; harsh above '.
                        $display->number($harshAbove->value, 1),
                ),
            );
        $harsh = $margin->value > $harshAbove->value;
        $isFloor = $output->isFloor;
        $verdict = $harsh ? Verdict::Near : $limit->judge($margin);
        // Of an engine of which only a floor is known nothing can be within.
        $verdict = $isFloor && $verdict === Verdict::Within ? Verdict::Near : $verdict;
        $said =
            ($clutch->isClaimOnly() ? "By the maker's claim alone the kit carries " : 'Run in it carries ').
            $display->both($carried, 1.0).
            ', '.
            ($isFloor ? 'at most ' : '').
            $display->number($margin->value, 2).
            ' times the engine; wanted '.
            ($limit->source === LimitSource::Practice ? $display->number($reserve->value, 2) : $limit->wording($display));
        $results->finding(
            Finding::of(
                'capacity.margin',
                $clutch->isClaimOnly() && $verdict === Verdict::Within ? Verdict::Near : $verdict,
                $said.
                    match (true) {
                        $verdict === Verdict::Out => ': too weak, it would slip.',
                        $margin->value < $reserve->value && $verdict === Verdict::Near => ': a little short.',
                        $isFloor => ': of the engine only the power is known, and its peak torque is higher; enter it.',
                        $harsh => ': more than the job needs, with a heavier pedal and harsher take-up.',
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

    private function floor(KitClutch $clutch, ?EngineOutput $output, JobSheet $sheet, Results $results, Display $display): void
    {
        $engine = $output?->peak;
        $worn = $clutch->worn();
        $hot = $clutch->hot();
        if ($worn === null || $hot === null) {
            $results->missing($sheet, 'capacity.floor', 'Torque when worn or hot cannot be worked out', $clutch->missingForFloor());

            return;
        }
        if ($engine === null) {
            $results->finding(
                Finding::unmeasured(
                    'capacity.floor',
                    'Engine torque is needed to judge the worn and the hot clutch.',
                    'engine.peak_torque',
                ),
            );

            return;
        }
        $least = Torque::least([$worn, $hot])->ratioTo($engine);
        $results->figure('capacity.floor_margin', $least);
        $limit = $sheet->limitBook()->get('capacity.floor_margin');
        $verdict = $limit->judge($least);
        // A clamp load nobody gave is a range, not a figure.
        $ends = array_map(
            static fn (Torque $end): Verdict => $limit->judge(Torque::least([$end, $hot])->ratioTo($engine)),
            $clutch->wornRange() ?? [],
        );
        $decides = array_filter($ends, static fn (Verdict $end): bool => $end !== $verdict) !== [];
        $verdict = $decides ? Verdict::Near : $verdict;
        $isFloor = $output->isFloor;
        $verdict = $isFloor && $verdict === Verdict::Within ? Verdict::Near : $verdict;
        $results->finding(
            Finding::of(
                'capacity.floor',
                $verdict,
                'Worn it carries '.
                    $display->both($worn, 1.0).
                    ', hot '.
                    $display->both($hot, 1.0).
                    ': '.
                    $display->number($least->value, 2).
                    ' times the engine at worst'.
                    ($isFloor && $verdict === Verdict::Near ? '; of the engine only the power is known' : '').
                    ($verdict === Verdict::Out ? '; it would slip on its last day or after a hard climb.' : '.').
                    ($clutch->clampIsAssumed()
                        ? ' Clamp load '.
                            $clutch->clampOrigin().
                            ($decides ? '; what it really is decides: enter the clamp load at the wear limit.' : '.')
                        : ''),
            )
                ->against($limit)
                ->from('kit.clamp_load_worn', 'kit.spring', 'kit.spring_rate', 'kit.wear_travel', 'kit.mu_hot')
                ->by(
                    'the smaller of {worn|capacity.worn} and {hot|capacity.hot} ÷ {engine torque|demand.engine_torque}{=}; worn: '
                    .$clutch->clampOrigin(), 'capacity.floor_margin',
                ),
        );
    }
}
