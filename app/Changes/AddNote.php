<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\Note;
use App\Models\User;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

/** A remark at a station; after sign-off it is an addition to the record and leaves the signed sheet as it is. */
final class AddNote
{
    /** @throws SheetError when the job takes no more of them */
    public static function to(int $job, User $by, Station $station, string $text): void
    {
        ChangeJob::do($job, static function (Job $whole) use ($by, $station, $text): void {
            $note = Note::query()->create([
                'clutch_job_id' => $whole->id,
                'station' => $station->value,
                'text' => $text,
                'by_name' => $by->name,
                'at' => now(),
                'after_signing' => $whole->isSigned(),
            ]);
            $whole->notes->push($note);
            $whole->touch();
        });
    }
}
