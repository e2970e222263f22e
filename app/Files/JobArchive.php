<?php

declare(strict_types=1);

namespace App\Files;

use App\Jobs\AssessedJob;
use App\Models\Photo;
use App\Store\Temporary;
use ZipArchive;

/** A job with everything of it in one archive: the sheet, the readings, the printed sheet, what is due, its photos. */
final class JobArchive
{
    /** @return string path of a file that whoever asked removes */
    public static function write(AssessedJob $page): string
    {
        return Temporary::filled('job', static fn (string $path) => self::fill($path, $page));
    }

    private static function fill(string $path, AssessedJob $page): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('the archive cannot be written');
        }
        foreach (JobFile::cases() as $file) {
            $contents = $file->contents($page);
            if ($contents !== null) {
                $zip->addFromString($file->value, $contents);
            }
        }
        /** @var Photo $photo */
        foreach (Photo::query()->where('clutch_job_id', $page->job->id)->orderBy('id')->get() as $photo) {
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
