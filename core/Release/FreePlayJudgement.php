<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Angle;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** Free play at the pedal pad, and the turns of the rod that set it. */
final readonly class FreePlayJudgement implements Judgement
{
    /** Less than this is not turned, turns. From memory [M]. */
    private const NO_TURN = 0.05;

    public function topic(): Topic
    {
        return new Topic('release.play', 'The free play');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        if ($values->flag('release.self_adjusting')) {
            $results->finding(Finding::notApplicable('release.free_play', SettingSentences::cableAdjustsItself()));

            return;
        }
        $steps = SettingSteps::of($sheet);
        $play = $steps->freePlay();
        if ($steps->isOpen()) {
            $results->finding(Finding::unmeasured(
                'release.free_play', SettingSentences::freePlayTurnedNotMeasured(), 'release.play_after',
            ));

            return;
        }
        if ($play === null) {
            // A pull-type truck is judged by its free pedal, with fork play and bearing gap.
            if (! ($sheet->vehicleClass() === VehicleClass::Truck && $sheet->actuation() === Actuation::Pull)) {
                $results->finding(Finding::unmeasured('release.free_play', SettingSentences::freePlayNotMeasured(), 'release.free_play'));
            }

            return;
        }
        $limit = $this->limit($sheet);
        $turns = $this->turns($play, $limit, $sheet);
        if ($turns !== null) {
            $results->figure('release.free_play_turns', $turns);
        }
        if ($limit === null) {
            $missing = $values->missing('vehicle.class', 'vehicle.actuation');
            $results->finding(
                Finding::unmeasured(
                    'release.free_play',
                    SettingSentences::freePlayLimitUnknown(),
                    ...$missing,
                ),
            );

            return;
        }
        $verdict = $limit->judge($play, $sheet->uncertainty($steps->key()));
        $results->finding(
            Finding::of(
                'release.free_play',
                $verdict,
                SettingSentences::freePlay(
                    new AsRead($play, $values->resolution($steps->key())), $limit, self::doubt($play, $limit, $sheet),
                    $verdict === Verdict::Within || Adjuster::setsTheBearing($sheet) ? null : $this->proposed($play, $limit, $sheet),
                    Adjuster::of($sheet),
                ),
            )
                ->against($limit)
                ->from($steps->key(), 'release.free_play_target', 'release.pedal_ratio', 'release.rod_pitch')
                ->by(
                    '({free play|'.$steps->key().'} − {wanted|release.free_play_target}) ÷ ({pedal ratio|release.pedal_ratio} × '
                    .'{thread pitch|release.rod_pitch})', 'release.free_play_turns',
                ),
        );
    }

    /** How far it can be trusted, where only that keeps it from being plain. */
    private static function doubt(Length $play, Limit $limit, JobSheet $sheet): ?Length
    {
        $by = $sheet->uncertainty(SettingSteps::of($sheet)->key());

        return $limit->judge($play, $by) === Verdict::Near && $limit->judge($play) !== Verdict::Near ? $by : null;
    }

    private function limit(JobSheet $sheet): ?Limit
    {
        if ($sheet->actuation() === null) {
            return null;
        }

        // Hydraulics of any class have their play at the master's pushrod; cable, rod and pull have theirs by class.
        return $sheet->limitBook()->find('release.free_play', $sheet->actuation()->isHydraulic() ? 'release.free_play_in_contact' : null);
    }

    /** What is said to be turned: never to less than the least play; nothing where that is next to nothing. */
    private function proposed(Length $play, Limit $limit, JobSheet $sheet): ?Angle
    {
        $turns = $this->turns($play, $limit, $sheet, $limit->min instanceof Length ? $limit->min : null);

        return $turns === null || abs($turns->value) < self::NO_TURN ? null : $turns;
    }

    /**
     * To the target entered, else to the middle of the accepted band.
     *
     * @param  Length|null  $least  the target is held to; nothing where the figure alone is wanted
     */
    private function turns(Length $play, ?Limit $limit, JobSheet $sheet, ?Length $least = null): ?Angle
    {
        $target = $sheet->values->one(Length::class, 'release.free_play_target');
        if ($target === null && $limit?->min !== null && $limit->max !== null) {
            $target = Length::mm(($limit->min->value + $limit->max->value) / 2);
        }
        $target = $target === null || $least === null ? $target : Length::greatest([$target, $least]);
        $perTurn = Adjuster::padPerTurn($sheet);

        return $target === null || $perTurn === null ? null : PedalCorrection::turns($play, $target, $perTurn);
    }
}
