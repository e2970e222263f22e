<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\User;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;
use Spindle\Proving\Test;
use Spindle\Proving\TestResult;

/** Opens the next round of a test that failed: the round counts on, the result is to be found anew, what was found stays on record. */
final class OpenRound
{
    /** Once for a round, however often it is asked: a test that did not fail has no next one. */
    public static function of(Job $job, Test $test, User $by): void
    {
        ChangeJob::do($job->id, static function (Job $whole) use ($test, $by): void {
            $current = new CurrentReadings($whole->readings);
            if ($current->row($test->key('result'), 0)?->typed !== TestResult::Fail->value) {
                return;
            }
            $record = new RecordEntry($whole->id, $by);
            $round = max(1, (int) ($current->row($test->key('round'), 0)->typed ?? 1));
            foreach (['round' => (string) ($round + 1), 'result' => '', 'felt' => ''] as $what => $typed) {
                $row = $current->row($test->key($what), 0);
                if ($row !== null || $typed !== '') {
                    $record->take($whole, Subjects::dictionary()->get($test->key($what)), 0, $typed, $row->seq ?? 0, null);
                }
            }
        });
    }
}
