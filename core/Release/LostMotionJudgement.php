<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** The pad moves and the fork's end does not follow as the ratios say: what cable, hose, bracket or bulkhead take. */
final readonly class LostMotionJudgement implements Judgement
{
    private const MOVED = ['release.pad_moved', 'release.fork_end_moved'];

    public function topic(): Topic
    {
        return new Topic('release.lost', 'Lost motion');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if (! $sheet->values->hasAny(...self::MOVED)) {
            return;
        }
        $lost = Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::lost($s), ...self::MOVED);
        $should = self::should($sheet);
        if ($lost === null || $should === null || $should->value <= 0.0) {
            $between = $sheet->actuation()?->isHydraulic() === true ? 'release.master_bore' : 'release.linkage_ratio';
            $needed = [...$sheet->values->missing('release.pedal_ratio', ...self::MOVED),
                ...($between === 'release.linkage_ratio' && ! $sheet->values->has($between) || ChainOfSheet::between($sheet) === null
                    ? [$between] : [])];
            $needed = $needed === [] ? [self::MOVED[0]] : $needed;
            $results->missing($sheet, 'release.lost_motion', ReleaseSentences::lostMotionUnknown(), $needed);

            return;
        }
        $results->estimate('release.lost_motion', $lost);
        $fork = ChainOfSheet::forkRatio($sheet);
        $finger = MovedRatio::of($sheet->values, MovedRatio::FINGER);
        $limit = $sheet->limitBook()->get('release.lost_share');
        $share = $lost->value->ratioTo($should);
        $verdict = $limit->judge($share, $lost->uncertainty?->ratioTo($should));
        // Nothing gains motion on the way: then a ratio is wrong.
        if ($lost->value->value < -($lost->uncertainty->value ?? 0.0)) {
            $results->finding(Finding::of('release.lost_motion', Verdict::Near, ReleaseSentences::motionGained(
                Length::mm(-$lost->value->value), $should,
            ))->from('release.pedal_ratio', 'release.linkage_ratio', 'release.master_bore', 'release.slave_bore', ...self::MOVED));

            return;
        }
        $atDisc = $fork === null || $finger === null ? null : $lost->value->over($fork->value * $finger->value);
        if ($atDisc !== null) {
            $results->figure('release.lost_lift', $atDisc);
        }
        $results->finding(Finding::of('release.lost_motion', $verdict, ReleaseSentences::lostMotion(
            $lost->value, $should, $atDisc, $verdict === Verdict::Within, $sheet->actuation()?->isHydraulic() === true,
        ))
            ->against($limit)
            ->from('release.pedal_ratio', 'release.linkage_ratio', 'release.master_bore', 'release.slave_bore', ...self::MOVED)
            ->by('{pad moved|release.pad_moved} ÷ {pedal ratio|release.pedal_ratio} × bore areas, or ÷ linkage ratio, − '
                .'{fork end moved|release.fork_end_moved}', 'release.lost_motion'));
    }

    /** What the end of the fork should have moved, nothing lost on the way. */
    private static function should(JobSheet $sheet): ?Length
    {
        $pad = $sheet->values->one(Length::class, 'release.pad_moved');
        $pedal = MovedRatio::of($sheet->values, MovedRatio::PEDAL);
        // A linkage that was found by the same press has lost nothing by definition.
        $isFound = $sheet->actuation()?->isHydraulic() !== true && ! $sheet->values->has(MovedRatio::LINKAGE);
        $between = $isFound ? null : ChainOfSheet::between($sheet);

        return $pad === null || $pedal === null || $between === null ? null : $pad->over($pedal->value * $between->value);
    }

    private static function lost(JobSheet $sheet): ?Length
    {
        $moved = $sheet->values->one(Length::class, 'release.fork_end_moved');

        return $moved === null ? null : self::should($sheet)?->minus($moved);
    }
}
