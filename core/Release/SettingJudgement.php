<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
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
        $this->takeUp($wanted, $sheet, $results, $display);
        $this->strokes($chain, $sheet, $results, $display);
    }

    /** A pedal that turns firm again just before the floor has gone too far. */
    private function firmAgain(JobSheet $sheet, Results $results): void
    {
        $word = $sheet->values->word('release.firm_again');
        if ($word === null) {
            return;
        }
        $results->finding($word === 'yes'
            ? Finding::of('release.firm_again', Verdict::Out, 'The pedal turns firm again just before the floor: fingers and straps are '
                .'overworked. Set the stop before anybody drives it.')->from('release.firm_again')
            : Finding::of('release.firm_again', Verdict::Within, 'The pedal does not turn firm a second time.')
                ->from('release.firm_again'));
    }

    private function takeUp(WantedRelease $wanted, JobSheet $sheet, Results $results, Display $display): void
    {
        $play = $wanted->freePlay();
        if ($play === null || $wanted->takeUp === null) {
            return;
        }
        $now = $wanted->chain->takeUpFromFloor();
        $turns = $wanted->turns();
        $off = $now === null ? null : abs($now->value - $wanted->takeUp->value);
        $asked = 'Take-up wanted '.$display->percent($wanted->takeUp->value).' above the floor, '
            .($now === null ? 'and the disc is never free' : 'is '.$display->percent($now->value));
        [$verdict, $said] = match (true) {
            $off !== null && $off <= self::NEAR_ENOUGH => [Verdict::Within, '.'],
            $play->value < 0.0 => [Verdict::Out, ': no rod can do that, even without free play. It wants more stroke: a larger master or a '
                .'smaller slave bore.'],
            $turns === null => [Verdict::Near, ': the free play would have to be '.$display->quantity($play, 0.5)
                .'. Enter the pitch of the thread for the turns.'],
            default => [Verdict::Near, ': '.($turns->value > 0 ? 'lengthen' : 'shorten').' the rod by '
                .$display->number(abs($turns->value), 1).' turns'
                .(abs($turns->value) > SettingSteps::AT_A_TIME ? ', two at a time with a test between' : '').'. Free play comes to '
                .$display->quantity($play, 0.5).'. Lock both nuts, check the switches.'],
        };
        $results->finding(Finding::of('release.take_up_wanted', $verdict, $asked.$said)
            ->from('release.take_up_wanted', SettingSteps::of($sheet)->key(), 'release.rod_pitch', 'release.pedal_ratio')
            ->by('({free play|'.SettingSteps::of($sheet)->key().'} − the free play that puts the take-up there) ÷ ('
                .'{pedal ratio|release.pedal_ratio} × '
                .'{thread pitch|release.rod_pitch})', $turns === null ? '' : 'release.take_up_turns'));
    }

    /** What cylinders are asked for against what they have, where the maker's stroke is known. */
    private function strokes(ReleaseChain $chain, JobSheet $sheet, Results $results, Display $display): void
    {
        foreach ([
            'release.master_stroke_max' => ['release.master_stroke', 'master', $chain->rodStrokeAt($chain->pedalTravel)],
            'release.slave_stroke_max' => ['release.slave_stroke', 'slave', $chain->slaveTravel()],
        ] as $key => [$id, $name, $stroke]) {
            $most = $sheet->values->one(Length::class, $key);
            if ($most === null) {
                continue;
            }
            $limit = Limit::of($id, null, $most, LimitSource::Maker, null, null, $most->times(self::STROKE_RESERVE));
            $verdict = $limit->judge($stroke);
            $results->finding(Finding::of($id, $verdict, "The {$name} moves ".$display->both($stroke, 0.1).' at the full pedal, it has '
                .$display->quantity($most, 0.1).match ($verdict) {
                    Verdict::Out => ': it comes to its end first. Set the stop, or another bore.',
                    Verdict::Near => ': next to nothing in hand. Set the stop.',
                    default => '.',
                })->against($limit)->from($key, 'release.pedal_travel'));
        }
    }
}
