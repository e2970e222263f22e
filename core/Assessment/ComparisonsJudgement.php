<?php

declare(strict_types=1);

namespace Spindle\Assessment;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\Compare;
use Spindle\Sheet\ComparisonSentences;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Readings that are compared with one limit each, as their subjects have written down. */
final readonly class ComparisonsJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('shaft.readings', 'A reading against its limit');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $compare = new Compare($sheet, $results);
        foreach ($sheet->dictionary->comparisons as $comparison) {
            $compare->by($comparison);
            if ($comparison->onlyGiven) {
                $this->recorded($comparison->reading, $sheet, $results);
            }
        }
        $this->given($sheet, $compare);
        $this->places($sheet, $results);
    }

    /** A reading that nothing but the maker's figure judges: without one it is kept, and it is said that it is only kept. */
    private function recorded(string $key, JobSheet $sheet, Results $results): void
    {
        $field = $sheet->dictionary->get($key);
        $readings = $sheet->values->all($field->dimension?->quantity() ?? Length::class, $key);
        if ($readings === [] || $sheet->limitBook()->given($key) !== null) {
            return;
        }
        $read = static fn (Quantity $q): AsRead => new AsRead($q, $sheet->values->resolutionOf($key, $q));
        $results->finding(
            Finding::notApplicable($key, ComparisonSentences::onlyRecorded($field->label, array_map($read, $readings))),
        );
    }

    /** Limits that maker or shop give for readings that have no built-in one. */
    private function given(JobSheet $sheet, Compare $compare): void
    {
        foreach ($sheet->givenLimits() as $limit) {
            $comparison = $sheet->dictionary->comparisons[$limit->name] ?? null;
            if ($comparison?->leavesGiven() !== false && $sheet->dictionary->find($limit->name)?->dimension !== null) {
                $compare->within($comparison?->nameOfGiven() ?? $limit->name, $limit->name, $limit,
                    Remedy::other(ComparisonSentences::outsideTheGiven()));
            }
        }
    }

    /** Readings of one thing at several places that lie too far apart to be one number: measure again before they are used. */
    private function places(JobSheet $sheet, Results $results): void
    {
        $limit = $sheet->limitBook()->get('disc.reading_spread');
        foreach ($sheet->dictionary->oneNumber as $key) {
            $readings = $sheet->values->all(Length::class, $key);
            $spread = count($readings) < 2 ? null : Length::spread($readings);
            if ($spread !== null && $limit->judge($spread) !== Verdict::Within) {
                $apart = new AsRead($spread, $sheet->values->resolution($key));
                $results->finding(Finding::of("{$key}_spread", Verdict::Near, ComparisonSentences::placesApart(
                    $sheet->dictionary->get($key)->label, $apart,
                ))
                    ->against($limit)->from($key)->by('the greatest less the smallest'));
            }
        }
    }
}
