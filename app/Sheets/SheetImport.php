<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Job;
use App\Models\KitChoice;
use App\Models\Note;
use App\Models\Reading;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Vehicle;
use App\Models\Waiver;
use App\Readings\CurrentReadings;
use App\Readings\InTurn;
use Illuminate\Support\Carbon;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\Document;
use Spindle\JobSheet\Field;
use Spindle\JobSheet\FieldReader;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Kind;
use Spindle\JobSheet\Schema;
use Spindle\JobSheet\SheetError;
use Spindle\Limit\Instrument;
use Spindle\Limit\LimitSource;
use Spindle\Vehicle\VehicleClass;

/** Takes a job sheet in: the file's log of entries where it has one, then its values, so that it goes out again unchanged. */
final readonly class SheetImport
{
    public function __construct(private User $by)
    {
    }

    /** @throws SheetError when the file is not a possible job sheet; nothing is stored then */
    public function import(string $json): Job
    {
        $document = Document::ofJson($json);
        $sheet = JobSheet::of($document);
        self::validate($json);

        return InTurn::do(function () use ($document, $sheet, $json): Job {
            $job = Job::query()->create([
                'vehicle_id' => self::vehicle($sheet)->id,
                'units' => $sheet->units->value,
                'base_sheet' => self::rest($document)->toJson(false),
                'opened_by' => $this->by->name,
            ]);
            $this->replayLog($job, $document->get(['log']));
            $this->takeValues($job, $document);
            self::takeRemarks($job, $document, $this->by->name);
            self::freezeIfSigned($job, $document, $json);

            return $job;
        });
    }

    private static function validate(string $json): void
    {
        $validator = new Validator;
        $result = $validator->validate(json_decode($json), (string) json_encode(Schema::ofSheet()));
        $error = $result->error();
        if ($error !== null) {
            $messages = (new ErrorFormatter)->formatFlat($error, static fn ($e): string => implode('.', $e->data()->fullPath()).': '.(new ErrorFormatter)->formatErrorMessage($e));
            throw SheetError::unreadable('not valid by the schema: '.end($messages));
        }
    }

    /** The vehicle the file is about, known here or new. */
    private static function vehicle(JobSheet $sheet): Vehicle
    {
        $text = static fn (string $key): string => $sheet->values->word($key) ?? '';
        $known = Vehicle::known($text('vehicle.plate'), $text('vehicle.number'));

        return $known ?? Vehicle::query()->create([
            'name' => $text('vehicle.name'),
            'plate' => $text('vehicle.plate'),
            'number' => $text('vehicle.number'),
            'class' => $sheet->vehicleClass()->value ?? VehicleClass::Car->value,
        ]);
    }

    /** What stays in the job's base: shapes and order of the file, without what is stored as rows. */
    private static function rest(Document $document): Document
    {
        return $document->with(['log'], null);
    }

    private function replayLog(Job $job, mixed $log): void
    {
        foreach (is_array($log) ? array_values($log) : [] as $i => $row) {
            $place = "log[{$i}]";
            $key = is_object($row) && is_string($row->field ?? null) ? $row->field : '';
            $field = Dictionary::find($key) ?? Dictionary::limitField($key);
            if (! is_object($row) || $field === null || ! is_string($row->typed ?? null) || ! is_int($row->seq ?? null) || ! is_string($row->by ?? null)) {
                throw SheetError::at($place, 'an entry of the log has seq, field, typed, by and at');
            }
            try {
                $at = Carbon::parse(is_string($row->at ?? null) ? $row->at : '');
            } catch (\Exception) {
                throw SheetError::at("{$place}.at", 'a date and time is expected');
            }
            $unit = is_string($row->unit ?? null) ? $row->unit : null;
            $kind = in_array($row->kind ?? null, [Reading::SET_ASIDE, Reading::AGAIN], true) ? $row->kind : Reading::ENTRY;
            $isNumber = ($row->number ?? false) === true;
            $reading = new Reading([
                'clutch_job_id' => $job->id, 'seq' => $row->seq, 'field' => $key, 'position' => is_int($row->position ?? null) ? $row->position : 0,
                'kind' => $kind, 'typed' => $row->typed, 'unit' => $unit, 'is_number' => $isNumber,
                'instrument' => is_string($row->instrument ?? null) && Instrument::tryFrom($row->instrument) !== null ? $row->instrument : null,
                'supersedes' => is_int($row->supersedes ?? null) ? $row->supersedes : null, 'user_id' => null, 'by_name' => $row->by, 'at' => $at,
            ]);
            if ($field->dimension !== null && $field->kind !== Kind::Curve && $row->typed !== '') {
                $reading->value = FieldReader::entry($field, $isNumber ? json_decode($row->typed) : $reading->written(), "{$place}.typed")->quantity->value;
            }
            $reading->save();
        }
    }

    /** Values that the log does not account for become entries of the person who imports. */
    private function takeValues(Job $job, Document $document): void
    {
        $seq = (int) $job->readings()->max('seq');
        $current = new CurrentReadings($job->readings()->get());
        foreach (self::fields($document) as $field) {
            if ($field->path()[0] === 'kit') {
                continue;
            }
            $given = $document->get($field->path());
            $filled = $current->filled($field->key);
            if ($filled !== [] && json_encode(SheetBuilder::value($field, $filled, $given)) === json_encode($given)) {
                continue;
            }
            $list = match (true) {
                $given === null => [],
                in_array($field->kind, [Kind::Quantities, Kind::Marks], true) && is_array($given) => array_values($given),
                default => [$given],
            };
            foreach ($list as $position => $one) {
                [$typed, $isNumber] = self::typed($field, $one);
                $row = $current->row($field->key, $position);
                $entry = $field->dimension !== null && $field->kind !== Kind::Curve ? FieldReader::entry($field, $one, $field->key) : null;
                $instrument = $document->get(['instruments', $field->key]);
                Reading::query()->create([
                    'clutch_job_id' => $job->id, 'seq' => ++$seq, 'field' => $field->key, 'position' => $position, 'kind' => Reading::ENTRY,
                    'typed' => $typed, 'value' => $entry?->quantity->value, 'unit' => $entry?->unit->symbol, 'is_number' => $isNumber,
                    'instrument' => is_string($instrument) ? $instrument : null, 'supersedes' => $row?->seq,
                    'user_id' => $this->by->id, 'by_name' => $this->by->name, 'at' => now(),
                ]);
            }
        }
    }

    /** @return list<Field> of the dictionary, and the maker's figures the file brings */
    private static function fields(Document $document): array
    {
        $fields = array_values(Dictionary::all());
        $limits = $document->get(['limits']);
        foreach ($limits instanceof \stdClass ? array_keys(get_object_vars($limits)) : [] as $name) {
            // Only a maker's figure is an entry of the job; a shop's stays as the file has it.
            if ($document->get(['limits', $name, 'source']) !== LimitSource::Maker->value) {
                continue;
            }
            foreach (['min', 'max'] as $bound) {
                $field = Dictionary::limitField("limits.{$name}.{$bound}");
                $fields = $field === null ? $fields : [...$fields, $field];
            }
        }

        return $fields;
    }

    /** @return array{string, bool} what was typed, and whether it was a number in the base unit */
    private static function typed(Field $field, mixed $given): array
    {
        return match (true) {
            $field->kind === Kind::Curve && is_array($given) => [
                implode("\n", array_map(static fn (mixed $p): string => is_array($p) ? implode('; ', array_map(self::literal(...), $p)) : '', $given)),
                is_array($given[0] ?? null) && ! is_string($given[0][0] ?? ''),
            ],
            is_array($given) => [implode(',', array_map(self::literal(...), $given)), false],
            is_bool($given) => [$given ? 'yes' : 'no', false],
            is_string($given) => [$given, false],
            default => [self::literal($given), $field->kind !== Kind::Text],
        };
    }

    private static function literal(mixed $value): string
    {
        return is_string($value) ? $value : (string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function takeRemarks(Job $job, Document $document, string $by): void
    {
        $kit = $document->get(['kit']);
        if ($kit instanceof \stdClass) {
            KitChoice::query()->create(['clutch_job_id' => $job->id, 'kit_id' => null, 'data' => json_decode((string) json_encode($kit, JSON_PRESERVE_ZERO_FRACTION), true), 'by_name' => $by, 'at' => now()]);
        }
        $text = static fn (mixed $row, string $name): string => is_object($row) && is_string($row->{$name} ?? null) ? $row->{$name} : '';
        $when = static function (mixed $row) use ($text): \DateTimeInterface {
            try {
                return Carbon::parse($text($row, 'at'));
            } catch (\Exception) {
                return now();
            }
        };
        $waivers = $document->get(['waivers']);
        foreach ($waivers instanceof \stdClass ? get_object_vars($waivers) : [] as $finding => $row) {
            Waiver::query()->create(['clutch_job_id' => $job->id, 'finding' => $finding, 'reason' => $text($row, 'reason'), 'withdrawn' => false, 'by_name' => $text($row, 'by') !== '' ? $text($row, 'by') : $by, 'at' => $when($row)]);
        }
        $notes = $document->get(['notes']);
        foreach (is_array($notes) ? $notes : [] as $row) {
            Note::query()->create(['clutch_job_id' => $job->id, 'station' => $text($row, 'station'), 'text' => $text($row, 'text'), 'by_name' => $text($row, 'by') !== '' ? $text($row, 'by') : $by, 'at' => $when($row)]);
        }
    }

    /** A sheet signed somewhere stays locked here, as the exact file it came as; its signature is shown as stated, not vouched for. */
    private static function freezeIfSigned(Job $job, Document $document, string $json): void
    {
        $signed = $document->get(['signed']);
        if ($signed instanceof \stdClass && is_string($signed->by ?? null)) {
            SignedSheet::query()->create(['clutch_job_id' => $job->id, 'json' => $json, 'sha256' => hash('sha256', $json), 'elsewhere' => true, 'by_name' => $signed->by, 'at' => now()]);
        }
    }
}
