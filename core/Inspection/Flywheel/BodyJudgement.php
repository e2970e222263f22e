<?php

declare(strict_types=1);

namespace Spindle\Inspection\Flywheel;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Angle;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        if ($sheet->flywheel() === FlywheelKind::DualMass) {
            $this->dualMass($sheet, $results, $display);
        } else {
            $this->thickness($sheet, $results, $display);
            $this->pot($sheet, $results, $display);
        }
    }

    private function thickness(JobSheet $sheet, Results $results, Display $display): void
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
        if ($now === null || $figure === null || $limit === null) {
            $missing = [...$now === null ? ['flywheel.thickness'] : [], ...$limit === null ? ['flywheel.thickness_min'] : []];
            $results->finding(
                Finding::unmeasured(
                    'flywheel.thickness',
                    $limit === null
                        ? "The least thickness is the maker's figure only, and none is entered."
                        : 'Flywheel thickness not measured.',
                    ...$missing,
                ),
            );

            return;
        }
        if ($limit->min !== null) {
            $results->figure('flywheel.cut_room', $now->minus($limit->min));
            $this->room($now->minus($limit->min), $sheet, $results, $display);
        }
        $judged = $figure->value;
        $verdict = $figure->against($limit);
        $said =
            $display->quantity($judged, $values->resolution('flywheel.thickness', 'flywheel.machined')).
            ($after === null ? ' thick, ' : ' thick after the cut, ').
            $limit->wording($display);
        $results->finding(
            Finding::of(
                'flywheel.thickness',
                $verdict,
                match ($verdict) {
                    Verdict::Out => "Replace: {$said}.",
                    Verdict::Near => ucfirst($said).'; nothing more can be taken off.'.$figure->doubt($limit, $display),
                    default => ucfirst($said).'.',
                },
            )
                ->against($limit)
                ->from('flywheel.thickness', 'flywheel.machined', 'flywheel.thickness_min')
                ->by('{thickness now|flywheel.thickness} − {cut|flywheel.machined}', 'flywheel.thickness_after'),
        );
    }

    private function room(Length $room, JobSheet $sheet, Results $results, Display $display): void
    {
        $most = in_array($sheet->vehicleClass(), PracticeRow::HEAVY, true) ? self::MOST_ROOM['heavy'] : self::MOST_ROOM['light'];
        if ($room->value > $most) {
            $results->finding(Finding::of('flywheel.room', Verdict::Near, $display->quantity($room, 0.1)
                .' above the least thickness is more than a maker leaves to cut. A digit slipped, or the figure is for another flywheel?')
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
    private function pot(JobSheet $sheet, Results $results, Display $display): void
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
                    'flywheel.mounting_cut',
                    Verdict::Near,
                    'Cut the mounting face by '.$display->both($cut, 0.01).' as well, to keep the depth of the pot.',
                ),
                $difference->against($alike) === Verdict::Out => Finding::of(
                    'flywheel.mounting_cut',
                    Verdict::Out,
                    'The mounting face was cut by '.
                        $display->quantity($mounting, 0.01).
                        ', the friction face by '.
                        $display->quantity($cut, 0.01).
                        '. The pot is deeper by the difference, which acts like that much lining wear: '.
                        'less clamp load, fingers nearer the gearbox. Cut them alike.',
                ),
                default => Finding::of('flywheel.mounting_cut', Verdict::Within, 'Mounting face and friction face cut alike.'),
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
            $doubt = $known->uncertainty->value ?? 0.0;
            $results->finding(
                Finding::of(
                    'flywheel.pot_depth',
                    abs($off->value) <= $doubt ? Verdict::Within : Verdict::Near,
                    abs($off->value) <= $doubt
                        ? 'The pot has the depth wanted.'
                        : 'The pot is '.
                            $display->quantity(
                                Length::mm(abs($off->value)),
                                $values->resolution('flywheel.pot_depth', 'flywheel.pot_depth_wanted'),
                            ).
                            ($off->value > 0
                                ? ' deeper than wanted: take as much off the mounting face.'
                                : ' shallower than wanted: the cover clamps harder and the release moves; ask the maker.'),
                )
                    ->from('flywheel.pot_depth', 'flywheel.pot_depth_wanted')
                    ->by('{depth now|flywheel.pot_depth} − {depth wanted|flywheel.pot_depth_wanted}'),
            );
        }
    }

    private function dualMass(JobSheet $sheet, Results $results, Display $display): void
    {
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        if ($cut !== null && $cut->value > 0.0) {
            $results->finding(
                Finding::of('flywheel.machined', Verdict::Out, 'A dual-mass flywheel is never machined: replace it.')->from(
                    'flywheel.machined',
                ),
            );
        }
        foreach (
            [['flywheel.free_play', Angle::class, 'Turning free play'], ['flywheel.rock', Length::class, 'Rock']] as [$key, $type, $label]
        ) {
            $reading = $sheet->values->one($type, $key);
            $limit = $sheet->limitBook()->find($key);
            if ($reading === null || $limit === null) {
                $results->finding(
                    Finding::unmeasured(
                        $key,
                        "{$label} of the dual-mass flywheel ".
                            ($reading === null ? 'not measured.' : "measured, but the maker's figure is not entered."),
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
                    "{$label} ".
                        $display->quantity($reading, $sheet->values->resolution($key)).
                        ', '.
                        $limit->wording($display).
                        ($verdict === Verdict::Out ? ': replace it.' : '.'),
                )
                    ->against($limit)
                    ->from($key),
            );
        }
        $results->finding(
            Finding::notApplicable('flywheel.thickness', 'A dual-mass flywheel is not machined, so its thickness decides nothing.'),
        );
    }
}
