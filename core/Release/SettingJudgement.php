<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Bounds;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Backwards from what is wanted to the turn of the spanner, the place of the stop and the bore; and what a setting must not do. */
final readonly class SettingJudgement implements Judgement
{
    /** A take-up this near to what was wanted is there, as a share of the travel. From memory [M]. */
    private const NEAR_ENOUGH = 0.04;

    /** A cylinder that uses more of its stroke has next to nothing in hand. From memory [M]. */
    private const STROKE_RESERVE = 0.95;

    public function topic(): Topic
    {
        return new Topic('release.setting', 'What to set');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $this->firmAgain($sheet, $results);
        $chain = ChainOfSheet::chain($sheet);
        if (! $chain instanceof ReleaseChain) {
            return;
        }
        $wanted = WantedRelease::of($sheet, $chain);
        $results->figure('release.slave_travel', $chain->slaveTravel());
        $results->figure('release.stop_travel', $wanted->stop());
        foreach ([
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

    private function takeUp(WantedRelease $wanted, JobSheet $sheet, Results $results): void
    {
        $play = $wanted->freePlay();
        if ($play === null || $wanted->takeUp === null) {
            return;
        }
        $now = $wanted->chain->takeUpFromFloor();
        $turns = $wanted->turns();
        $off = $now === null ? null : abs($now->value - $wanted->takeUp->value);
        [$verdict, $said] = match (true) {
            $now !== null && $off <= self::NEAR_ENOUGH => [Verdict::Within, SettingSentences::takeUpIsThere($wanted->takeUp, $now)],
            $play->value < 0.0 => [Verdict::Out, SettingSentences::noRodCanDoThat($wanted->takeUp, $now)],
            $turns === null => [Verdict::Near, SettingSentences::freePlayWouldBe($wanted->takeUp, $now, $play)],
            default => [Verdict::Near, SettingSentences::turnForTakeUp($wanted->takeUp, $now, $turns, $play)],
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
