<?php

declare(strict_types=1);

namespace Spindle\Fitting;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Substance;
use Spindle\Sheet\Topic;

/** The steps of the fitting: each done, or skipped with a reason; what was counted in counted out. Asked once the list is begun. */
final readonly class FittingStepsJudgement implements Judgement
{
    /** Clearances at the pins of one plate that differ by more, mm. From memory [M]. */
    private const PINS_APART = 0.15;

    public function topic(): Topic
    {
        return new Topic('fit.list', 'The order of fitting');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $this->clips($sheet, $results);
        $this->pins($sheet, $results);
        $this->fingers($sheet, $results);
        $this->bearing($sheet, $results);
        $steps = FittingStep::of($sheet);
        $states = array_map(
            static fn (FittingStep $s): ?StepState => StepState::tryFrom($sheet->values->word(FittingFields::key($s)) ?? ''), $steps,
        );
        if (array_filter($states) === []) {
            return;
        }
        $open = [];
        foreach ($steps as $i => $step) {
            $why = trim($sheet->values->word(FittingFields::why($step)) ?? '');
            $lacking = array_filter($step->readings(), static fn (string $key): bool => ! $sheet->values->has($key));
            match (true) {
                $states[$i] === null => $open[] = $step,
                $states[$i] === StepState::Skipped && ! Substance::isIn($why) => $results->finding(Finding::unmeasured($step->finding(),
                    $why === '' ? FittingSentences::skippedWithoutWhy($step) : FittingSentences::skippedForNothing($step, $why),
                    FittingFields::why($step))),
                $states[$i] === StepState::Skipped => $results->finding(Finding::of($step->finding(), Verdict::Near,
                    FittingSentences::skipped($step, $why))->from(FittingFields::key($step), FittingFields::why($step))),
                $lacking !== [] => $results->finding(Finding::unmeasured($step->finding(), FittingSentences::readingDecides($step),
                    ...array_values($lacking))),
                default => null,
            };
        }
        $results->finding($open === []
            ? Finding::of('fit.steps', Verdict::Within, FittingSentences::allDone())
            : Finding::unmeasured('fit.steps', FittingSentences::stillToDo($open[0], count($open) - 1), FittingFields::key($open[0])));
    }

    private function clips(JobSheet $sheet, Results $results): void
    {
        [$in, $out] = array_map(static fn (string $k): ?Ratio => $sheet->values->one(Ratio::class, $k), ['fit.clips_in', 'fit.clips_out']);
        if ($in === null || $out === null) {
            return;
        }
        $isRight = $in->value === $out->value;
        $results->finding(Finding::of('fit.counted', $isRight ? Verdict::Within : Verdict::Out, $isRight && $in->value === 0.0
            ? FittingSentences::noClips() : FittingSentences::clips($in->value, $out->value))
            ->from('fit.clips_in', 'fit.clips_out'));
    }

    /** A bearing that does not slide drags, or stays where it was pushed. Common practice, no source. */
    private function bearing(JobSheet $sheet, Results $results): void
    {
        $word = $sheet->values->word('fit.bearing_slides');
        if ($word === null) {
            return;
        }
        $results->finding(($word === 'free'
            ? Finding::of('fit.bearing_on_sleeve', Verdict::Within, FittingSentences::bearingSlides())
            : Finding::of('fit.bearing_on_sleeve', Verdict::Out, FittingSentences::bearingSticks()))
            ->from('fit.bearing_slides'));
    }

    private function pins(JobSheet $sheet, Results $results): void
    {
        $all = $sheet->values->all(Length::class, 'fit.pin_clearance');
        if ($all === []) {
            return;
        }
        $limit = $sheet->limitBook()->find('intermediate.pin_clearance');
        if ($limit === null) {
            return;
        }
        $least = $all[0];
        foreach ($all as $one) {
            $least = $one->value < $least->value ? $one : $least;
        }
        $verdict = $limit->judge($least, $sheet->uncertainty('fit.pin_clearance'));
        $spread = Length::spread($all);
        if ($spread->value > self::PINS_APART) {
            $results->finding(Finding::of('fit.pins_alike', Verdict::Near, FittingSentences::pinsDiffer($spread))
                ->from('fit.pin_clearance'));
        }
        $results->finding(Finding::of('fit.pins', $verdict, FittingSentences::pins($least, $limit, $verdict === Verdict::Out))
            ->against($limit)->from('fit.pin_clearance'));
    }

    private function fingers(JobSheet $sheet, Results $results): void
    {
        $all = $sheet->values->all(Length::class, 'fit.finger_heights');
        if (count($all) < 2) {
            return;
        }
        $spread = Length::spread($all);
        $limit = $sheet->limitBook()->get('cover.finger_evenness');
        $verdict = $limit->judge($spread, $sheet->uncertainty('fit.finger_heights'));
        $results->finding(Finding::of('fit.finger_spread', $verdict, FittingSentences::fingersDiffer(
            $spread, $limit, $verdict === Verdict::Out,
        ))
            ->against($limit)->from('fit.finger_heights'));
    }
}
