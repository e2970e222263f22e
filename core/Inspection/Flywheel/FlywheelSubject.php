<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Inspection\MarksJudgement;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\FlywheelKind;

/** The flywheel: its face around the clock, its body, and what is done with it. */
final readonly class FlywheelSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'flywheel');
        $dictionary->fieldsUnless(self::whyNotAsked(...), FlywheelFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'flywheel.face_runout' => 'mm',
            'flywheel.tilt' => 'mm',
            'flywheel.wave' => 'mm',
            'flywheel.cut_room' => 'mm',
            'flywheel.flatness' => 'mm',
            'flywheel.thickness_after' => 'mm',
        ]);
        $dictionary->ofTheWork('flywheel.thickness_after');
        $dictionary->overYears(['flywheel.face_runout' => 'flywheel.face_runout', 'flywheel.thickness' => 'flywheel.thickness']);
        $dictionary->comparisons(
            Comparison::judged('flywheel.face_runout'),
            Comparison::judged('flywheel.flatness'),
            Comparison::judged('flywheel.thickness'),
            Comparison::judged('flywheel.free_play'),
            Comparison::judged('flywheel.rock'),
            Comparison::judged('flywheel.pot_depth'),
            Comparison::nameTaken('flywheel.machined'),
            Comparison::nameTaken('flywheel.mounting_cut'),
            Comparison::onlyGiven('flywheel.bolt_torque'),
        );
        $dictionary->judgements(
            new FaceJudgement,
            new BodyJudgement,
            new DecisionJudgement,
            new MarksJudgement(self::conditions(), 'Flywheel'),
            new ConditionsJudgement(self::conditions()),
        );
    }

    public static function conditions(): Conditions
    {
        $out = Verdict::Out;
        $near = Verdict::Near;

        return Conditions::of('flywheel', 'Flywheel', [
            ['faint_marks', 'faint marks only', Verdict::Within, 'scuff with an abrasive pad and degrease'],
            ['heat_spots', 'heat spots', $out, 'grind: a turning tool jumps over the hard spots', true],
            ['scoring', 'scoring', $out, 'grind', true],
            ['cracks', 'cracks in the face', $out, 'grind only where the cut is deeper than the crack, else replace', true],
            ['open_crack', 'crack open to an edge or a bolt hole', $out, 'replace'],
            ['loose_bolts', 'bolts were loose', $near, 'a loose flywheel judders: record it, fit new bolts'],
            ['ring_gear', 'ring gear worn or broken', $out, 'replace the ring or the flywheel'],
            ['bolt_holes', 'bolt holes worn or torn', $out, 'replace'],
            ['not_rated', 'cast iron, not made for this speed or clamp load', $out, 'replace by one that is'],
            ['grease_thrown', 'dual-mass: grease thrown out', $out, 'replace'],
            ['noisy', 'dual-mass: noisy when turned', $out, 'replace'],
        ]);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $mm = Dimension::Length;
        $ratio = Dimension::Ratio;
        $m = Provenance::FromMemory;

        return [
            new PracticeRow(
                'flywheel.face_runout_share',
                PracticeRow::ALL,
                $ratio,
                $m,
                max: 0.0005,
                note: 'of the measuring diameter',
                label: 'Face runout, share of the diameter',
            ),
            new PracticeRow('flywheel.flatness', PracticeRow::ALL, $mm, $m, max: 0.1),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $kind = $sheet->flywheel();
        $isOf = static fn (string ...$keys): bool => in_array($key, $keys, true);

        $ofPot = $isOf('flywheel.pot_depth', 'flywheel.pot_depth_wanted', 'flywheel.mounting_cut');
        $ofCut = $isOf('flywheel.thickness_min', 'flywheel.machined', 'flywheel.school', 'flywheel.crack_depth', 'flywheel.scoring_depth');

        return match (true) {
            $kind !== FlywheelKind::DualMass && $isOf('flywheel.free_play', 'flywheel.rock') => 'only a dual-mass flywheel has it',
            $kind !== FlywheelKind::Pot && $ofPot => 'only a pot-type flywheel has it',
            $kind === FlywheelKind::DualMass && $ofCut => 'a dual-mass flywheel is never machined',
            default => '',
        };
    }
}
