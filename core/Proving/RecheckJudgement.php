<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Inspection\Disc\WearJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Release\WearBudgetJudgement;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** When a vehicle is looked at again: after running-in, and never later than the release follows the wear. */
final readonly class RecheckJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('prove.recheck_due', 'The next look');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $interval = self::interval($sheet);
        if ($interval !== null) {
            $results->figure($interval instanceof Distance ? 'prove.wear_interval' : 'prove.wear_interval_hours', $interval);
        }
        [$type, $key, $row] = $sheet->countsHours()
            ? [Duration::class, ProvingFields::RECHECK_HOURS, 'prove.recheck_hours']
            : [Distance::class, ProvingFields::RECHECK_AFTER, 'prove.recheck_after'];
        $given = $sheet->values->one($type, $key);
        $first = $sheet->limitBook()->find($row)?->max;
        $on = $sheet->values->word(ProvingFields::RECHECK_ON);
        if ($given === null && $on === null) {
            if (array_filter(Test::of($sheet), static fn (Test $t): bool => $sheet->values->has($t->key('result'))) !== []) {
                $results->finding(Finding::unmeasured('prove.recheck', 'When it is looked at again is not said'.($first === null ? '.'
                    : ': after running-in, as a rule '.$display->quantity($first, 1.0).'.'), $key));
            }

            return;
        }
        $isLate = $given !== null && $interval !== null && $given::class === $interval::class && $given->value > $interval->value;
        $when = ($on === null ? '' : "on {$on}").($on === null || $given === null ? '' : ', or ')
            .($given === null ? '' : 'after '.$display->quantity($given, 1.0));
        $results->finding(Finding::of('prove.recheck', $isLate ? Verdict::Out : Verdict::Within, "Looked at again {$when}".($isLate
            ? ': later than the release follows the wear, '.$display->quantity($interval, $interval->value > 1000 ? 100.0 : 1.0)
                .' at the rate of the last lining.' : '.'))
            ->from($key, ProvingFields::RECHECK_ON));
    }

    /** After how far the wear the release follows is used up, at the rate of the last lining; nothing where either is not known. */
    public static function interval(JobSheet $sheet): Distance|Duration|null
    {
        $budget = WearBudgetJudgement::budget($sheet);
        $used = WearJudgement::used($sheet);
        $since = $sheet->distanceSinceFitted() ?? $sheet->timeSinceFitted();

        return ! $budget instanceof Length || $used === null || $used->value <= 0.0 || $since === null
            ? null : $since->times(max(0.0, $budget->value) / $used->value);
    }
}
