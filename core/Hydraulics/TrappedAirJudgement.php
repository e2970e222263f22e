<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
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

    public function topic(): Topic
    {
        return new Topic('hydraulics.line', 'The air in the line');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        if (! $values->hasAny('hydraulics.blocked_travel', 'hydraulics.blocked_pressure')) {
            return;
        }
        $travel = self::travel($sheet);
        $pressure = $values->one(Pressure::class, 'hydraulics.blocked_pressure');
        $ratio = MovedRatio::of($values, MovedRatio::PEDAL);
        $bore = $values->one(Length::class, 'release.master_bore');
        if ($travel === null || $pressure === null || $ratio === null || $bore === null) {
            $missing = $values->missing(...self::NEEDED, ...($values->word('hydraulics.blocked_from') === 'top'
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
        $results->finding(
            Finding::of(
                'hydraulics.trapped_air',
                $hard ? Verdict::Within : Verdict::Near,
                $hard ? HydraulicsSentences::noAir() : HydraulicsSentences::air($air, $lost),
            )
                ->from(...self::NEEDED)
                ->by(
                    "Boyle's law: {pedal travel|hydraulics.blocked_travel} ÷ {pedal ratio|release.pedal_ratio} × area of the master, "
                    .'{bore|release.master_bore}, × ({pressure|hydraulics.blocked_pressure} + 101.325 kPa) ÷ pressure',
                    'hydraulics.trapped_air',
                ),
        );
    }

    /** How far the pad went against the blocked slave, the free play not counted. */
    private static function travel(JobSheet $sheet): ?Length
    {
        $values = $sheet->values;
        $travel = $values->one(Length::class, 'hydraulics.blocked_travel');
        if ($travel === null || $values->word('hydraulics.blocked_from') !== 'top') {
            return $travel;
        }
        $play = SettingSteps::of($sheet)->freePlay();

        return $play === null ? null : Length::mm(max(0.0, $travel->value - $play->value));
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
