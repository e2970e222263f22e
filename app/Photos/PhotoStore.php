<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use App\Store\InTurn;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Keeps a picture with its job: the file is on the disk before the row that names it, and neither is left without the other for long. */
final readonly class PhotoStore
{
    public function __construct(private Job $job, private User $by)
    {
    }

    /** Whether it was kept; not on a job that was signed meanwhile. */
    public function keep(CleanPicture $picture, string $station, ?string $part, string $caption): bool
    {
        $name = "photos/{$this->job->id}-".Str::random(24).'.jpg';
        self::write(Storage::disk('local')->path($name), $picture->jpeg);
        $kept = InTurn::do(function () use ($picture, $station, $part, $caption, $name): bool {
            $job = Job::query()->with('signedSheet')->findOrFail($this->job->id);
            if ($job->isSigned()) {
                return false;
            }
            Photo::query()->create([
                'clutch_job_id' => $job->id,
                'station' => $station,
                'part' => $part,
                'caption' => $caption,
                'file' => $name,
                'width' => $picture->width,
                'height' => $picture->height,
                'sha256' => hash('sha256', $picture->jpeg),
                'by_name' => $this->by->name,
                'at' => now(),
            ]);
            $job->touch();

            return true;
        });
        if (! $kept) {
            Storage::disk('local')->delete($name);
        }

        return $kept;
    }

    /** Under another name first, and synced: after a power cut there is the whole file under its name, or none. */
    private static function write(string $path, string $bytes): void
    {
        if (! is_dir(dirname($path))) {
            mkdir(dirname($path), 0700, true);
        }
        $handle = fopen("{$path}.part", 'wb') ?: throw PhotoError::notStored();
        $isWhole = fwrite($handle, $bytes) === strlen($bytes) && fflush($handle) && fsync($handle);
        fclose($handle);
        if (! $isWhole || ! rename("{$path}.part", $path)) {
            @unlink("{$path}.part");
            throw PhotoError::notStored();
        }
    }
}
