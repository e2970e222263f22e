<?php

declare(strict_types=1);

namespace Spindle\Inspection\TwoStageSet;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Entry;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/**
 * The adjusting bolts of the second stage: each has its own gap to the pressure plate, and its own turns to the middle of the band. A bolt
 * screwed in closes its gap: turns = (gap − middle) ÷ thread pitch. Common practice, no source; the band is from memory.
 */
final readonly class StageBoltsJudgement implements Judgement
{
    private const KEY = 'two_stage.bolt_gap';

    /** Less than this is not turned, turns. From memory [M]. */
    private const NO_TURN = 0.05;

    public function topic(): Topic
    {
        return new Topic('two_stage.bolts', 'The bolts of the second stage');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $entries = $sheet->values->entries(self::KEY);
        $limit = $sheet->limitBook()->find(self::KEY);
        if ($entries === [] || $limit === null) {
            return;
        }
        $doubt = $sheet->uncertainty(self::KEY);
        $verdicts = array_map(static fn (Entry $e): Verdict => $limit->judge($e->quantity, $doubt), $entries);
        $gaps = array_map(static fn (Entry $e): AsRead => new AsRead($e->quantity, $e->resolution), $entries);
        $verdict = Verdict::worst(...$verdicts);
        $pitch = $sheet->values->one(Length::class, 'two_stage.bolt_pitch');
        $turns = $verdict === Verdict::Within ? [] : self::turns($entries, $limit, $pitch);
        $results->finding(
            Finding::of(self::KEY, $verdict, TwoStageSentences::bolts($gaps, $limit, $turns, self::order(count($gaps)), $verdict))
                ->against($limit)->from(self::KEY, 'two_stage.bolt_pitch'),
        );
    }

    /**
     * @param  non-empty-list<Entry>  $gaps
     * @return array<int, float>|null turns of each bolt that is to be turned, by its number; nothing where the pitch is not known
     */
    private static function turns(array $gaps, Limit $limit, ?Length $pitch): ?array
    {
        if ($pitch === null || $limit->min === null || $limit->max === null) {
            return null;
        }
        $middle = ($limit->min->value + $limit->max->value) / 2;
        $turns = [];
        foreach ($gaps as $i => $gap) {
            $by = ($gap->quantity->value - $middle) / $pitch->value;
            $turns += abs($by) < self::NO_TURN ? [] : [$i + 1 => $by];
        }

        return $turns;
    }

    /** @return list<int> the numbers of the bolts, each followed by the one opposite or nearly so */
    private static function order(int $bolts): array
    {
        $half = intdiv($bolts + 1, 2);
        $order = [];
        for ($i = 0; $i < $half; $i++) {
            $order = [...$order, $i + 1, ...($i + $half < $bolts ? [$i + $half + 1] : [])];
        }

        return $order;
    }
}
