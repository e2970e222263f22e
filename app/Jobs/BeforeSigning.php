<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Record\RecordSubject;

/** What keeps a job from being signed though no reading does: somebody doubts one, or a second person has not looked. */
final class BeforeSigning
{
    /** Names of these findings; nothing of the trade judges them, so no reason lets them pass. */
    public const DOUBTED = 'record.doubted';

    public const UNSEEN = RecordSubject::CHECKED;

    /** @return list<Finding> nothing of a job that is signed */
    public static function of(Job $job, CurrentReadings $current): array
    {
        if ($job->isSigned()) {
            return [];
        }
        $findings = [];
        $doubted = array_values(array_unique(array_column($current->doubted(), 0)));
        if ($doubted !== []) {
            $readings = Subjects::dictionary()->names($doubted);
            $findings[] = Finding::unmeasured(self::DOUBTED, JobSentences::toBeMeasuredAgain($readings), ...$doubted);
        }
        if (SecondLook::isWanted() && ! SecondLook::isThere($job, $current)) {
            $findings[] = Finding::unmeasured(self::UNSEEN, SecondLook::hasLapsed($job, $current)
                ? JobSentences::secondLookLapsed() : JobSentences::secondLookFirst(), RecordSubject::CHECKED);
        }

        return $findings;
    }
}
