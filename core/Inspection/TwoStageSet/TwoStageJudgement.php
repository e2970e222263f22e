<?php

declare(strict_types=1);

namespace Spindle\Inspection\TwoStageSet;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Compare;
use Spindle\Sheet\ComparedFigure;
use Spindle\Sheet\ComparisonSentences;
use Spindle\Sheet\Counts;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** A tractor's two-stage clutch: levers alike, the travel disc free at half, the take-off disc at the end, air at every face. */
final readonly class TwoStageJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('two_stage.set', 'The two-stage set');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $this->levers($sheet, $results);
        $this->halves($sheet, $results);
    }

    private function levers(JobSheet $sheet, Results $results): void
    {
        $key = 'two_stage.lever_heights';
        $heights = $sheet->values->all(Length::class, $key);
        if ($heights === []) {
            return;
        }
        $figure = Estimate::of(
            $sheet,
            static function (JobSheet $s) use ($key): ?Length {
                $all = $s->values->all(Length::class, $key);

                return $all === [] ? null : Length::spread($all);
            },
            $key,
        );
        if ($figure === null) {
            return;
        }
        $spread = $figure->value;
        $short = Counts::Spread->leastPlaces() - count($heights);
        if ($short > 0) {
            $soFar = count($heights) === 1 ? null : new AsRead($spread, $sheet->values->resolution($key));
            $results->finding(Finding::unmeasured($key, ComparisonSentences::tooFewPlaces(
                'Lever heights, both stages', $soFar, $short, false,
            ), $key));

            return;
        }
        $values = array_map(static fn (Length $h): float => $h->value, $heights);
        $lowest = 1 + (int) array_search(min($values), $values, true);
        (new Compare($sheet, $results))->figure(new ComparedFigure(
            $key,
            TwoStageSentences::leverHeights(new AsRead($spread, $sheet->values->resolution($key))),
            $figure,
            'two_stage.lever_evenness',
            Remedy::other(TwoStageSentences::setLeversAlike($lowest)),
            [$key],
            'the greatest less the smallest',
        ));
    }

    /** The first half of the travel frees the travel disc, the second the take-off disc. */
    private function halves(JobSheet $sheet, Results $results): void
    {
        $keys = ['two_stage.travel_to_first', 'two_stage.travel_total'];
        $first = $sheet->values->one(Length::class, $keys[0]);
        $total = $sheet->values->one(Length::class, $keys[1]);
        if ($first === null || $total === null) {
            if ($first !== null || $total !== null) {
                $results->finding(
                    Finding::unmeasured(
                        'two_stage.first_release',
                        TwoStageSentences::oneTravelMissing(),
                        ...$sheet->values->missing(...$keys),
                    ),
                );
            }

            return;
        }
        if ($first->value > $total->value) {
            $results->finding(
                Finding::of(
                    'two_stage.first_release',
                    Verdict::Unmeasured,
                    TwoStageSentences::firstReleaseBeyondTravel(),
                )->from(...$keys),
            );

            return;
        }
        $figure = Estimate::of($sheet, self::firstRelease(...), ...$keys);
        if ($figure === null) {
            return;
        }
        $share = $figure->value;
        $results->estimate('two_stage.first_release_percent', $figure);
        $limit = $sheet->limitBook()->find('two_stage.first_release_percent');
        (new Compare($sheet, $results))->figure(new ComparedFigure(
            'two_stage.first_release',
            TwoStageSentences::firstRelease($share, $limit),
            $figure,
            'two_stage.first_release_percent',
            Remedy::other($share->value > 0.5 ? TwoStageSentences::firstReleaseTooLate() : TwoStageSentences::firstReleaseTooEarly()),
            $keys,
            '{travel to the first release|two_stage.travel_to_first} ÷ {whole travel|two_stage.travel_total}',
        ));
    }

    private static function firstRelease(JobSheet $sheet): ?Ratio
    {
        $total = $sheet->values->one(Length::class, 'two_stage.travel_total');

        return $total === null ? null : $sheet->values->one(Length::class, 'two_stage.travel_to_first')?->ratioTo($total);
    }
}
