<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Instrument;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Field;

/**
 * A setting that was typed over what was found: what stood before it is what was found, and what stands now is what it was set to. Rows
 * are added, none is changed.
 */
final class KeepAsFound
{
    /** Nothing where the field is none that is set, nothing stood in it before, or its reading as left is there already. */
    public static function of(Job $job, Field $field, int $position, User $by): void
    {
        $left = Subjects::dictionary()->asLeft(AsLeft::PREFIX.$field->key);
        if ($left === null) {
            return;
        }
        ChangeJob::do($job->id, static function (Job $whole) use ($field, $left, $position, $by): void {
            $current = new CurrentReadings($whole->readings);
            $now = $current->row($field->key, $position);
            $found = self::before($whole, $now);
            if ($now === null || $now->typed === '' || $found === null || $current->typed($left->key, $position) !== '') {
                return;
            }
            $record = new RecordEntry($whole->id, $by);
            $record->take($whole, $left, $position, $now->written(), $current->row($left->key, $position)->seq ?? 0, self::with($now));
            $record->take($whole, $field, $position, $found->written(), $now->seq, self::with($found));
        });
    }

    /** What stood in the place before; nothing where nothing did. */
    private static function before(Job $job, ?Reading $now): ?Reading
    {
        $before = $now?->supersedes === null ? null : $job->readings->firstWhere('seq', $now->supersedes);

        return $before === null || $before->typed === '' || $before->typed === $now->typed ? null : $before;
    }

    private static function with(Reading $row): ?Instrument
    {
        return Instrument::tryFrom($row->instrument ?? '');
    }
}
