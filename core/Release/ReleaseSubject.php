<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** From the pedal to the plate: the bearing, the chain, the free play, the clearances of a truck. */
final readonly class ReleaseSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Set, 'release', 'truck');
        $dictionary->saidOtherwise(MeasuredGap::into(...));
        $dictionary->fieldsUnless(self::whyNotAsked(...), ReleaseFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'release.clearance' => 'mm',
            'release.clearance_spread' => 'mm',
            'release.travel_gap_face' => 'mm',
            'release.take_off_gap_face' => 'mm',
            'release.shim' => 'mm',
            'release.clearance_shimmed' => 'mm',
            'release.wear_budget' => 'mm',
            'release.clearance_from_play' => 'mm',
            'release.bearing_travel' => 'mm',
            'release.lift' => 'mm',
            'release.air_gap' => 'mm',
            'release.air_gap_face' => 'mm',
            'release.take_up_percent' => '%',
            'release.pedal_force' => 'N',
            'release.line_pressure' => 'kPa',
            'release.free_play_turns' => 'turns',
            'release.slave_travel' => 'mm',
            'release.stop_travel' => 'mm',
            'release.master_bore_wanted' => 'mm',
            'release.master_volume' => 'mm³',
            'release.slave_volume' => 'mm³',
            'release.take_up_turns' => 'turns',
            'release.lost_motion' => 'mm',
            'release.finger_shift' => 'mm',
            'release.fork_end_shift' => 'mm',
            'flywheel.fork_end_shift' => 'mm',
            'release.lost_lift' => 'mm',
            'release.air_gap_face_measured' => 'mm',
            'truck.action' => '',
            'truck.ring_notches' => '–',
        ]);
        $dictionary->ofTheWork('flywheel.fork_end_shift');
        $dictionary->overYears([
            'release.free_play' => 'release.free_play', 'release.take_up' => 'release.take_up_percent',
            'release.air_gap' => 'release.air_gap_face', 'release.clearance' => 'release.clearance',
        ]);
        $dictionary->shape('release.slave_outer', 'release.slave_inner', SlaveCylinder::annular(...));
        $dictionary->comparisons(
            Comparison::judged('truck.brake_squeeze'),
            Comparison::judged('release.free_play'),
            Comparison::judged('release.clearance'),
            Comparison::judged('truck.bearing_gap'),
            Comparison::judged('truck.fork_play'),
            Comparison::judged('truck.free_pedal'),
        );
        $dictionary->judgements(
            new ClearanceJudgement(),
            new WearBudgetJudgement(),
            new ChainJudgement(),
            new TwoStagesJudgement(),
            new FreePlayJudgement(),
            new SettingJudgement(),
            new SettingStepsJudgement(),
            new LostMotionJudgement(),
            new ShiftJudgement(),
            new TruckJudgement(),
        );
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
                'release.clearance',
                PracticeRow::ALL,
                $mm,
                $m,
                min: 2.5,
                max: 5.1,
                origin: sprintf('target %.1f mm is common practice', BearingClearance::TARGET),
            ),
            new PracticeRow(
                'release.clearance_spread',
                PracticeRow::ALL,
                $mm,
                $m,
                max: 0.5,
                note: 'a wider spread is not one number',
                label: 'Depth to the fingers, spread',
            ),
            new PracticeRow(
                'release.air_gap_face',
                PracticeRow::ALL,
                $mm,
                $cp,
                min: 0.4,
                watchMin: 0.5,
                watchMax: 0.8,
                note: 'each face, fully released',
                origin: 'the upper bound is from memory',
                label: 'Air gap fully released, a face',
            ),
            new PracticeRow(
                'release.take_up_percent',
                PracticeRow::ALL,
                $ratio,
                $cp,
                min: 0.3,
                max: 0.7,
                note: 'above the floor',
                label: 'Take-up above the floor',
                isShare: true,
            ),
            new PracticeRow(
                'release.lost_share',
                PracticeRow::ALL,
                $ratio,
                $m,
                max: 0.15,
                watchMax: 0.08,
                note: 'of what the end of the fork should move',
                label: 'Motion lost on the way to the fork',
                isShare: true,
            ),
            new PracticeRow(
                'release.pedal_force',
                PracticeRow::LIGHT,
                Dimension::Force,
                $m,
                max: 180.0,
                watchMax: 120.0,
                label: 'Pedal force',
            ),
            new PracticeRow(
                'release.pedal_force',
                PracticeRow::HEAVY,
                Dimension::Force,
                $m,
                max: 250.0,
                watchMax: 200.0,
                label: 'Pedal force',
            ),
            new PracticeRow('release.free_play', PracticeRow::LIGHT, $mm, $cp, min: 5.0, max: 15.0, note: 'at the pad, fork type'),
            new PracticeRow('release.free_play', [VehicleClass::Tractor], $mm, $m, min: 20.0, max: 30.0, note: 'at the pad'),
            new PracticeRow('release.free_play', [VehicleClass::Truck], $mm, $cp, min: 38.0, max: 64.0, note: 'free pedal'),
            new PracticeRow(
                'release.free_play_in_contact',
                PracticeRow::ALL,
                $mm,
                $m,
                min: 1.0,
                max: 5.0,
                note: "to the master's pushrod, hydraulics of any class",
                label: "Free play to the master's pushrod",
            ),
            new PracticeRow(
                'release.wear_budget',
                PracticeRow::ALL,
                $mm,
                $m,
                min: 0.3,
                note: 'lining wear the release still follows; near while it covers less than the share at which a disc is replaced',
                label: 'Lining wear the release still follows',
            ),
            new PracticeRow(
                'truck.bearing_gap',
                PracticeRow::ALL,
                $mm,
                $cp,
                min: 12.2,
                max: 14.3,
                note: 'pedal up',
                origin: '½ in; the edges are from memory',
            ),
            new PracticeRow('truck.fork_play', PracticeRow::ALL, $mm, $cp, min: 2.5, max: 4.0, origin: '⅛ in; the edges are from memory'),
            new PracticeRow('truck.free_pedal', PracticeRow::ALL, $mm, $cp, min: 38.0, max: 64.0, origin: '1½ to 2½ in'),
            new PracticeRow(
                'truck.brake_squeeze',
                [VehicleClass::Truck],
                $mm,
                $m,
                max: 25.0,
                note: 'the clutch brake meets in the last inch of pedal',
            ),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $actuation = $sheet->actuation();
        $isTrucks = str_starts_with($key, 'truck.');
        $isOf = static fn (string ...$keys): bool => in_array($key, $keys, true);
        $ofSlave = $isOf('release.rod_adjustable');
        $ofStroke = $key === 'release.slave_stroke_left' && ! $sheet->isAirAssisted();
        $ofBores = $isOf('release.master_bore', 'release.slave_bore', 'release.slave_outer', 'release.slave_inner', 'release.stroke_loss',
            'release.efficiency');
        $ofRing = $isOf('release.slave_outer', 'release.slave_inner');
        $ofHydraulics = $ofRing || $isOf('release.master_bore', 'release.slave_bore', 'release.stroke_loss',
            'release.master_stroke_max', 'release.slave_stroke_max');
        $isSteps = $isOf('release.turns_made', 'release.play_after');
        $isConcentric = $actuation === Actuation::Concentric;

        return match (true) {
            str_starts_with($key, 'release.gap2_') && ! $sheet->isTwinDisc() => 'there is one disc',
            $isTrucks && $sheet->vehicleClass() !== VehicleClass::Truck => 'only trucks have it',
            str_starts_with($key, 'release.stage2.') && ! $sheet->isTwoStage() => 'the clutch has a single stage',
            $key === 'release.booster_stroke' && ! $sheet->isAirAssisted() => 'nothing helps the foot',
            $actuation === null => '',
            $ofBores && $sheet->isAirAssisted() => 'behind a booster the bores say neither travel nor force',
            $isTrucks && $actuation !== Actuation::Pull => 'a clutch brake belongs to a pull-type clutch',
            $ofSlave && $actuation !== Actuation::Slave => 'only an external slave has it',
            $ofStroke && ! $actuation->isHydraulic() => 'the actuation is not hydraulic',
            $isSteps && $sheet->values->flag('release.self_adjusting') => 'the cable adjusts itself',
            $key === 'release.self_adjusting' && $actuation !== Actuation::Cable => 'only a cable has it',
            $ofHydraulics && ! $actuation->isHydraulic() => 'the actuation is not hydraulic',
            $key === 'release.linkage_ratio' && $actuation->isHydraulic() => 'the bores take the place of a linkage',
            $key === 'release.fork_ratio' && $isConcentric => 'a concentric bearing has no fork',
            $ofRing && ! $isConcentric => 'only a concentric slave is a ring',
            $key === 'release.slave_bore' && $isConcentric => 'a concentric slave is a ring',
            default => '',
        };
    }
}
