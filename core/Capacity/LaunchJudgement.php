<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\DemandJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Mark;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The heat of one start from rest. Asked for only where something of it has been entered. */
final readonly class LaunchJudgement implements Judgement
{
    private const NEEDED = ['launch.vehicle_mass', 'launch.rolling_radius', 'launch.ratio', 'launch.engine_speed', 'launch.load_torque'];

    public function topic(): Topic
    {
        return new Topic('launch.start', 'The heat of a start');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        if (! $values->hasAny('launch.plate_mass', 'launch.clutch_torque', ...self::NEEDED)) {
            return;
        }
        $missing = $values->missing(...self::NEEDED);
        $launch = self::launch($sheet);
        if ($launch === null) {
            $missing = $missing === [] ? ['engine.peak_torque'] : $missing;
            $results->missing($sheet, 'launch.heat', 'The heat of a start cannot be worked out', $missing);

            return;
        }
        $results->figure('launch.inertia', $launch->inertia);
        if (! $launch->movesOff()) {
            $results->finding(
                Finding::of(
                    'launch.heat',
                    Verdict::Out,
                    'The clutch carries no more than the load at the start: the vehicle does not move off and the clutch burns.',
                )->from(...self::NEEDED),
            );

            return;
        }
        $results->figure('launch.slip_time', $launch->slipTime());
        $results->figure('launch.energy', $launch->energy());
        $plate = $values->one(Mass::class, 'launch.plate_mass');
        if ($plate !== null) {
            $faces = KitClutch::isGiven($values) ? KitClutch::of($values, $sheet)->faces : null;
            $results->figure('launch.plate_rise', $launch->plateRise($plate, $faces ?? FrictionFaces::ofDiscs(1)));
        }
        $this->heat($launch, $sheet, $results, $display);
    }

    private function heat(Launch $launch, JobSheet $sheet, Results $results, Display $display): void
    {
        if (! KitClutch::isGiven($sheet->values)) {
            $results->finding(Finding::unmeasured('launch.heat', 'Heat for each area needs the lining of a kit.', 'kit'));

            return;
        }
        $clutch = KitClutch::of($sheet->values, $sheet);
        if ($clutch->lining === null || $clutch->faces === null) {
            $results->finding(
                Finding::unmeasured(
                    'launch.heat',
                    'Heat for each area needs the lining of a kit.',
                    'kit.lining_outer',
                    'kit.lining_inner',
                ),
            );

            return;
        }
        $heat = $launch->energyPerArea($clutch->lining->area(), $clutch->faces);
        $results->figure('launch.energy_per_area', $heat);
        if ($clutch->material === null) {
            $results->finding(Finding::unmeasured('launch.heat', 'What the lining stands needs its material.', 'kit.material'));

            return;
        }
        $limit = Limit::of(
            'launch.energy_per_area',
            null,
            $clutch->material->heatLimit(),
            LimitSource::Practice,
            Mark::FromMemory,
            null,
            $clutch->material->comfortableHeat(),
        );
        $hold = $launch->holdingTime($clutch->material->heatLimit(), $clutch->lining->area(), $clutch->faces);
        if ($hold !== null) {
            $results->figure('launch.holding_time', $hold);
        }
        $results->finding(
            Finding::of(
                'launch.heat',
                $limit->judge($heat),
                'A start takes '.
                    $display->number($launch->slipTime()->as('s'), 1).
                    ' s and puts '.
                    $display->number($heat->value, 0).
                    ' J/cm² into the lining'.
                    ($hold === null
                        ? '.'
                        : '; held on this hill with the clutch it takes its limit in '.$display->number($hold->as('s'), 0).' s.'),
            )
                ->against($limit)
                ->from('launch.clutch_torque', ...self::NEEDED)
                ->by(
                    'heat = ½ {inertia|launch.inertia} × {speed|launch.engine_speed}² × clutch torque ÷ (clutch torque − '
                    .'{load|launch.load_torque}), over the area of all faces', 'launch.energy_per_area',
                ),
        );
    }

    private static function launch(JobSheet $sheet): ?Launch
    {
        $values = $sheet->values;
        $mass = $values->one(Mass::class, 'launch.vehicle_mass');
        $radius = $values->one(Length::class, 'launch.rolling_radius');
        $ratio = $values->one(Ratio::class, 'launch.ratio');
        $speed = $values->one(Speed::class, 'launch.engine_speed');
        $load = $values->one(Torque::class, 'launch.load_torque');
        $clutch = $values->one(Torque::class, 'launch.clutch_torque') ?? self::letThrough($sheet);

        return $mass === null || $radius === null || $ratio === null || $speed === null || $load === null || $clutch === null
            ? null
            : Launch::of($mass, $radius, $ratio, $speed, $clutch, $load);
    }

    /**
     * What the driver can let through: the engine's torque, and no more than the hot clutch carries; the engine's alone while no kit
     * is known.
     */
    private static function letThrough(JobSheet $sheet): ?Torque
    {
        $engine = DemandJudgement::engine($sheet->values)?->peak;
        $hot = KitClutch::isGiven($sheet->values) ? KitClutch::of($sheet->values, $sheet)->hot() : null;

        return $engine === null || $hot === null ? $engine : Torque::least([$engine, $hot]);
    }
}
