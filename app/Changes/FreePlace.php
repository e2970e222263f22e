<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\User;
use App\Readings\EntryOutcome;
use Spindle\Sheet\Field;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

/** Something put at a free place of a field with many, or taken away from its place; the place is found when nobody else can take it. */
abstract readonly class FreePlace
{
    /** @param  int  $shown  the place it is said of where it is refused */
    protected function __construct(protected Field $field, protected string $typed, private int $shown)
    {
    }

    /** Where the work is done that it says of. */
    public function station(): Station
    {
        return $this->field->station;
    }

    /** @throws SheetError when it cannot be, or no place is left */
    abstract public function take(Job $job, RecordEntry $record): EntryOutcome;

    public function record(int $job, User $by): EntryOutcome
    {
        $outcome = null;
        try {
            ChangeJob::do($job, function (Job $whole) use ($by, &$outcome): void {
                $outcome = $this->take($whole, new RecordEntry($whole->id, $by));
            });
        } catch (SheetError $e) {
            return $this->refusal($e);
        }

        return $outcome ?? throw new \LogicException('something placed without an outcome');
    }

    /** On a job that is being changed. */
    public function into(Job $job, RecordEntry $record): EntryOutcome
    {
        try {
            return $this->take($job, $record);
        } catch (SheetError $e) {
            return $this->refusal($e);
        }
    }

    private function refusal(SheetError $e): EntryOutcome
    {
        return EntryOutcome::refused($this->field->key, $this->shown, $this->typed, "{$this->field->label}: {$e->reason}.");
    }
}
