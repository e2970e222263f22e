<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\KitChoice;
use App\Models\Note;
use App\Models\Photo;
use App\Models\Reading;
use App\Models\Vehicle;
use App\Models\Waiver;
use App\Sheets\SheetRows;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Spindle\Sheet\Document;
use Spindle\Sheet\SheetError;

/**
 * A signed job as its file has it: entries, notes, waivers, kit, photos and the vehicle of that day. Whatever is stored beside the
 * file, and whatever changed since, does not reach it. It is for showing, and is never saved.
 *
 * @phpstan-type Rows array{
 *     units: string, vehicle: array<string, string>, readings: list<array<string, mixed>>, waivers: list<array<string, mixed>>,
 *     notes: list<array<string, mixed>>, kit: array<string, mixed>|null, photos: list<string>|null,
 * }
 */
final class SignedJob
{
    /**
     * What the file says, as rows of plain values that can be kept.
     *
     * @return Rows
     *
     * @throws SheetError when the file is no possible job sheet
     */
    public static function rows(Document $document, bool $isFromElsewhere): array
    {
        $rows = $isFromElsewhere ? SheetRows::ofForeign($document) : SheetRows::toShow($document);
        $units = $document->get(['units']);
        $text = static fn (string $name): string => is_string($given = $document->get(['vehicle', $name])) ? $given : '';
        $plain = static fn (Model $row): array => $row->getAttributes();

        return [
            'units' => is_string($units) ? $units : 'metric',
            'vehicle' => ['name' => $text('name'), 'plate' => $text('plate'), 'number' => $text('number'), 'class' => $text('class')],
            'readings' => array_map($plain, $rows->readings),
            'waivers' => array_map($plain, $rows->waivers),
            'notes' => array_map($plain, $rows->notes),
            'kit' => $rows->kit === null ? null : $plain($rows->kit),
            'photos' => $isFromElsewhere ? [] : self::named($document->get(['photos'])),
        ];
    }

    /** @param  Rows  $rows */
    public static function of(Job $job, array $rows): Job
    {
        $kept = (new Job())->setRawAttributes([...$job->getAttributes(), 'units' => $rows['units'], 'base_sheet' => null], true);
        $kept->exists = true;

        return $kept->setRelations([
            'vehicle' => (new Vehicle())->newFromBuilder(['id' => $job->vehicle_id, ...$rows['vehicle']]),
            'readings' => Reading::query()->hydrate($rows['readings']),
            'waivers' => Waiver::query()->hydrate($rows['waivers']),
            'notes' => Note::query()->hydrate($rows['notes']),
            'kitChoice' => $rows['kit'] === null ? null : (new KitChoice())->newFromBuilder($rows['kit']),
            'photos' => self::photos($job, $rows['photos']),
            'signedSheet' => $job->signedSheet,
        ]);
    }

    /** @return Collection<int, Note> what was added after sign-off; printed apart */
    public static function additions(Job $job): Collection
    {
        return Note::query()->where('clutch_job_id', $job->id)->where('after_signing', true)->orderBy('id')->get();
    }

    /** @return list<string>|null the files it names; nothing where it is from before it named any */
    private static function named(mixed $photos): ?array
    {
        return is_array($photos) ? array_values(array_map(
            static fn (mixed $row): string => $row instanceof \stdClass && is_string($row->sha256 ?? null) ? $row->sha256 : '', $photos,
        )) : null;
    }

    /**
     * @param  list<string>|null  $named
     * @return Collection<int, Photo> those the file names; where it is from before it named any, those that were there when it was signed
     */
    private static function photos(Job $job, ?array $named): Collection
    {
        if ($named === []) {
            return new Collection();
        }
        $photos = Photo::query()->where('clutch_job_id', $job->id)->orderBy('id')->get();

        return $named === null
            ? $photos->filter(static fn (Photo $p): bool => $job->signedSheet?->at instanceof Carbon && $p->at <= $job->signedSheet->at)
            : $photos->filter(static fn (Photo $p): bool => in_array($p->sha256, $named, true));
    }
}
