<?php

declare(strict_types=1);

namespace App\Changes;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Models\Job;
use App\Models\User;
use App\Readings\CurrentReadings;
use App\Sheets\SheetBuilder;
use App\Sheets\StatedElsewhere;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\SheetError;

/** The lead takes over what a file stated elsewhere: from then on it counts for this job, and the log says so. */
final readonly class TakeOver
{
    public const SOURCE = 'taken over from the file';

    public function __construct(private User $lead)
    {
    }

    /** @throws SheetError when the file states nothing of that name, or the job is signed */
    public function one(Job $job, string $name): void
    {
        $stated = array_find(
            StatedElsewhere::of(SheetBuilder::document($job)), static fn (StatedElsewhere $s): bool => $s->name === $name,
        );
        if ($stated === null || $job->isSigned()) {
            throw SheetError::unreadable('the file states nothing of that name that is not in force');
        }
        $field = StatedElsewhere::field($name);
        if ($field === null) {
            $file = StatedElsewhere::inForce($job, $name) ?? throw SheetError::unreadable('the file has it no longer');
            $job->update(['base_sheet' => $file->toJson(false)]);
        } else {
            $this->enter($job, $field);
        }
        $said = "{$job->label()}: took over {$stated->label}, {$stated->value}, as a file taken in states it.";
        AuditLog::note(LogTopic::Rules, $said, $job, $this->lead);
    }

    private function enter(Job $job, string $key): void
    {
        $record = new RecordEntry($job->id, $this->lead, self::SOURCE);
        foreach ((new CurrentReadings($job->readings))->filled($key) as $place => $row) {
            if (StatedElsewhere::holds($row)) {
                $record->take($job, Subjects::dictionary()->entry($key) ?? throw SheetError::unreadable("there is no field {$key}"),
                    $place, $row->written(), $row->seq, null);
            }
        }
    }
}
