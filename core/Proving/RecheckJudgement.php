<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Capacity\Material;
use Spindle\Inspection\Disc\WearJudgement;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Release\WearBudgetJudgement;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Triage\Reach;

/** When a vehicle is looked at again: after running-in, and never later than the release follows the wear. */
final readonly class RecheckJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('prove.recheck_due', 'The next look');
    }

    public function assess(JobSheet $sheet, Results $results): void
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
                $results->finding(Finding::unmeasured('prove.recheck', ProvingSentences::recheckNotSaid($first), $key));
            }

            return;
        }
        $promised = $sheet->values->word('promised_on');
        // Days sort as they are written; a month or a year alone before a day of it is not earlier.
        if ($on !== null && $promised !== null && $on < substr($promised, 0, strlen($on))) {
            $results->finding(Finding::of('prove.recheck', Verdict::Out, ProvingSentences::recheckBeforePromise($on, $promised))
                ->from(ProvingFields::RECHECK_ON, 'promised_on'));

            return;
        }
        [$least, $most] = self::usual($sheet, $first);
        $isOdd = $given !== null && ($given->value < $least->value || $given->value > $most->value);
        $isFar = $given !== null && $given->value > 2 * $most->value;
        $isLate = $given !== null && $interval !== null && $given::class === $interval::class && $given->value > $interval->value;
        $look = new NextLook(
            $on, $given, $isOdd, $least, $most, Reach::hasKit($sheet),
            $isLate ? new AsRead($interval, $interval->value > 1000 ? 100.0 : 1.0) : null,
        );
        $results->finding(Finding::of('prove.recheck', match (true) {
            $isLate, $isFar => Verdict::Out,
            // A day alone is held against nothing: how far the vehicle goes until then is not said.
            $isOdd, $given === null => Verdict::Near,
            default => Verdict::Within,
        }, ProvingSentences::recheck($look))
            ->from($key, ProvingFields::RECHECK_ON));
    }

    /**
     * Between what it is usually looked at again: after a new lining half to twice its running-in, else as follows. From memory [M].
     *
     * @param  Quantity|null  $runningIn  as the limits have it
     * @return array{Quantity, Quantity}
     */
    private static function usual(JobSheet $sheet, ?Quantity $runningIn): array
    {
        if (Reach::hasKit($sheet) && $runningIn !== null) {
            // Aramid runs in over three times as far; common practice, no source.
            $isAramid = in_array($sheet->values->word('kit.material'), [Material::Aramid->value, Material::AramidSegmented->value], true);

            return [$runningIn->times(0.5), $runningIn->times($isAramid ? 6.4 : 2.0)];
        }

        return $sheet->countsHours() ? [Duration::seconds(20 * 3600.0), Duration::seconds(250 * 3600.0)]
            : [Distance::of(500.0), Distance::of(10_000.0)];
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
