<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\User;
use App\Readings\EntryOutcome;
use Spindle\Sheet\SheetError;

/** Takes what a page sent: one entry, or with no JavaScript all of a station's form. */
final readonly class TakeEntries
{
    public function __construct(private int $job, private User $by)
    {
    }

    /**
     * @param  list<PostedEntries>  $entries
     * @param  list<FreePlace>  $marks
     * @return array{list<EntryOutcome>, AssessedJob} what became of each, and the job as they left it
     */
    public function take(array $entries, array $marks): array
    {
        $record = new RecordEntry($this->job, $this->by);
        try {
            // One turn and one look at the whole job for all of them.
            $changed = ChangeJob::do(
                $this->job,
                static fn (Job $job): array => count($entries) + count($marks) === 1
                    ? [
                        ...array_map(
                            static fn (PostedEntries $e): EntryOutcome => $record->take(
                                $job,
                                $e->field,
                                $e->position,
                                trim($e->typed),
                                $e->shown,
                                $e->instrument,
                            ),
                            $entries,
                        ),
                        ...array_map(static fn (FreePlace $m): EntryOutcome => $m->take($job, $record), $marks),
                    ]
                    : [
                        ...array_map(
                            static fn (PostedEntries $e): EntryOutcome => $record->into(
                                $job,
                                $e->field,
                                $e->position,
                                $e->typed,
                                $e->shown,
                                $e->instrument,
                            ),
                            $entries,
                        ),
                        ...array_map(static fn (FreePlace $m): EntryOutcome => $m->into($job, $record), $marks),
                    ],
            );

            return [$changed->result, $changed->page];
        } catch (SheetError) {
            return $this->oneByOne($record, $entries, $marks);
        }
    }

    /**
     * When they cannot stand together, each is tried by itself, so that only those at fault are refused.
     *
     * @param  list<PostedEntries>  $entries
     * @param  list<FreePlace>  $marks
     * @return array{list<EntryOutcome>, AssessedJob}
     */
    private function oneByOne(RecordEntry $record, array $entries, array $marks): array
    {
        $outcomes = [
            ...array_map(
                static fn (PostedEntries $e): EntryOutcome => $record->record(
                    $e->field,
                    $e->position,
                    $e->typed,
                    $e->shown,
                    $e->instrument,
                ),
                $entries,
            ),
            ...array_map(fn (FreePlace $m): EntryOutcome => $m->record($this->job, $this->by), $marks),
        ];

        return [$outcomes, AssessedJob::of(Job::whole($this->job))];
    }
}
