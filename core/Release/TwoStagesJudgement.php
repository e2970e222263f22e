<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/**
 * What both stages come to, worked out from the pedal: the travel disc's air where the second stage begins, the take-off disc's at the
 * stop. Air that was measured is the proof; where it is, the chain is only held against it.
 */
final readonly class TwoStagesJudgement implements Judgement
{
    private const ENTERED = [TwoStages::RATIO, TwoStages::CUSHION, TwoStages::BEGINS, 'release.pedal_travel', 'release.linkage_ratio'];

    /** Worked out and measured may differ by this much before the chain is questioned, mm. From memory [M]. */
    private const AGREES_MM = 0.15;

    private const MEASURED = ['release.pedal_travel', 'release.free_play', 'release.play_after', 'release.cushion', TwoStages::CUSHION,
        TwoStages::BEGINS, 'two_stage.travel_to_first'];

    public function topic(): Topic
    {
        return new Topic('release.stages', 'Both stages from the pedal');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! $sheet->isTwoStage() || ! $sheet->values->hasAny(...self::ENTERED)) {
            return;
        }
        $gaps = ['travel' => 'two_stage.air_gap_travel', 'take_off' => 'two_stage.air_gap_take_off'];
        $stages = TwoStages::of($sheet);
        if (is_array($stages)) {
            // Air that was measured on both discs needs no chain.
            if ($sheet->values->missing(...array_values($gaps)) !== []) {
                $results->missing($sheet, 'release.stages', SettingSentences::stagesUnknown(), $stages);
            }

            return;
        }
        $limit = $sheet->limitBook()->find('two_stage.air_gap_face');
        $known = self::known($sheet);
        if ($limit === null || $known === []) {
            return;
        }
        foreach ($gaps as $stage => $reading) {
            $this->stage($stage, $known[$stage], $limit, self::least($sheet, $reading), $results);
        }
    }

    /** @param  Estimate<Length>  $worked */
    private function stage(string $stage, Estimate $worked, Limit $limit, ?Length $measured, Results $results): void
    {
        $results->estimate("release.{$stage}_gap_face", $worked);
        $mayDiffer = self::AGREES_MM + ($worked->uncertainty->value ?? 0.0);
        $verdict = match (true) {
            $measured === null => $worked->against($limit),
            abs($measured->value - $worked->value->value) <= $mayDiffer => Verdict::Within,
            default => Verdict::Near,
        };
        $results->finding(Finding::of("release.{$stage}_gap", $verdict, SettingSentences::stageGap(
            $stage, $worked->value, $measured, $limit, $verdict,
        ))->against($limit)->from(TwoStages::RATIO, TwoStages::BEGINS, 'release.pedal_travel', "two_stage.air_gap_{$stage}"));
    }

    /** @return array{}|array{travel: Estimate<Length>, take_off: Estimate<Length>} */
    private static function known(JobSheet $sheet): array
    {
        /** @var array{}|array{travel: Estimate<Length>, take_off: Estimate<Length>} $known */
        $known = Estimate::several($sheet, static function (JobSheet $s): array {
            $stages = TwoStages::of($s);

            return is_array($stages) ? [] : ['travel' => $stages->travelGapFace(), 'take_off' => $stages->takeOffGapFace()];
        }, ...self::MEASURED);

        return $known;
    }

    private static function least(JobSheet $sheet, string $reading): ?Length
    {
        $all = $sheet->values->all(Length::class, $reading);

        return $all === [] ? null : Length::least($all);
    }
}
