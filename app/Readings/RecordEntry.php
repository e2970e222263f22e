<?php

declare(strict_types=1);

namespace App\Readings;

use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Sheets\SheetBuilder;
use Spindle\JobSheet\Field;
use Spindle\JobSheet\FieldReader;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Kind;
use Spindle\JobSheet\SheetError;
use Spindle\Limit\Instrument;
use Spindle\Quantity\Entry;
use Spindle\Quantity\UnitSystem;

/** Takes one entry into a job's readings: read, checked, appended; never over somebody else's without asking. */
final readonly class RecordEntry
{
    /** @param  string  $source  where the entry comes from when nobody typed it: "from the register" */
    public function __construct(private Job $job, private User $by, private string $source = '')
    {
    }

    /**
     * @param  int  $shown  number of the row the person saw in the field; 0 when it was empty
     */
    public function record(Field $field, int $position, string $typed, int $shown, ?Instrument $instrument): EntryOutcome
    {
        try {
            return InTurn::do(function () use ($field, $position, $typed, $shown, $instrument): EntryOutcome {
                $outcome = $this->take($field, $position, trim($typed), $shown, $instrument);
                if ($field->key === 'vehicle.name' && $outcome->isKept()) {
                    ModelBook::applyTo($this->job, $this->by);
                }

                return $outcome;
            });
        } catch (SheetError $e) {
            return EntryOutcome::refused($field->key, $position, trim($typed), "{$field->label}: {$e->reason}.");
        }
    }

    /** @throws SheetError when the entry cannot be what it says, by itself or beside the others; nothing is kept then */
    private function take(Field $field, int $position, string $typed, int $shown, ?Instrument $instrument): EntryOutcome
    {
        $job = Job::query()->with(Job::WHOLE)->findOrFail($this->job->id);
        if ($job->isSigned()) {
            return EntryOutcome::refused($field->key, $position, $typed, 'This job is signed; add a note to the record instead.');
        }
        $current = (new CurrentReadings($job->readings))->row($field->key, $position);
        $seen = $job->readings->first(static fn (Reading $r): bool => $r->seq === $shown && $r->field === $field->key && $r->position === $position);
        if ($typed === ($seen->typed ?? '') || $typed === ($current->typed ?? '')) {
            return EntryOutcome::kept($field->key, $position, $typed);
        }
        $entry = $typed === '' ? null : $this->read($field, $typed, $job);
        $contested = $current !== null && $current->seq !== $shown;
        $row = $this->append($job, $field, $position, $typed, $entry, $instrument, $contested ? null : $current, $contested ? Reading::SET_ASIDE : Reading::ENTRY);
        if ($contested) {
            return EntryOutcome::contested($field->key, $position, $typed, $current);
        }
        $job->readings->push($row);
        JobSheet::of(SheetBuilder::document($job));
        VehicleOfJob::follow($job, $field, $typed);
        if ($this->source === '') {
            ModelBook::remember((new CurrentReadings($job->readings))->typed('vehicle.name'), $field, $row->written(), $this->by->name);
        }
        $job->touch();

        return EntryOutcome::kept($field->key, $position, $typed);
    }

    /** Marks a reading as doubtful: it is to be measured again. */
    public function doubt(Field $field, int $position): void
    {
        InTurn::do(function () use ($field, $position): void {
            $job = Job::query()->with(Job::WHOLE)->findOrFail($this->job->id);
            $current = (new CurrentReadings($job->readings))->row($field->key, $position);
            if ($current !== null && $current->typed !== '' && ! $job->isSigned()) {
                $this->append($job, $field, $position, $current->typed, null, null, $current, Reading::AGAIN);
            }
        });
    }

    /** @throws SheetError */
    private function read(Field $field, string $typed, Job $job): ?Entry
    {
        switch ($field->kind) {
            case Kind::Quantity:
            case Kind::Quantities:
            case Kind::Count:
                return FieldReader::entry($field, $typed, $field->label, $field->defaultUnit(UnitSystem::from($job->units)));
            case Kind::Words:
                FieldReader::words($field, explode(',', $typed), $field->label);
                break;
            case Kind::Word:
                FieldReader::words($field, $typed, $field->label);
                break;
            case Kind::Flag:
                FieldReader::words($field, $typed === 'yes', $field->label);
                break;
            case Kind::Text:
                FieldReader::text($typed, $field->label);
                break;
            case Kind::Marks:
                FieldReader::marks($field, $typed, $field->label);
                break;
            case Kind::Date:
                FieldReader::day($typed, $field->label);
                break;
            case Kind::Curve:
                FieldReader::curve(FieldReader::curveLines($typed), $field->label);
                break;
        }

        return null;
    }

    private function append(Job $job, Field $field, int $position, string $typed, ?Entry $entry, ?Instrument $instrument, ?Reading $supersedes, string $kind): Reading
    {
        $takes = $entry !== null && $instrument !== null && $field->instrument !== null && $instrument->measures($entry->quantity);

        return Reading::query()->create([
            'clutch_job_id' => $job->id,
            'seq' => 1 + (int) $job->readings->max('seq'),
            'field' => $field->key,
            'position' => $position,
            'kind' => $kind,
            'typed' => $typed,
            'value' => $entry?->quantity->value,
            'unit' => $entry?->unit->symbol,
            'is_number' => false,
            'instrument' => $takes ? $instrument->value : null,
            'supersedes' => $supersedes?->seq,
            'user_id' => $this->by->id,
            'by_name' => $this->source === '' ? $this->by->name : "{$this->by->name}, {$this->source}",
            'at' => now(),
        ]);
    }
}
