<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\JobSheet\Estimate;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
use Spindle\Quantity\Ratio;

/** The cover on the press against what it had when new, its mark for balance, and what a stronger new one asks of the fork. */
final readonly class CoverPart implements Part
{
    public function subject(): Subject
    {
        return new Subject('cover.readings', 'The cover');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
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
            (new Compare($sheet, $results, $display))->figure('cover.clamp_load', 'Clamp load on the press', $figure, $display->percent($share->value).' of new',
                'cover.clamp_load_percent', 'springs are weak, replace the cover', ['cover.clamp_load', 'cover.clamp_load_new'], 'load on the press ÷ load when new');
        } elseif ($pressed !== null) {
            $results->finding(Finding::unmeasured('cover.clamp_load', 'Clamp load is pressed, but what it was when new is not entered.', 'cover.clamp_load_new'));
        }
        if ($values->word('cover.marked') === 'no') {
            $results->finding(Finding::of('cover.marked', Verdict::Near, 'The cover was not marked to the flywheel before it came off: if it is used again, its balance is lost.')->from('cover.marked'));
        }
        $this->fork($sheet, $results, $display, $new);
    }

    /** What the old cover still presses, of what it pressed when new. */
    private static function share(JobSheet $sheet): ?Ratio
    {
        $new = $sheet->values->one(Force::class, 'cover.clamp_load_new');

        return $new === null ? null : $sheet->values->one(Force::class, 'cover.clamp_load')?->ratioTo($new);
    }

    /** Fork and pivot were made for the old clamp load. */
    private function fork(JobSheet $sheet, Results $results, Display $display, ?Force $old): void
    {
        $chosen = $sheet->values->one(Force::class, 'kit.clamp_load');
        if ($old === null || $chosen === null) {
            return;
        }
        $share = $chosen->ratioTo($old);
        $limit = $sheet->limitBook()->get('fork.clamp_load_percent');
        $verdict = $limit->judge($share);
        $results->finding(Finding::of('fork.clamp_load', $verdict, 'The kit clamps with '.$display->percent($share->value).' of the old load'
            .($verdict === Verdict::Near ? ': check or uprate fork and pivot.' : '.'))
            ->against($limit)->from('kit.clamp_load', 'cover.clamp_load_new')->by("the kit's clamp load ÷ that of the old cover when new"));
    }
}
