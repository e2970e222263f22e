<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\ReaderLocale;
use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use App\Sheets\NearDay;
use App\Sheets\SheetBuilder;
use App\Sheets\StatedElsewhere;
use App\Store\InTurn;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Entry;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\TypedEntry;
use Spindle\Sheet\WrittenDay;

/** Takes one entry into a job's readings: read, checked, appended; never over somebody else's without asking. */
final readonly class RecordEntry
{
    /** @param  string  $source  where the entry comes from when nobody typed it: "from the register" */
    public function __construct(private int $job, private User $by, private string $source = '')
    {
    }

    /**
     * @param  int  $shown  number of the row the person saw in the field; 0 when it was empty
     */
    public function record(Field $field, int $position, string $typed, int $shown, ?Instrument $instrument): EntryOutcome
    {
        $outcome = null;
        try {
            ChangeJob::do($this->job, function (Job $job) use ($field, $position, $typed, $shown, $instrument, &$outcome): void {
                $outcome = $this->take($job, $field, $position, trim($typed), $shown, $instrument);
            });
        } catch (SheetError $e) {
            return self::refusal($field, $position, $typed, $e);
        }

        return $outcome ?? throw new \LogicException('an entry without an outcome');
    }

    /**
     * On a job that is being changed, one of several entries that are stored together: refused by itself when it cannot be, or
     * cannot stand beside the others, so that they are kept.
     */
    public function into(Job $job, Field $field, int $position, string $typed, int $shown, ?Instrument $instrument): EntryOutcome
    {
        try {
            return InTurn::part(function () use ($job, $field, $position, $typed, $shown, $instrument): EntryOutcome {
                $outcome = $this->take($job, $field, $position, trim($typed), $shown, $instrument);
                JobSheet::of(SheetBuilder::document($job), Subjects::dictionary());

                return $outcome;
            });
        } catch (SheetError $e) {
            $job->load('readings');

            return self::refusal($field, $position, $typed, $e);
        }
    }

    private static function refusal(Field $field, int $position, string $typed, SheetError $e): EntryOutcome
    {
        return EntryOutcome::refused($field->key, $position, trim($typed), "{$field->label}: {$e->reason}.");
    }

    /** @throws SheetError when the entry cannot be what it says */
    public function take(Job $job, Field $field, int $position, string $typed, int $shown, ?Instrument $instrument): EntryOutcome
    {
        if ($job->isSigned()) {
            return EntryOutcome::refused($field->key, $position, $typed, 'This job is signed; add a note to the record instead.');
        }
        if ($field->kind === Kind::Date && $typed !== '') {
            $typed = WrittenDay::read($typed, $field->label, ReaderLocale::isMonthFirst());
        }
        $before = new CurrentReadings($job->readings);
        $current = $before->row($field->key, $position);
        $seen = $job->readings->first(
            static fn (Reading $r): bool => $r->seq === $shown && $r->field === $field->key && $r->position === $position,
        );
        // The same again is nothing new, unless it makes a file's word one's own.
        $isOwn = $current === null || ! StatedElsewhere::holds($current);
        if ($isOwn && ($typed === ($seen->typed ?? '') || $typed === ($current->typed ?? ''))) {
            return EntryOutcome::kept($field->key, $position, $typed);
        }
        if ($job->readings->count() >= Job::MOST_ENTRIES) {
            throw SheetError::at(
                $field->label,
                'this job has '.Job::MOST_ENTRIES.' entries and takes no more; sign it, or open another',
            );
        }
        if ($position >= $field->mostPlaces()) {
            throw SheetError::at($field->label, "there are {$field->mostPlaces()} places at most");
        }
        $entry =
            $typed === '' ? null : TypedEntry::read($field, $typed, $field->label, $field->defaultUnit(UnitSystem::from($job->units)));
        NearDay::check($field, $typed, $field->label);
        $contested = $current !== null && $current->seq !== $shown;
        // A page that is loaded anew sends once more what is not settled: it lies aside already.
        if ($contested && $job->readings->contains(fn (Reading $r): bool => $r->kind === Reading::SET_ASIDE && $r->seq > $current->seq
            && $r->field === $field->key && $r->position === $position && $r->typed === $typed && $r->user_id === $this->by->id)) {
            return EntryOutcome::contested($field->key, $position, $typed, $current);
        }
        $row = $this->append(
            $job,
            $field,
            $position,
            $typed,
            $entry,
            $instrument,
            $contested ? null : $current,
            $contested ? Reading::SET_ASIDE : Reading::ENTRY,
        );
        $job->readings->push($row);
        if ($contested) {
            return EntryOutcome::contested($field->key, $position, $typed, $current);
        }
        VehicleOfJob::follow($job, $field, $typed);
        if ($this->source === '') {
            $model = $field->key === 'vehicle.name' ? $typed : $before->typed('vehicle.name');
            ModelBook::remember($model, $field, $row->written(), $this->by);
        }
        if ($field->key === 'vehicle.name') {
            EnterMakersFigures::into($job, $this->by);
        }
        $job->touch();

        return EntryOutcome::kept($field->key, $position, $typed);
    }

    /** Marks a reading as doubtful: it is to be measured again. */
    public function doubt(Field $field, int $position): void
    {
        ChangeJob::do($this->job, function (Job $job) use ($field, $position): void {
            $current = (new CurrentReadings($job->readings))->row($field->key, $position);
            if ($current !== null && $current->typed !== '' && ! $job->isSigned()) {
                $job->readings->push($this->append($job, $field, $position, $current->typed, null, null, $current, Reading::AGAIN));
            }
        });
    }

    private function append(
        Job $job,
        Field $field,
        int $position,
        string $typed,
        ?Entry $entry,
        ?Instrument $instrument,
        ?Reading $supersedes,
        string $kind,
    ): Reading {
        $takes = $entry !== null && $instrument !== null && $field->instrument !== null && $instrument->measures($entry->quantity);

        return Reading::entered($field->key, $position, $typed, $kind)
            ->numbered(1 + $job->lastSeq(), $supersedes?->seq)
            ->worth($entry?->quantity->value, $entry?->unit->symbol, instrument: $takes ? $instrument->value : null)
            ->by($this->by, $this->source)->storedIn($job->id);
    }
}
