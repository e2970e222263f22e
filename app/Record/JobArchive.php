<?php

declare(strict_types=1);

namespace App\Record;

use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Photo;
use App\Sheets\ReadingsCsv;
use App\Sheets\SheetBuilder;
use App\Store\Csv;
use App\Store\Temporary;
use ZipArchive;

/** A job with everything of it in one archive: the sheet, the readings, the printed sheet, what is due, its photos. */
final class JobArchive
{
    /** @return string path of a file that whoever asked removes */
    public static function write(Job $job, AssessedJob $page): string
    {
        return Temporary::filled('job', static fn (string $path) => self::fill($path, $job, $page));
    }

    private static function fill(string $path, Job $job, AssessedJob $page): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('the archive cannot be written');
        }
        $zip->addFromString('sheet.json', $job->signedSheet->json ?? SheetBuilder::withLog($job, $page->document)->toJson());
        $zip->addFromString('readings.csv', Csv::text(
            ReadingsCsv::rows($page->sheet, $page->current, $page->assessment, $page->display),
        ));
        $zip->addFromString('sheet.pdf', PrintedSheet::of($page));
        $calendar = Appointments::of($page);
        if ($calendar !== null) {
            $zip->addFromString('due.ics', $calendar->serialize());
        }
        /** @var Photo $photo */
        foreach ($job->photos()->get() as $photo) {
            $file = $photo->picture();
            if ($file !== null) {
                $zip->addFromString('photos/'.basename($photo->file), $file);
            }
        }
        if (! $zip->close()) {
            throw new \RuntimeException('the archive cannot be written');
        }
    }
}
