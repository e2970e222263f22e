<?php

declare(strict_types=1);

namespace Spindle\Inspection\TwoStageSet;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\VehicleClass;

/** The two-stage clutch of a tractor: levers, travel of both stages, air at every face. */
final readonly class TwoStageSetSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'two_stage');
        $dictionary->fieldsUnless(self::whyNotAsked(...), TwoStageSetFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'two_stage.first_release_percent' => '%',
        ]);
        $dictionary->comparisons(
            Comparison::least('two_stage.air_gap_travel', Remedy::other(TwoStageSentences::travelDiscDrags()), 'two_stage.air_gap_face'),
            Comparison::least('two_stage.air_gap_take_off', Remedy::other(TwoStageSentences::takeOffDiscDrags()), 'two_stage.air_gap_face'),
            Comparison::nameTaken('two_stage.lever_heights'),
            Comparison::nameTaken('two_stage.bolt_gap'),
        );
        $dictionary->oneNumber('two_stage.air_gap_travel', 'two_stage.air_gap_take_off');
        $dictionary->judgements(new TwoStageJudgement, new StageBoltsJudgement, new ConditionsJudgement(self::conditions()));
    }

    public static function conditions(): Conditions
    {
        $out = Verdict::Out;
        $near = Verdict::Near;

        return Conditions::of('two_stage', 'Two-stage set', [
            ['cracks', 'a plate cracked', $out, 'replace the set; it is one unit'],
            ['scoring', 'a plate deeply scored', $out, 'replace the set; it is one unit'],
            ['broken_lug', 'pivot lug or pressure plate broken', $out, 'find the piece in the housing before the engine is started'],
            ['missing_spring', 'a spring missing or broken', $out, 'find it before the engine is started'],
            ['blue_spring', 'a spring blue', $out, 'replace the springs; they were overheated'],
            [
                'marks_lost',
                'marks across the plates lost',
                $near,
                'balance is lost with them: mark before it comes apart, or have the set balanced',
            ],
            ['boss_reversed', 'a hub boss faced the wrong way', $out, 'the two hubs differ: note which way each faces'],
        ]);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $mm = Dimension::Length;
        $ratio = Dimension::Ratio;
        $m = Provenance::FromMemory;
        $cp = Provenance::CommonPractice;

        return [
            new PracticeRow(
                'two_stage.lever_evenness',
                [VehicleClass::Tractor],
                $mm,
                $m,
                max: 0.4,
                note: 'all levers of both stages',
                label: 'Levers of both stages, spread',
            ),
            new PracticeRow(
                'two_stage.first_release_percent',
                [VehicleClass::Tractor],
                $ratio,
                $cp,
                min: 0.45,
                max: 0.55,
                note: 'of the whole release travel: half frees the travel disc',
                label: 'Travel to the first release',
                isShare: true,
            ),
            new PracticeRow(
                'two_stage.bolt_gap',
                [VehicleClass::Tractor],
                $mm,
                $m,
                min: 1.8,
                max: 2.2,
                note: 'each adjusting bolt of the second stage to its pressure plate',
            ),
            new PracticeRow(
                'two_stage.air_gap_face',
                [VehicleClass::Tractor],
                $mm,
                $m,
                min: 0.4,
                note: 'each face, travel disc at half and take-off disc at full travel',
                label: 'Air gap of each disc, a face',
            ),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        return match (true) {
            ! str_starts_with($key, 'two_stage.') => '',
            $sheet->vehicleClass() !== VehicleClass::Tractor => 'only tractors have it',
            ! $sheet->isTwoStage() => 'the clutch has a single stage',
            default => '',
        };
    }
}
