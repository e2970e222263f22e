<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Job;
use App\Models\Note;
use App\Models\Photo;
use App\Models\Vehicle;
use App\Sheets\SheetRows;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Spindle\Sheet\Document;
use Spindle\Sheet\SheetError;

/**
 * A signed job as its file has it: entries, notes, waivers, kit, photos and the vehicle of that day. Whatever is stored beside the
 * file, and whatever changed since, does not reach it. It is for showing, and is never saved.
 */
final class SignedJob
{
    /** @throws SheetError when the file is no possible job sheet */
    public static function of(Job $job, Document $document): Job
    {
        $elsewhere = $job->signedSheet !== null && $job->signedSheet->elsewhere;
        $rows = $elsewhere ? SheetRows::ofForeign($document) : SheetRows::toShow($document);
        $units = $document->get(['units']);
        $kept = (new Job())->setRawAttributes(
            [...$job->getAttributes(), 'units' => is_string($units) ? $units : 'metric', 'base_sheet' => null],
            true,
        );
        $kept->exists = true;

        return $kept->setRelations([
            'vehicle' => self::vehicle($job, $document),
            'readings' => new Collection($rows->readings),
            'waivers' => new Collection($rows->waivers),
            'notes' => new Collection($rows->notes),
            'kitChoice' => $rows->kit,
            'photos' => $elsewhere ? new Collection() : self::photos($job, $document),
            'signedSheet' => $job->signedSheet,
        ]);
    }

    /** @return Collection<int, Note> what was added after sign-off; printed apart */
    public static function additions(Job $job): Collection
    {
        return Note::query()->where('clutch_job_id', $job->id)->where('after_signing', true)->orderBy('id')->get();
    }

    private static function vehicle(Job $job, Document $document): Vehicle
    {
        $text = static fn (string $name): string => is_string($given = $document->get(['vehicle', $name])) ? $given : '';
        $vehicle = (new Vehicle())->setRawAttributes(
            [
                'id' => $job->vehicle_id,
                'name' => $text('name'),
                'plate' => $text('plate'),
                'number' => $text('number'),
                'class' => $text('class'),
            ],
            true,
        );
        $vehicle->exists = true;

        return $vehicle;
    }

    /** @return Collection<int, Photo> those the file names; of a file from before it named any, those that were there when it was signed */
    private static function photos(Job $job, Document $document): Collection
    {
        $named = $document->get(['photos']);
        $photos = Photo::query()->where('clutch_job_id', $job->id)->orderBy('id')->get();
        if (! is_array($named)) {
            return $photos->filter(
                static fn (Photo $p): bool => $job->signedSheet?->at instanceof Carbon && $p->at <= $job->signedSheet->at,
            );
        }
        $files = array_map(
            static fn (mixed $row): string => $row instanceof \stdClass && is_string($row->sha256 ?? null) ? $row->sha256 : '',
            $named,
        );

        return $photos->filter(static fn (Photo $p): bool => in_array($p->sha256, $files, true));
    }
}
