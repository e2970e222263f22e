<?php

declare(strict_types=1);

namespace Spindle\Fitting;

use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/**
 * Whether the gearbox stands in line with the crankshaft: a dial on the crankshaft swept round the bore of the housing, and over its face.
 * Of the bore the dial shows twice the offset; the direction from the low to the high side is that of the best circle through the readings,
 * by least squares.
 */
final readonly class HousingJudgement implements Judgement
{
    /** Fewer places do not make out a circle from a fault of one reading. */
    private const LEAST_PLACES = 4;

    public function topic(): Topic
    {
        return new Topic('housing.line', 'Housing and engine in line');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        foreach (['bore', 'face'] as $which) {
            $readings = $sheet->values->all(Length::class, "housing.{$which}_dial");
            if ($readings === []) {
                continue;
            }
            if (count($readings) < self::LEAST_PLACES) {
                $results->finding(Finding::unmeasured(
                    "housing.{$which}", FittingSentences::sweepMorePlaces($which, self::LEAST_PLACES), "housing.{$which}_dial",
                ));

                continue;
            }
            $this->judge($which, FaceDial::evenly($readings), $sheet, $results);
        }
    }

    private function judge(string $which, FaceDial $dial, JobSheet $sheet, Results $results): void
    {
        $offset = $dial->tilt()->over(2);
        $limit = $sheet->limitBook()->get("housing.{$which}_runout");
        $runout = $dial->runout();
        $verdict = $limit->judge($runout, $sheet->uncertainty("housing.{$which}_dial"));
        if ($which === 'bore') {
            $results->figure('housing.bore_offset', $offset);
            $results->figure('housing.bore_direction', Ratio::of($dial->highHours()));
        } else {
            $results->figure('housing.face_runout', $runout);
        }
        $isWithin = $verdict === Verdict::Within;
        $results->finding(Finding::of("housing.{$which}", $verdict, $which === 'bore'
            ? FittingSentences::boreSwept($runout, $limit, $isWithin ? null : $offset, $dial->highSide())
            : FittingSentences::faceSwept($runout, $limit, $isWithin, $dial->highSide()))
            ->against($limit)->from("housing.{$which}_dial")
            ->by($which === 'bore' ? 'half of the circle that fits the readings by least squares' : 'greatest less smallest reading',
                "housing.{$which}_".($which === 'bore' ? 'offset' : 'runout')));
    }
}
