<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Vehicle;
use App\Models\Waiver;
use App\Sheets\SheetRows;
use App\Sheets\StatedElsewhere;
use App\Store\InTurn;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Verdict;
use Spindle\Sheet\ConcessionBasis;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Schema;
use Spindle\Sheet\SheetError;
use Spindle\Vehicle\VehicleClass;

/**
 * Takes a job sheet in: the file's log of entries where it has one, then its values, so that it goes out again unchanged.
 *
 * Everything is read and tried out before the turn to write is taken; what is left to do in turn is to store the rows.
 */
final readonly class SheetImport
{
    /** Where a file is at odds with the vehicle it would join. */
    public const OTHER_NAME = 'vehicle.name';

    /** Rows stored with one statement. */
    private const AT_ONCE = 400;

    public function __construct(private User $by)
    {
    }

    /** @throws SheetError when the file is not a possible job sheet, or could not be shown; nothing is stored then */
    public function import(string $json, bool $isSameVehicle = false): Job
    {
        $document = Document::ofJson($json);
        $isSameVehicle || self::checkName($document);
        // Judged as it came, so that what cannot be is refused whoever it would have counted for.
        JobSheet::of($document, Subjects::dictionary());
        $kept = $document->get(['signed']) instanceof \stdClass ? $document : StatedElsewhere::apart($document);

        return $this->take($kept, $json, SheetRows::ofForeign($kept), true);
    }

    /**
     * A file that was made here, such as the demonstration's: what it says counts as done here, by the people it names.
     *
     * @throws SheetError
     */
    public function importOwn(Document $document): Job
    {
        $rows = SheetRows::ofOwn($document);
        foreach ($rows->readings as $reading) {
            if ($reading->by_name === '') {
                $reading->fill(['by_name' => $this->by->name, 'user_id' => $this->by->id]);
            }
        }
        foreach ([...$rows->waivers, ...$rows->notes, ...($rows->kit === null ? [] : [$rows->kit])] as $row) {
            $row->by_name = $row->by_name === '' ? $this->by->name : $row->by_name;
        }

        return $this->take($document, $document->toJson(), $rows);
    }

    private function take(Document $document, string $json, SheetRows $rows, bool $isForeign = false): Job
    {
        $sheet = JobSheet::of($document, Subjects::dictionary());
        self::validate($json);
        $signed = self::signature($document, $json);
        $job = new Job([
            'units' => $sheet->units->value,
            'base_sheet' => $document->with(['log'], null)->toJson(false),
            'opened_by' => $this->by->name,
            'taken_in_at' => now(),
        ]);
        $vehicle = self::vehicle($sheet);
        $page = self::tryOut($job, $vehicle, $rows, $signed);
        if ($signed === null) {
            self::bind($rows->waivers, $page);
        }
        if ($signed === null && $isForeign && ! $this->by->isLead()) {
            self::holdBack($rows->waivers, $page);
        }

        return InTurn::do(static function () use ($job, $vehicle, $rows, $signed): Job {
            $vehicle = Vehicle::known($vehicle->plate, $vehicle->number) ?? $vehicle;
            $vehicle->save();
            $stored = Job::query()->create([...$job->getAttributes(), 'vehicle_id' => $vehicle->id]);
            self::insert($stored, $rows->readings);
            self::insert($stored, [...$rows->waivers]);
            self::insert($stored, [...$rows->notes]);
            self::insert($stored, [...$rows->kit === null ? [] : [$rows->kit], ...$signed === null ? [] : [$signed]]);
            // What was stored is at hand; reading thousands of rows again would keep others waiting.
            WriteStanding::of(Proof::of(self::whole($stored, $vehicle, $rows, $signed)));

            return $stored;
        });
    }

    /** @throws SheetError when the plate is known here under another name: two vehicles are not made one by a file */
    private static function checkName(Document $document): void
    {
        $text = static fn (string $key): string => is_string($given = $document->get(['vehicle', $key])) ? $given : '';
        $known = Vehicle::known($text('plate'), $text('number'));
        if ($known?->isCalledOtherwise($text('name')) === true) {
            throw SheetError::at(self::OTHER_NAME, "the file says “{$text('name')}”, and here this plate or number is {$known->plate} "
                ."{$known->number}, {$known->name}. Where it is the same vehicle, tick so and take the file in again");
        }
    }

    /** The job as it would be, before anybody waits for it. */
    private static function tryOut(Job $job, Vehicle $vehicle, SheetRows $rows, ?SignedSheet $signed): AssessedJob
    {
        $tried = clone $job;
        $tried->id = 0;
        $tried->vehicle_id = $vehicle->id ?? 0;

        return Proof::of(self::whole($tried, $vehicle, $rows, $signed));
    }

    /**
     * A file lets no more pass than whoever takes it in may: what is out waits for somebody to agree, and what is not passes only while
     * it is not.
     *
     * @param  list<Waiver>  $waivers
     */
    private static function holdBack(array $waivers, AssessedJob $page): void
    {
        foreach ($waivers as $waiver) {
            if ($waiver->reach === Verdict::Out->value) {
                $isOut = $page->assessment->find($waiver->finding)?->verdict === Verdict::Out;
                $waiver->fill($isOut ? ['asked' => true] : ['reach' => Verdict::Unmeasured->value]);
            }
        }
    }

    /**
     * A file that does not say what its waivers were given for gives them for what is found in it.
     *
     * @param  list<Waiver>  $waivers
     */
    private static function bind(array $waivers, AssessedJob $page): void
    {
        foreach ($waivers as $waiver) {
            $found = $page->assessment->find($waiver->finding);
            $waiver->basis = $waiver->basis === '' && $found !== null ? ConcessionBasis::of($found, $page->sheet) : $waiver->basis;
        }
    }

    private static function whole(Job $job, Vehicle $vehicle, SheetRows $rows, ?SignedSheet $signed): Job
    {
        return $job->setRelations([
            'vehicle' => $vehicle,
            'readings' => new Collection($rows->readings),
            'waivers' => new Collection($rows->waivers),
            'notes' => new Collection($rows->notes),
            'photos' => new Collection(),
            'kitChoice' => $rows->kit,
            'signedSheet' => $signed,
        ]);
    }

    /** @param  list<Model>  $rows */
    private static function insert(Job $job, array $rows): void
    {
        $byTable = [];
        foreach ($rows as $row) {
            $row->setAttribute('clutch_job_id', $job->id);
            $byTable[$row::class][] = $row->getAttributes();
        }
        foreach ($byTable as $model => $all) {
            foreach (array_chunk($all, self::AT_ONCE) as $some) {
                $model::query()->insert($some);
            }
        }
    }

    private static function validate(string $json): void
    {
        $validator = new Validator();
        $schema = (string) json_encode(Schema::ofSheet(Subjects::dictionary()));
        $result = $validator->validate(json_decode(str_starts_with($json, "\u{FEFF}") ? substr($json, 3) : $json), $schema);
        $error = $result->error();
        if ($error !== null) {
            $messages = (new ErrorFormatter())->formatFlat(
                $error,
                static fn ($e): string => implode('.', $e->data()->fullPath()).': '.(new ErrorFormatter())->formatErrorMessage($e),
            );
            throw SheetError::unreadable('not valid by the schema: '.end($messages));
        }
    }

    /** The vehicle the file is about, known here or new and not stored yet. */
    private static function vehicle(JobSheet $sheet): Vehicle
    {
        $text = static fn (string $key): string => $sheet->values->word($key) ?? '';

        return Vehicle::known($text('vehicle.plate'), $text('vehicle.number')) ?? new Vehicle([
            'name' => $text('vehicle.name'),
            'plate' => $text('vehicle.plate'),
            'number' => $text('vehicle.number'),
            'class' => $sheet->vehicleClass()->value ?? VehicleClass::Car->value,
        ]);
    }

    /** A sheet signed somewhere stays locked here, as the exact file it came as; its signature is shown as stated, not vouched for. */
    private static function signature(Document $document, string $json): ?SignedSheet
    {
        $signed = $document->get(['signed']);
        if (! ($signed instanceof \stdClass)) {
            return null;
        }

        return new SignedSheet([
            'json' => $json,
            'sha256' => hash('sha256', $json),
            'elsewhere' => true,
            'by_name' => SheetRows::name($signed->by ?? null, 'signed.by'),
            'at' => isset($signed->at) ? SheetRows::moment($signed->at, 'signed.at') : now(),
        ]);
    }
}
