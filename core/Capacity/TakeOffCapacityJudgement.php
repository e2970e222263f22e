<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether the second disc of a two-stage clutch carries the power take-off: two faces of its own, against its own branch. */
final readonly class TakeOffCapacityJudgement implements Judgement
{
    public const LINING = ['kit.lining_outer2', 'kit.lining_inner2', 'kit.clamp_load2'];

    /** @param  FieldValues|null  $candidate  a kit to judge instead of the chosen one */
    public function __construct(private ?FieldValues $candidate = null)
    {
    }

    public function topic(): Topic
    {
        return new Topic('capacity.take_off', 'What the take-off disc carries');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $kit = $this->candidate ?? $sheet->values;
        if (! $sheet->isTwoStage() || ! KitClutch::isGiven($kit)) {
            return;
        }
        $carried = self::runIn($kit, MaterialTable::of($sheet));
        if ($carried === null) {
            $missing = [...$kit->missing(...self::LINING), ...($kit->hasAny('kit.material2', 'kit.mu2') ? [] : ['kit.material2'])];
            $results->missing($sheet, 'capacity.take_off', CapacitySentences::takeOffUnknown(), $missing);

            return;
        }
        $results->scattering('capacity.pto_run_in', $carried, TorqueCapacity::scatter());
        self::pressure($kit, $sheet, $results);
        TakeOffHeat::judge($kit, $sheet, $results);
        $case = CarryCase::of($sheet);
        [$asked, $wanted, $limit] = [$case->takeOff, $case->wanted, $case->takeOffLimit()];
        if ($asked === null || $wanted === null || $limit === null) {
            $missing = [...$sheet->values->missing('engine.pto_power', 'engine.pto_engine_speed'), ...($wanted === null ? ['duty'] : [])];
            $results->missing($sheet, 'capacity.take_off', CapacitySentences::takeOffNotJudged($carried), $missing);

            return;
        }
        $margin = $carried->ratioTo($asked);
        $results->figure('capacity.pto_margin', $margin);
        $verdict = $limit->judge($margin);
        $results->finding(
            Finding::of('capacity.take_off', $verdict,
                CapacitySentences::takeOff($carried, $margin, $wanted->figures->reserve, $verdict))
                ->against($limit->from('near from a little below the reserve'))
                ->from('engine.pto_power', 'engine.pto_engine_speed', 'kit.material2', 'kit.mu2', ...self::LINING)
                ->by('{take-off disc run in|capacity.pto_run_in} ÷ {take-off torque|demand.pto_torque}{=}; two faces of its own',
                    'capacity.pto_margin'),
        );
    }

    /** Each branch is judged like the other: the take-off's lining has its limit of pressure too. */
    private static function pressure(FieldValues $kit, JobSheet $sheet, Results $results): void
    {
        [$outer, $inner] = [$kit->one(Length::class, 'kit.lining_outer2'), $kit->one(Length::class, 'kit.lining_inner2')];
        $clamp = $kit->one(Force::class, 'kit.clamp_load2');
        $material = Material::tryFrom($kit->word('kit.material2') ?? '');
        if ($outer === null || $inner === null || $clamp === null || $material === null) {
            return;
        }
        $pressure = Lining::ring($outer, $inner)->pressureUnder($clamp);
        $limit = CarryCase::of($sheet)->pressureLimit(MaterialTable::of($sheet)->figures($material));
        $results->finding(Finding::of('capacity.pto_pressure', $limit->judge($pressure), CapacitySentences::takeOffPressure(
            $pressure, $limit,
        ))
            ->against($limit)->from('kit.material2', ...self::LINING));
    }

    /** The verdict alone: unmeasured where anything of it is not known, not applicable to a single-stage clutch. */
    public static function verdict(FieldValues $kit, JobSheet $sheet, CarryCase $case): Verdict
    {
        if (! $sheet->isTwoStage()) {
            return Verdict::NotApplicable;
        }
        $carried = self::runIn($kit, MaterialTable::of($sheet));

        return $carried === null || $case->takeOff === null
            ? Verdict::Unmeasured : $case->takeOffLimit()?->judge($carried->ratioTo($case->takeOff)) ?? Verdict::Unmeasured;
    }

    /**
     * What the take-off disc of a kit carries run in; nothing where a datum is missing.
     *
     * @throws CapacityError when its diameters make no ring
     */
    public static function runIn(FieldValues $kit, MaterialTable $materials): ?Torque
    {
        $outer = $kit->one(Length::class, 'kit.lining_outer2');
        $inner = $kit->one(Length::class, 'kit.lining_inner2');
        $clamp = $kit->one(Force::class, 'kit.clamp_load2');
        $material = Material::tryFrom($kit->word('kit.material2') ?? '');
        $mu = Friction::believed(
            $kit->one(Ratio::class, 'kit.mu2'), $material === null ? null : $materials->figures($material)->mu,
            $materials->figures(Material::Organic)->mu,
        );

        return $outer === null || $inner === null || $clamp === null || $mu === null
            ? null : (new TorqueCapacity(FrictionFaces::ofDiscs(1), Lining::ring($outer, $inner)))->runIn($mu, $clamp);
    }
}
