<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Bounds;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\EnergyPerArea;
use Spindle\Quantity\Mass;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The heat of one start from rest. Asked for only where something of it has been entered. */
final readonly class LaunchJudgement implements Judgement
{
    /** After so many starts a minute apart the plates' temperature is shown. */
    public const STARTS = 10;

    /** Two loads of one hill that differ by no more than this share are one. From memory [M]. */
    private const LOADS_ALIKE = 0.05;

    /** @param  FieldValues|null  $candidate  a kit to judge instead of the chosen one */
    public function __construct(private ?FieldValues $candidate = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic('launch.start', 'The heat of a start');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! StartOfSheet::isBegun($sheet->values)) {
            return;
        }
        $kit = $this->candidate ?? $sheet->values;
        $clutch = KitClutch::isGiven($kit) ? KitClutch::of($kit, $sheet) : null;
        $start = StartOfSheet::of($sheet);
        $launch = $start?->with($clutch);
        if ($start !== null) {
            $results->figure('launch.load_torque', $start->load);
        }
        if ($start === null || $launch === null) {
            $missing = StartOfSheet::missing($sheet->values);
            $missing = $missing === [] ? ['engine.peak_torque'] : $missing;
            $results->missing($sheet, 'launch.heat', CapacitySentences::heatUnknown(), $missing);

            return;
        }
        $this->contradictions($start, $clutch, $results);
        $results->figure('launch.inertia', $launch->inertia);
        if (! $launch->movesOff()) {
            $results->finding(
                Finding::of(
                    'launch.heat',
                    Verdict::Out,
                    CapacitySentences::doesNotMoveOff(),
                )->from('launch.load_torque', 'launch.grade', ...StartOfSheet::NEEDED),
            );

            return;
        }
        $results->figure('launch.slip_time', $launch->slipTime());
        $results->figure('launch.energy', $launch->energy());
        $plate = $sheet->values->one(Mass::class, 'launch.plate_mass');
        if ($plate !== null) {
            $rise = $launch->plateRise($plate, $clutch->faces ?? FrictionFaces::ofDiscs(1));
            $results->figure('launch.plate_rise', $rise);
            $results->figure('launch.temperature_after_ten', (new RepeatedStarts($rise))->after(self::STARTS));
        }
        $this->heat($launch, $clutch, $sheet, $results);
    }

    /** What is typed and cannot be beside the rest. */
    private function contradictions(StartOfSheet $start, ?KitClutch $clutch, Results $results): void
    {
        $typed = $start->typedTooMuch($clutch);
        $most = $start->mostWith($clutch);
        if ($typed !== null && $most !== null) {
            $results->finding(Finding::of('launch.clutch_torque', Verdict::Near, CapacitySentences::lessIsLetThrough($typed, $most))
                ->from('launch.clutch_torque', 'engine.peak_torque', 'kit.clamp_load'));
        }
        [$load, $byRoad] = [$start->typedLoad, $start->loadByRoad];
        if ($load !== null && $byRoad !== null && abs($load->value - $byRoad->value) > self::LOADS_ALIKE * $start->load->value) {
            $results->finding(Finding::of('launch.load', Verdict::Near, CapacitySentences::twoLoads($load, $byRoad))
                ->from('launch.load_torque', 'launch.grade', 'launch.ground'));
        }
    }

    private function heat(Launch $launch, ?KitClutch $clutch, JobSheet $sheet, Results $results): void
    {
        $perArea = $clutch === null ? null : self::perArea($launch, $clutch);
        if ($perArea === null) {
            $missing = $clutch === null ? ['kit'] : ['kit.lining_outer', 'kit.lining_inner'];
            $results->finding(Finding::unmeasured('launch.heat', CapacitySentences::heatNeedsLining(), ...$missing));

            return;
        }
        $results->figure('launch.energy_per_area', $perArea);
        if ($clutch->figures === null || $clutch->lining === null || $clutch->faces === null) {
            $results->finding(Finding::unmeasured('launch.heat', CapacitySentences::heatNeedsMaterial(), 'kit.material'));

            return;
        }
        $limit = self::limit($clutch->figures);
        $hold = $launch->holdingTime($clutch->figures->heatLimit, $clutch->lining->area(), $clutch->faces);
        if ($hold !== null) {
            $results->figure('launch.holding_time', $hold);
        }
        $verdict = $limit->judge($perArea);
        $onSoft = self::onSoftGround($clutch, $sheet, $limit);
        $groundDecides = $onSoft !== null && $onSoft !== $verdict;
        $results->finding(
            Finding::of(
                'launch.heat',
                $groundDecides ? Verdict::Near : $verdict,
                CapacitySentences::heat($launch->slipTime(), $perArea, $hold, $groundDecides),
            )
                ->against($limit)
                ->from('launch.clutch_torque', 'launch.load_torque', 'launch.grade', 'launch.ground', 'launch.trailer_mass',
                    ...StartOfSheet::NEEDED)
                ->by(
                    'heat = ½ {inertia|launch.inertia} × {speed|launch.engine_speed}² × clutch torque ÷ (clutch torque − '
                    .'{load|launch.load_torque}), over the area of all faces', 'launch.energy_per_area',
                ),
        );
    }

    /** The verdict on soft ground where nobody said what ground it is; nothing where somebody did. */
    private static function onSoftGround(KitClutch $clutch, JobSheet $sheet, Limit $limit): ?Verdict
    {
        if (! StartOfSheet::assumesRoad($sheet->values)) {
            return null;
        }
        $launch = StartOfSheet::of($sheet, 'soft')?->with($clutch);
        $heat = $launch === null || ! $launch->movesOff() ? null : self::perArea($launch, $clutch);

        return $heat === null ? Verdict::Out : $limit->judge($heat);
    }

    /** Nothing where the lining is not known or the vehicle does not move off. */
    public static function perArea(Launch $launch, KitClutch $clutch): ?EnergyPerArea
    {
        return $clutch->lining === null || $clutch->faces === null || ! $launch->movesOff()
            ? null : $launch->energyPerArea($clutch->lining->area(), $clutch->faces);
    }

    public static function limit(MaterialFigures $figures): Limit
    {
        return Limit::of(
            'launch.energy_per_area', Bounds::atMost($figures->heatLimit, $figures->comfortable), LimitSource::Practice,
            Provenance::FromMemory,
        );
    }
}
