<?php

declare(strict_types=1);

namespace Spindle\Inspection\TruckSet;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\Counts;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Pins that are worn leave the plate too much room, and one of them more than the others: it then hangs askew. */
final readonly class PinsJudgement implements Judgement
{
    private const KEY = 'intermediate.pin_clearance';

    public function topic(): Topic
    {
        return new Topic('intermediate.pins', 'The drive pins');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $all = $sheet->values->all(Length::class, self::KEY);
        foreach (['intermediate.pin_wear' => Counts::Greatest, 'intermediate.pin_evenness' => Counts::Spread] as $id => $counts) {
            $limit = $sheet->limitBook()->find($id);
            $figure = count($all) < $counts->leastPlaces() ? null : Estimate::of(
                $sheet, static fn (JobSheet $s): ?Length => self::of($s, $counts), self::KEY,
            );
            if ($limit === null || $figure === null) {
                continue;
            }
            $verdict = $figure->against($limit);
            $asRead = new AsRead($figure->value, $sheet->values->resolution(self::KEY));
            $results->finding(Finding::of($id, $verdict, TruckSetSentences::pins($counts, $asRead, $limit, $verdict === Verdict::Within))
                ->against($limit)->from(self::KEY)->by($counts->formula()));
        }
    }

    private static function of(JobSheet $sheet, Counts $counts): ?Length
    {
        $all = $sheet->values->all(Length::class, self::KEY);

        return $all === [] ? null : $counts->of($all);
    }
}
