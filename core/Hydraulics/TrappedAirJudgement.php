<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
use Spindle\Release\ChainOfSheet;
use Spindle\Release\MovedRatio;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Air left in the line, from how far the pedal goes with the slave blocked. */
final readonly class TrappedAirJudgement implements Judgement
{
    private const NEEDED = ['hydraulics.blocked_travel', 'hydraulics.blocked_pressure', 'release.pedal_ratio', 'release.master_bore'];

    private const FOOT = 'hydraulics.blocked_foot_force';

    private const SWELLING = 'release.hose_swelling';

    /** Lift that nobody misses at the disc, mm: firm enough. From memory [M]. */
    private const FIRM_ENOUGH_MM = 0.05;

    /** What a hose may swell by, at the pad, where nobody entered it, mm. From memory [M]. */
    private const MAY_SWELL_MM = 3.0;

    public function topic(): Topic
    {
        return new Topic('hydraulics.line', 'The air in the line');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        if (! $values->hasAny('hydraulics.blocked_travel', 'hydraulics.blocked_pressure', self::FOOT)) {
            return;
        }
        $travel = self::travel($sheet);
        $pressure = self::pressure($sheet);
        $ratio = MovedRatio::of($values, MovedRatio::PEDAL);
        $bore = $values->one(Length::class, 'release.master_bore');
        if ($travel === null || $pressure === null || $ratio === null || $bore === null) {
            $needed = $values->has(self::FOOT) ? array_values(array_diff(self::NEEDED, ['hydraulics.blocked_pressure'])) : self::NEEDED;
            $missing = $values->missing(...$needed, ...($values->word('hydraulics.blocked_from') === 'top'
                && SettingSteps::of($sheet)->freePlay() === null ? [SettingSteps::of($sheet)->key()] : []));
            $results->missing($sheet, 'hydraulics.trapped_air', HydraulicsSentences::airUnknown(), $missing);

            return;
        }
        $air = TrappedAir::volume($travel, $ratio, $bore, $pressure);
        $results->figure('hydraulics.trapped_air', $air);
        // A length shorter than the rule can tell is no travel at all: hard as a wall.
        $lost = self::liftLost($travel, $ratio, $sheet);
        if ($lost !== null) {
            $results->figure('hydraulics.lift_lost', $lost);
        }
        $hard = $travel->value <= $sheet->uncertainty('hydraulics.blocked_travel')->value;
        $isFirm = $lost !== null && $lost->value < self::FIRM_ENOUGH_MM;
        $mayBeHose = ! $values->has(self::SWELLING) && $travel->value <= self::MAY_SWELL_MM;
        $results->finding(
            Finding::of(
                'hydraulics.trapped_air',
                $hard || $isFirm ? Verdict::Within : Verdict::Near,
                match (true) {
                    $hard => HydraulicsSentences::noAir(),
                    $isFirm => HydraulicsSentences::firmEnough($lost),
                    default => HydraulicsSentences::air($air, $lost, $mayBeHose),
                },
            )
                ->from(self::FOOT, self::SWELLING, ...self::NEEDED)
                ->by(
                    "Boyle's law: {pedal travel|hydraulics.blocked_travel} ÷ {pedal ratio|release.pedal_ratio} × area of the master, "
                    .'{bore|release.master_bore}, × ({pressure|hydraulics.blocked_pressure} + 101.325 kPa) ÷ pressure',
                    'hydraulics.trapped_air',
                ),
        );
    }

    /** Of the gauge; else what the foot on the pad makes in the master: force × pedal ratio ÷ its area. */
    private static function pressure(JobSheet $sheet): ?Pressure
    {
        $gauge = $sheet->values->one(Pressure::class, 'hydraulics.blocked_pressure');
        $foot = $sheet->values->one(Force::class, self::FOOT);
        $ratio = MovedRatio::of($sheet->values, MovedRatio::PEDAL);
        $bore = $sheet->values->one(Length::class, 'release.master_bore');

        return $gauge !== null || $foot === null || $ratio === null || $bore === null ? $gauge
            : Pressure::kPa(1000 * $foot->value * $ratio->value / (M_PI / 4 * $bore->value ** 2));
    }

    /** How far the pad went against the blocked slave, less the free play where it is in it, and less what the hose swells. */
    public static function travel(JobSheet $sheet): ?Length
    {
        $values = $sheet->values;
        $travel = $values->one(Length::class, 'hydraulics.blocked_travel');
        $play = $values->word('hydraulics.blocked_from') === 'top' ? SettingSteps::of($sheet)->freePlay() : Length::mm(0.0);
        $swelling = $values->one(Length::class, self::SWELLING)->value ?? 0.0;

        return $travel === null || $play === null ? null : Length::mm(max(0.0, $travel->value - $play->value - $swelling));
    }

    /** What of the plate's lift that travel is: x ÷ r_p × bore areas ÷ r_f ÷ r_d. */
    private static function liftLost(Length $travel, Ratio $pedal, JobSheet $sheet): ?Length
    {
        $between = ChainOfSheet::between($sheet);
        $fork = ChainOfSheet::forkRatio($sheet);
        $finger = MovedRatio::of($sheet->values, MovedRatio::FINGER);

        return $between === null || $fork === null || $finger === null
            ? null : $travel->over($pedal->value * $between->value * $fork->value * $finger->value);
    }
}
