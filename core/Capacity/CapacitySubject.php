<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** What the chosen kit carries, new, run in, worn and hot, and how hot a start makes it. */
final readonly class CapacitySubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Kit, 'capacity', 'launch');
        $dictionary->fields(LaunchFields::all(...), ClutchFields::all(...), HabitFields::all(...));
        $dictionary->shape('kit.lining_outer', 'kit.lining_inner', Lining::ring(...));
        $dictionary->shape('kit.lining_outer2', 'kit.lining_inner2', Lining::ring(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'capacity.faces' => '–',
            'capacity.radius_new' => 'mm',
            'capacity.radius_run_in' => 'mm',
            'capacity.new' => 'N·m',
            'capacity.run_in' => 'N·m',
            'capacity.run_in_at_peak' => 'N·m',
            'capacity.pto_run_in' => 'N·m',
            'capacity.pto_margin' => '–',
            'capacity.worn' => 'N·m',
            'capacity.hot' => 'N·m',
            'capacity.margin' => '–',
            'capacity.floor_margin' => '–',
            'capacity.lining_pressure' => 'kPa',
            'capacity.implied_mu' => '–',
            'launch.inertia' => 'kg·m²',
            'launch.slip_time' => 's',
            'launch.energy' => 'J',
            'launch.energy_per_area' => 'J/cm²',
            'launch.plate_rise' => 'K',
            'launch.holding_time' => 's',
            'launch.load_torque' => 'N·m',
            'launch.temperature_after_ten' => 'K',
            'launch.take_off_energy_per_area' => 'J/cm²',
        ]);
        $dictionary->section(MaterialTable::NAME, MaterialTable::section());
        $dictionary->section(RatingSchool::NAME, RatingSchool::section());
        $dictionary->section(ShopWear::NAME, ShopWear::section());
        $dictionary->judgedByGiven('capacity.margin', 'capacity.lining_pressure');
        $dictionary->judgements(new CapacityJudgement, new TakeOffCapacityJudgement, new LaunchJudgement);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $ratio = Dimension::Ratio;
        $m = Provenance::FromMemory;

        return [
            new PracticeRow(
                'capacity.margin_tolerance',
                PracticeRow::ALL,
                $ratio,
                $m,
                min: 0.95,
                note: 'of the reserve; near between this and the reserve',
                label: 'Torque run in, share of the reserve',
            ),
            new PracticeRow(
                'capacity.floor_margin',
                PracticeRow::ALL,
                $ratio,
                $m,
                min: 1.05,
                note: 'worn or hot, over engine torque',
                label: 'Torque worn or hot, over the engine',
            ),
        ];
    }
}
