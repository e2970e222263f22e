<?php

declare(strict_types=1);

namespace Spindle\Inspection\Cover;

use Spindle\Capacity\SpringKind;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Compare;
use Spindle\Sheet\ComparedFigure;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\VehicleClass;

/** The cover on the press against what it had when new, its mark for balance, and what a stronger new one asks of the fork. */
final readonly class CoverJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('cover.readings', 'The cover');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $evenness = self::hasLevers($sheet) ? 'cover.lever_evenness' : 'cover.finger_evenness';
        $compare = new Compare($sheet, $results);
        $compare->spread('cover.finger_heights', $evenness, Remedy::replace(CoverSentences::replaceOrSetTheLevers()));
        $values = $sheet->values;
        $pressed = $values->one(Force::class, 'cover.clamp_load');
        $new = $values->one(Force::class, 'cover.clamp_load_new');
        if ($pressed !== null && $new !== null) {
            $figure = Estimate::of($sheet, static fn (JobSheet $s): ?Ratio => self::share($s), 'cover.clamp_load', 'cover.clamp_load_new');
            if ($figure === null) {
                return;
            }
            $share = $figure->value;
            $results->estimate('cover.clamp_load_percent', $figure);
            $compare->figure(new ComparedFigure(
                'cover.clamp_load',
                CoverSentences::clampLoad($share, $sheet->limitBook()->find('cover.clamp_load_percent')),
                $figure,
                'cover.clamp_load_percent',
                Remedy::other(CoverSentences::springsAreWeak()),
                ['cover.clamp_load', 'cover.clamp_load_new'],
                '{load on the press|cover.clamp_load} ÷ {load when new|cover.clamp_load_new}',
            ));
        } elseif ($pressed !== null) {
            $results->finding(
                Finding::unmeasured(
                    'cover.clamp_load',
                    CoverSentences::clampLoadWhenNewUnknown(),
                    'cover.clamp_load_new',
                ),
            );
        }
        if ($values->word('cover.marked') === 'no') {
            $results->finding(
                Finding::of(
                    'cover.marked',
                    Verdict::Near,
                    CoverSentences::notMarked(),
                )->from('cover.marked'),
            );
        }
        $this->fork($sheet, $results, $new);
    }

    /** As said of the old cover; else as the new kit has it; else levers on a tractor and fingers on everything else. */
    private static function hasLevers(JobSheet $sheet): bool
    {
        $kind = $sheet->values->word('cover.kind');
        $spring = $sheet->values->word('kit.spring');

        return match (true) {
            $kind !== null => $kind === 'levers',
            $spring !== null => $spring === SpringKind::Coil->value,
            default => $sheet->vehicleClass() === VehicleClass::Tractor,
        };
    }

    /** What the old cover still presses, of what it pressed when new. */
    private static function share(JobSheet $sheet): ?Ratio
    {
        $new = $sheet->values->one(Force::class, 'cover.clamp_load_new');

        return $new === null ? null : $sheet->values->one(Force::class, 'cover.clamp_load')?->ratioTo($new);
    }

    /** Fork and pivot were made for the old clamp load. */
    private function fork(JobSheet $sheet, Results $results, ?Force $old): void
    {
        $chosen = $sheet->values->one(Force::class, 'kit.clamp_load');
        if ($old === null || $chosen === null) {
            return;
        }
        $share = $chosen->ratioTo($old);
        $limit = $sheet->limitBook()->get('fork.clamp_load_percent');
        $verdict = $limit->judge($share);
        $results->finding(
            Finding::of(
                'fork.clamp_load',
                $verdict,
                CoverSentences::clampsHarder($share, $verdict === Verdict::Near),
            )
                ->against($limit)
                ->from('kit.clamp_load', 'cover.clamp_load_new')
                ->by("{the kit's clamp load|kit.clamp_load} ÷ {that of the old cover when new|cover.clamp_load_new}"),
        );
    }
}
