<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Bounds;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Backwards from what is wanted to the turn of the spanner, the place of the stop and the bore; and what a setting must not do. */
final readonly class SettingJudgement implements Judgement
{
    /** A take-up this near to what was wanted is there, as a share of the travel. From memory [M]. */
    public const NEAR_ENOUGH = 0.05;

    /** Less than this is not turned, turns. From memory [M]. */
    private const NO_TURN = 0.05;

    /** A cylinder that uses more of its stroke has next to nothing in hand. From memory [M]. */
    private const STROKE_RESERVE = 0.95;

    public function topic(): Topic
    {
        return new Topic('release.setting', 'What to set');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $this->firmAgain($sheet, $results);
        $this->slaveRod($sheet, $results);
        $chain = ChainOfSheet::chain($sheet);
        if (! $chain instanceof ReleaseChain) {
            return;
        }
        $wanted = WantedRelease::of($sheet, $chain);
        $results->figure('release.slave_travel', $chain->slaveTravel());
        foreach ([
            'release.stop_travel' => $wanted->stop(),
            'release.master_volume' => $chain->masterVolume(),
            'release.slave_volume' => $chain->slaveVolumeFor($chain->bearingTravelFor($wanted->airGap)),
            'release.master_bore_wanted' => $wanted->masterBore(), 'release.take_up_turns' => $wanted->turns(),
        ] as $name => $figure) {
            if ($figure !== null) {
                $results->figure($name, $figure);
            }
        }
        $this->takeUp($wanted, $sheet, $results);
        $this->strokes($chain, $sheet, $results);
    }

    /** A pedal that turns firm again just before the floor has gone too far. */
    private function firmAgain(JobSheet $sheet, Results $results): void
    {
        $word = $sheet->values->word('release.firm_again');
        if ($word === null) {
            return;
        }
        $results->finding($word === 'yes'
            ? Finding::of('release.firm_again', Verdict::Out, SettingSentences::turnsFirmAgain())->from('release.firm_again')
            : Finding::of('release.firm_again', Verdict::Within, SettingSentences::notFirmAgain())
                ->from('release.firm_again'));
    }

    /** At a slave's rod the clearance of the bearing is set: Δg × fork ratio ÷ pitch. */
    private function slaveRod(JobSheet $sheet, Results $results): void
    {
        $clearance = ClearanceJudgement::direct($sheet) ?? ClearanceJudgement::asItIs($sheet);
        $target = $sheet->values->one(Length::class, 'release.clearance_target');
        $fork = ChainOfSheet::forkRatio($sheet);
        $pitch = $sheet->values->one(Length::class, 'release.rod_pitch');
        if (! Adjuster::setsTheBearing($sheet) || $clearance === null || $target === null || $fork === null || $pitch === null) {
            return;
        }
        $turns = PedalCorrection::turnsAtSlave($clearance, $target, $fork->value, $pitch);
        $read = new AsRead($clearance, $sheet->values->resolution('release.clearance', 'release.depth_to_fingers'));
        $results->finding(Finding::of(
            'release.slave_rod', abs($turns->value) < self::NO_TURN ? Verdict::Within : Verdict::Near,
            SettingSentences::slaveRod($read, $target, $turns),
        )->from('release.clearance', 'release.clearance_target', 'release.fork_ratio', 'release.rod_pitch', Adjuster::AT));
    }

    private function takeUp(WantedRelease $wanted, JobSheet $sheet, Results $results): void
    {
        $play = $wanted->freePlay();
        if ($play === null || $wanted->takeUp === null) {
            return;
        }
        $now = $wanted->chain->takeUpFromFloor();
        $turns = $wanted->turns();
        $least = Adjuster::leastPlay($sheet);
        $perTurn = Adjuster::padPerTurn($sheet);
        $off = $now === null ? null : abs($now->value - $wanted->takeUp->value);
        [$verdict, $said] = match (true) {
            $now !== null && $off <= self::NEAR_ENOUGH => [Verdict::Within, SettingSentences::takeUpIsThere($wanted->takeUp, $now)],
            $play->value < 0.0 => [Verdict::Out, SettingSentences::noRodCanDoThat($wanted->takeUp, $now)],
            $least !== null && $play->value < $least->value - 1e-9 => [Verdict::Near, SettingSentences::nearestToWish(
                $wanted->takeUp, $now, $least, $perTurn === null ? null
                    : PedalCorrection::turns($wanted->chain->freePlay, $least, $perTurn), Adjuster::of($sheet),
            )],
            $turns === null => [Verdict::Near, SettingSentences::freePlayWouldBe($wanted->takeUp, $now, $play)],
            default => [Verdict::Near, SettingSentences::turnForTakeUp($wanted->takeUp, $now, $turns, $play, Adjuster::of($sheet))],
        };
        $results->finding(Finding::of('release.take_up_wanted', $verdict, $said)
            ->from('release.take_up_wanted', SettingSteps::of($sheet)->key(), 'release.rod_pitch', 'release.pedal_ratio')
            ->by('({free play|'.SettingSteps::of($sheet)->key().'} − the free play that puts the take-up there) ÷ ('
                .'{pedal ratio|release.pedal_ratio} × '
                .'{thread pitch|release.rod_pitch})', $turns === null ? '' : 'release.take_up_turns'));
    }

    /** What cylinders are asked for against what they have, where the maker's stroke is known. */
    private function strokes(ReleaseChain $chain, JobSheet $sheet, Results $results): void
    {
        foreach ([
            'release.master_stroke_max' => ['release.master_stroke', 'master', $chain->rodStrokeAt($chain->pedalTravel)],
            'release.slave_stroke_max' => ['release.slave_stroke', 'slave', $chain->slaveTravel()],
        ] as $key => [$id, $name, $stroke]) {
            $most = $sheet->values->one(Length::class, $key);
            if ($most === null) {
                continue;
            }
            $limit = Limit::of($id, Bounds::atMost($most, $most->times(self::STROKE_RESERVE)), LimitSource::Maker);
            $verdict = $limit->judge($stroke);
            $results->finding(Finding::of($id, $verdict, SettingSentences::stroke($name, $stroke, $most, $verdict))
                ->against($limit)->from($key, 'release.pedal_travel'));
        }
    }
}
