<?php

declare(strict_types=1);

namespace App\Changes;

use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\User;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;

/** Enters the figures of the model of a job that is being changed, where nothing was ever entered. */
final class EnterMakersFigures
{
    public static function into(Job $job, User $by): void
    {
        $current = new CurrentReadings($job->readings);
        $record = new RecordEntry($job->id, $by, ModelBook::SOURCE);
        foreach (ModelBook::inForce($current->typed('vehicle.name')) as $key => $figure) {
            $field = Subjects::dictionary()->entry($key);
            if ($field !== null && $current->made($key, 0) === 0) {
                $record->into($job, $field, 0, $figure->value, 0, null);
            }
        }
    }
}
