<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether each step of a setting was measured, went where it had to, and what the next one is. */
final readonly class StepsJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('release.steps', 'The setting, step by step');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $steps = SettingSteps::of($sheet);
        if (! $steps->areBegun()) {
            return;
        }
        [$verdict, $said, $missing] = $this->said($steps, $sheet, $display);
        $results->finding($verdict === Verdict::Unmeasured
            ? Finding::unmeasured('release.set_steps', $said, ...$missing)
            : Finding::of('release.set_steps', $verdict, $said)
                ->from('release.turns_made', 'release.play_after', 'release.free_play', 'release.rod_pitch', 'release.pedal_ratio'));
    }

    /** @return array{Verdict, string, list<string>} */
    private function said(SettingSteps $steps, JobSheet $sheet, Display $display): array
    {
        $last = count($steps->turns) - 1;
        $play = static fn (?Length $of): string => $of === null ? '' : $display->quantity($of, 0.5);
        if ($steps->isOpen()) {
            $at = count($steps->plays);
            $foretold = $steps->foretold($at, $steps->turns[$at]);

            return [Verdict::Unmeasured, 'Step '.($at + 1).' is turned and not measured: measure the free play again'
                .($foretold === null ? '.' : ', '.$play($foretold).' is foretold.'), ['release.play_after']];
        }
        if ($steps->strayed($last)) {
            return [Verdict::Near, 'Step '.($last + 1).' should have left '.$play($steps->foretold($last, $steps->turns[$last]))
                .' of free play, '.$play($steps->plays[$last]).' is measured: see that the right nut turned, the pitch is that of this '
                .'thread and nothing gives way, before it is turned on.', []];
        }
        $much = max(0.0, ...array_map(abs(...), $steps->turns));
        if ($much > SettingSteps::AT_A_TIME + 1e-9) {
            return [Verdict::Near, $display->number($much, 1).' turns in one step: no more than two, and measure, or something is '
                .'overstroked before anybody sees it.', []];
        }
        $wanted = SettingSteps::wanted($sheet);
        $next = $wanted === null ? null : $steps->next($wanted);
        if ($next !== null && $next !== 0.0) {
            return [Verdict::Near, 'Next: '.($next > 0 ? 'lengthen' : 'shorten').' the rod by '.$display->number(abs($next), 1)
                .' turns, then measure: '.$play($steps->foretold($last + 1, $next)).' of free play is foretold.', []];
        }
        if ($sheet->values->word('release.firm_again') === null) {
            return [Verdict::Unmeasured, 'Press slowly to the floor: does the pedal turn firm a second time?', ['release.firm_again']];
        }

        return [Verdict::Within, 'Set in '.($last + 1).' '.($last === 0 ? 'step' : 'steps').', each measured; free play '
            .$play($steps->freePlay()).'. Lock the nuts on both ends, see that the switches still close.', []];
    }
}
