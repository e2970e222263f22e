<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Inspection\Flywheel\FlywheelCut;
use Spindle\Kit\Fit\FitCase;
use Spindle\Kit\Fit\StackShift;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/**
 * How far the finger tips stand elsewhere than with the old clutch: by the new stack and by what was cut off the flywheel. At the end of
 * the fork it is as much more as the fork's ratio. Common practice, no source.
 */
final readonly class ShiftJudgement implements Judgement
{
    /** So much is taken up by any setting, mm. From memory [M]. */
    private const NOTHING_TO_SAY = 0.5;

    /** Less than this no depth gauge tells on a stack, and in inches it would be written 0.00; mm. From memory [M]. */
    private const UNSEEN = 0.13;

    private const MADE_FROM = ['bench.fingers_new', 'bench.fingers_old', 'kit.finger_height', 'match.stack_height', 'flywheel.machined'];

    /** Taken with the new clutch on: from then on what was foretold no longer counts. */
    private const MEASURED_SINCE = ['release.depth_to_fingers', MeasuredGap::READING];

    public function topic(): Topic
    {
        return new Topic('release.stack', 'Where the fingers stand now');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $fork = ChainOfSheet::forkRatio($sheet);
        $cut = $sheet->values->one(Length::class, 'flywheel.machined');
        $given = $sheet->values->one(Ratio::class, 'release.fork_ratio');
        if ($cut !== null && $given !== null) {
            $results->figure('flywheel.fork_end_shift', FlywheelCut::forkEndShift($cut, $given));
        }
        $known = Estimate::of($sheet, self::shift(...), ...self::MADE_FROM);
        if ($known === null) {
            return;
        }
        $results->estimate('release.finger_shift', $known);
        $atFork = $fork === null ? null : $known->value->times($fork->value);
        if ($atFork !== null) {
            $results->figure('release.fork_end_shift', $atFork);
        }
        $shift = $known->value;
        $tips = new ShiftedTips(
            $shift, $atFork === null || $fork->value === 1.0 ? null : $atFork, abs($shift->value) < self::UNSEEN,
            abs($shift->value) <= self::NOTHING_TO_SAY, $sheet->values->hasAny(...self::MEASURED_SINCE),
        );
        $results->finding(Finding::of('release.finger_shift', $tips->isSmall || $tips->isMeasured ? Verdict::Within : Verdict::Near,
            ReleaseSentences::fingersShifted($tips))
            ->from(...self::MADE_FROM)
            ->by('new stack − old stack, less what was cut off the flywheel, {cut|flywheel.machined}', 'release.finger_shift'));
    }

    /** Towards the gearbox, positive: as measured on the bench, else as the kit's data say; a cut flywheel takes it to the engine. */
    private static function shift(JobSheet $sheet): ?Length
    {
        $of = static fn (string $key): ?Length => $sheet->values->one(Length::class, $key);
        [$new, $old, $cut] = [$of('bench.fingers_new'), $of('bench.fingers_old'), $of('flywheel.machined')];
        $stack = $new !== null && $old !== null ? $new->minus($old) : StackShift::of(FitCase::of($sheet, $sheet->values));
        $isNewFlywheel = FitCase::isWithFlywheel($sheet->values);

        return match (true) {
            $cut === null || $isNewFlywheel => $stack,
            $stack === null => $cut->times(-1.0),
            default => $stack->minus($cut),
        };
    }
}
