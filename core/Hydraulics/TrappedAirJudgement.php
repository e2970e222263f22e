<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Pressure;
use Spindle\Quantity\Ratio;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        if (! $values->hasAny('hydraulics.blocked_travel', 'hydraulics.blocked_pressure')) {
            return;
        }
        $travel = $values->one(Length::class, 'hydraulics.blocked_travel');
        $pressure = $values->one(Pressure::class, 'hydraulics.blocked_pressure');
        $ratio = $values->one(Ratio::class, 'release.pedal_ratio');
        $bore = $values->one(Length::class, 'release.master_bore');
        if ($travel === null || $pressure === null || $ratio === null || $bore === null) {
            $missing = $values->missing(...self::NEEDED);
            $results->missing($sheet, 'hydraulics.trapped_air', 'Trapped air cannot be told', $missing);

            return;
        }
        $air = TrappedAir::volume($travel, $ratio, $bore, $pressure);
        $results->figure('hydraulics.trapped_air', $air);
        // A length shorter than the rule can tell is no travel at all: hard as a wall.
        $hard = $travel->value <= $sheet->uncertainty('hydraulics.blocked_travel')->value;
        $results->finding(
            Finding::of(
                'hydraulics.trapped_air',
                $hard ? Verdict::Within : Verdict::Near,
                $hard
                    ? 'With the slave blocked the pedal is hard as a wall: no air, both seals good.'
                    : 'With the slave blocked the pedal still moves: up to '.
                        $display->number($air->value, 0).
                        ' mm³ of air in the line, hose swelling not taken off. Bleed again.',
            )
                ->from(...self::NEEDED)
                ->by(
                    "Boyle's law: {pedal travel|hydraulics.blocked_travel} ÷ {pedal ratio|release.pedal_ratio} × area of the master, "
                    .'{bore|release.master_bore}, × ({pressure|hydraulics.blocked_pressure} + 101.325 kPa) ÷ pressure',
                    'hydraulics.trapped_air',
                ),
        );
    }
}
