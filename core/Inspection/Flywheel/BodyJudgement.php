<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Angle;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\FlywheelKind;

/** The flywheel's body: thickness and what may be cut off, the depth of a pot; a dual-mass one by its play and rock. */
final readonly class BodyJudgement implements Judgement
{
    /** A maker leaves no more than this to be cut off, mm. From memory [M]. */
    private const MOST_ROOM = ['light' => 6.0, 'heavy' => 15.0];

    public function topic(): Topic
    {
        return new Topic('flywheel.body', 'The thickness of the flywheel');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if ($sheet->flywheel() === FlywheelKind::DualMass) {
            $this->dualMass($sheet, $results);
        } else {
            $this->thickness($sheet, $results);
            $this->pot($sheet, $results);
        }
    }

    private function thickness(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $now = $values->one(Length::class, 'flywheel.thickness');
        $cut = $values->one(Length::class, 'flywheel.machined');
        $least = $values->one(Length::class, 'flywheel.thickness_min');
        $limit =
            $sheet->limitBook()->find('flywheel.thickness') ??
            ($least === null ? null : Limit::atLeast('flywheel.thickness', $least, LimitSource::Maker));
        $after = $now === null || $cut === null ? null : (new FlywheelCut($now, $cut))->thicknessAfter();
        $figure = Estimate::of($sheet, self::afterCut(...), 'flywheel.thickness', 'flywheel.machined');
        if ($figure !== null && $after !== null) {
            $results->estimate('flywheel.thickness_after', $figure);
        }
        if ($limit === null && ! $this->metalComesOff($sheet, $results)) {
            $results->finding(Finding::notApplicable('flywheel.thickness', FlywheelSentences::nothingComesOff()));

            return;
        }
        if ($now === null || $figure === null || $limit === null) {
            $missing = [...$now === null ? ['flywheel.thickness'] : [], ...$limit === null ? ['flywheel.thickness_min'] : []];
            $results->finding(
                Finding::unmeasured(
                    'flywheel.thickness',
                    $limit === null ? FlywheelSentences::leastThicknessUnknown() : FlywheelSentences::thicknessNotMeasured(),
                    ...$missing,
                ),
            );

            return;
        }
        if ($limit->min !== null) {
            $results->figure('flywheel.cut_room', $now->minus($limit->min));
            $this->room($now->minus($limit->min), $sheet, $results);
        }
        $verdict = $figure->against($limit);
        $judged = new AsRead($figure->value, $values->resolution('flywheel.thickness', 'flywheel.machined'));
        $results->finding(
            Finding::of(
                'flywheel.thickness',
                $verdict,
                FlywheelSentences::thickness($verdict, $judged, $after !== null, $limit, $figure->doubt($limit)),
            )
                ->against($limit)
                ->from('flywheel.thickness', 'flywheel.machined', 'flywheel.thickness_min')
                ->by('{thickness now|flywheel.thickness} − {cut|flywheel.machined}', 'flywheel.thickness_after'),
        );
    }

    /** Whether there is a ground to cut it, or somebody has. */
    private function metalComesOff(JobSheet $sheet, Results $results): bool
    {
        $face = Verdict::worst($results->verdictOf('flywheel.face_runout'), $results->verdictOf('flywheel.flatness'));

        return $sheet->values->hasAny('flywheel.machined', 'flywheel.mounting_cut')
            || FlywheelDecision::isCut($face, DecisionJudgement::conditions($sheet), FaceJudgement::isOnlyAskew($sheet, $results));
    }

    private function room(Length $room, JobSheet $sheet, Results $results): void
    {
        $most = in_array($sheet->vehicleClass(), PracticeRow::HEAVY, true) ? self::MOST_ROOM['heavy'] : self::MOST_ROOM['light'];
        if ($room->value > $most) {
            $results->finding(Finding::of('flywheel.room', Verdict::Near, FlywheelSentences::roomTooLarge($room))
                ->from('flywheel.thickness', 'flywheel.thickness_min'));
        }
    }

    /** The thickness with the cut off, where one is entered. */
    private static function afterCut(JobSheet $sheet): ?Length
    {
        $now = $sheet->values->one(Length::class, 'flywheel.thickness');
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');

        return $now === null || $cut === null ? $now : (new FlywheelCut($now, $cut))->thicknessAfter();
    }

    private static function cutsApart(JobSheet $sheet): ?Length
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');

        return $cut === null ? null : $sheet->values->one(Length::class, 'flywheel.mounting_cut')?->minus($cut);
    }

    /** What comes off the friction face comes off the mounting face too, or the pot becomes deeper and the cover clamps less. */
    private function pot(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $cut = $values->one(Length::class, 'flywheel.machined');
        $mounting = $values->one(Length::class, 'flywheel.mounting_cut');
        $depth = $values->one(Length::class, 'flywheel.pot_depth');
        $wanted = $values->one(Length::class, 'flywheel.pot_depth_wanted');
        $alike = Limit::between('flywheel.mounting_cut', Length::mm(0.0), Length::mm(0.0), LimitSource::Practice);
        $difference = Estimate::of($sheet, self::cutsApart(...), 'flywheel.machined', 'flywheel.mounting_cut');
        if ($sheet->flywheel() === FlywheelKind::Pot && $cut !== null && $cut->value > 0.0) {
            $finding = match (true) {
                $mounting === null || $difference === null => Finding::of(
                    'flywheel.mounting_cut', Verdict::Near, FlywheelSentences::cutMountingAsWell($cut),
                ),
                $difference->against($alike) === Verdict::Out => Finding::of(
                    'flywheel.mounting_cut', Verdict::Out, FlywheelSentences::facesCutApart($mounting, $cut),
                ),
                default => Finding::of('flywheel.mounting_cut', Verdict::Within, FlywheelSentences::facesCutAlike()),
            };
            $results->finding($finding->from('flywheel.mounting_cut', 'flywheel.machined'));
        }
        if ($depth !== null && $wanted !== null && $sheet->limitBook()->find('flywheel.pot_depth') === null) {
            $known = Estimate::of(
                $sheet,
                static fn (JobSheet $s): ?Length => $s->values->one(Length::class, 'flywheel.pot_depth')?->minus($wanted),
                'flywheel.pot_depth',
            );
            $off = $known->value ?? Length::mm(0.0);
            $by = new AsRead(Length::mm(abs($off->value)), $values->resolution('flywheel.pot_depth', 'flywheel.pot_depth_wanted'));
            $isAsWanted = $by->value->value <= ($known->uncertainty->value ?? 0.0);
            $results->finding(
                Finding::of('flywheel.pot_depth', $isAsWanted ? Verdict::Within : Verdict::Near, match (true) {
                    $isAsWanted => FlywheelSentences::potAsWanted(),
                    $off->value > 0 => FlywheelSentences::potDeeper($by),
                    default => FlywheelSentences::potShallower($by),
                })
                    ->from('flywheel.pot_depth', 'flywheel.pot_depth_wanted')
                    ->by('{depth now|flywheel.pot_depth} − {depth wanted|flywheel.pot_depth_wanted}'),
            );
        }
    }

    private function dualMass(JobSheet $sheet, Results $results): void
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        if ($cut !== null && $cut->value > 0.0) {
            $results->finding(
                Finding::of('flywheel.machined', Verdict::Out, FlywheelSentences::dualMassMachined())->from('flywheel.machined'),
            );
        }
        foreach (['flywheel.free_play' => Angle::class, 'flywheel.rock' => Length::class] as $key => $type) {
            $reading = $sheet->values->one($type, $key);
            $limit = $sheet->limitBook()->find($key);
            if ($reading === null || $limit === null) {
                $results->finding(
                    Finding::unmeasured(
                        $key,
                        $reading === null ? FlywheelSentences::dualMassNotMeasured($key) : FlywheelSentences::dualMassLimitUnknown($key),
                        $reading === null ? $key : "limits.{$key}",
                    ),
                );

                continue;
            }
            $verdict = $limit->judge($reading, $reading instanceof Length ? $sheet->uncertainty($key) : null);
            $results->finding(
                Finding::of(
                    $key,
                    $verdict,
                    FlywheelSentences::dualMassPlay(
                        $key, new AsRead($reading, $sheet->values->resolution($key)), $limit, $verdict === Verdict::Out,
                    ),
                )
                    ->against($limit)
                    ->from($key),
            );
        }
        $results->finding(
            Finding::notApplicable('flywheel.thickness', FlywheelSentences::dualMassThickness()),
        );
    }
}
