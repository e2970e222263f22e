<?php

declare(strict_types=1);

namespace Spindle\Inspection\TwoStageSet;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Compare;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** A tractor's two-stage clutch: levers alike, the travel disc free at half, the take-off disc at the end, air at every face. */
final readonly class TwoStageJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('two_stage.set', 'The two-stage set');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $this->levers($sheet, $results, $display);
        $this->halves($sheet, $results, $display);
    }

    private function levers(JobSheet $sheet, Results $results, Display $display): void
    {
        $key = 'two_stage.lever_heights';
        $heights = $sheet->values->all(Length::class, $key);
        if (count($heights) < 2) {
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
        $values = array_map(static fn (Length $h): float => $h->value, $heights);
        $lowest = 1 + (int) array_search(min($values), $values, true);
        (new Compare($sheet, $results, $display))->figure(
            $key,
            'Lever heights, spread',
            $figure,
            $display->quantity($spread, $sheet->values->resolution($key)),
            'two_stage.lever_evenness',
            "set them alike. Number {$lowest} of those measured stands lowest; where one stands apart from the rest look for a ".
            'broken pivot lug or pressure plate, and find the piece in the housing before the engine is started',
            [$key],
            'the greatest less the smallest',
        );
    }

    /** The first half of the travel frees the travel disc, the second the take-off disc. */
    private function halves(JobSheet $sheet, Results $results, Display $display): void
    {
        $keys = ['two_stage.travel_to_first', 'two_stage.travel_total'];
        $first = $sheet->values->one(Length::class, $keys[0]);
        $total = $sheet->values->one(Length::class, $keys[1]);
        if ($first === null || $total === null) {
            if ($first !== null || $total !== null) {
                $results->finding(
                    Finding::unmeasured(
                        'two_stage.first_release',
                        'Travel to the first release and the whole travel are read together; one is missing.',
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
                    'The travel to the first release is more than the whole travel: measure both again.',
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
        $compare = new Compare($sheet, $results, $display);
        $compare->figure(
            'two_stage.first_release',
            'First release at',
            $figure,
            $compare->share('two_stage.first_release_percent', $share).' of the travel',
            'two_stage.first_release_percent',
            $share->value > 0.5
                ? 'too late: little is left to free the take-off disc; set the levers'
                : 'too early: the take-off disc is freed before its time; set the levers',
            $keys,
            '{travel to the first release|two_stage.travel_to_first} ÷ {whole travel|two_stage.travel_total}',
        );
    }

    private static function firstRelease(JobSheet $sheet): ?Ratio
    {
        $total = $sheet->values->one(Length::class, 'two_stage.travel_total');

        return $total === null ? null : $sheet->values->one(Length::class, 'two_stage.travel_to_first')?->ratioTo($total);
    }
}
