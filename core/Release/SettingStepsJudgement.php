<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Whether each step of a setting was measured, went where it had to, and what the next one is. */
final readonly class SettingStepsJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('release.steps', 'The setting, step by step');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $steps = SettingSteps::of($sheet);
        if (! $steps->areBegun()) {
            return;
        }
        [$verdict, $said, $missing] = $this->said($steps, $sheet);
        $results->finding($verdict === Verdict::Unmeasured
            ? Finding::unmeasured('release.set_steps', $said, ...$missing)
            : Finding::of('release.set_steps', $verdict, $said)
                ->from('release.turns_made', 'release.play_after', 'release.free_play', 'release.rod_pitch', 'release.pedal_ratio'));
    }

    /** @return array{Verdict, Said, list<string>} */
    private function said(SettingSteps $steps, JobSheet $sheet): array
    {
        $last = count($steps->turns) - 1;
        if ($steps->isOpen()) {
            $at = count($steps->plays);
            $foretold = $steps->foretold($at, $steps->turns[$at]);

            return [Verdict::Unmeasured, SettingSentences::stepNotMeasured($at + 1, $foretold), ['release.play_after']];
        }
        if ($steps->strayed($last)) {
            $foretold = $steps->foretold($last, $steps->turns[$last]);

            return [Verdict::Near, SettingSentences::stepStrayed($last + 1, $foretold, $steps->plays[$last]), []];
        }
        $much = max(0.0, ...array_map(abs(...), $steps->turns));
        if ($much > SettingSteps::AT_A_TIME + 1e-9) {
            return [Verdict::Near, SettingSentences::tooManyTurns($much), []];
        }
        $wanted = SettingSteps::wanted($sheet);
        $next = $wanted === null ? null : $steps->next($wanted);
        if ($next !== null && $next !== 0.0) {
            return [Verdict::Near, SettingSentences::nextStep(
                $next, $steps->foretold($last + 1, $next), Adjuster::of($sheet),
            ), []];
        }
        if ($sheet->values->word('release.firm_again') === null) {
            return [Verdict::Unmeasured, SettingSentences::pressToTheFloor(), ['release.firm_again']];
        }

        return [Verdict::Within, SettingSentences::set($last + 1, $steps->freePlay()), []];
    }
}
