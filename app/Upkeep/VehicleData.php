<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Audit\AuditEntry;
use App\Files\JobArchive;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Vehicle;
use App\Store\Temporary;
use ZipArchive;

/** Everything that is kept of one vehicle, for whoever asks what is known of them: each job with all of it, and what the log says. */
final class VehicleData
{
    /** @return string path of a file that whoever asked removes */
    public static function write(Vehicle $vehicle): string
    {
        $archives = [];
        try {
            return Temporary::filled('vehicle', static function (string $path) use ($vehicle, &$archives): void {
                self::fill($path, $vehicle, $archives);
            });
        } finally {
            array_map(unlink(...), $archives);
        }
    }

    /** @param  list<string>  $archives  files that are in it only once it is closed */
    private static function fill(string $path, Vehicle $vehicle, array &$archives): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw BackupError::cannotWrite($path);
        }
        foreach (Job::query()->where('vehicle_id', $vehicle->id)->orderBy('id')->pluck('id')->all() as $id) {
            $job = Job::whole((int) $id);
            $archives[] = $archive = JobArchive::write(AssessedJob::of($job));
            $zip->addFile($archive, "{$job->label()}.zip");
        }
        $zip->addFromString('vehicle.json', self::json([
            'name' => $vehicle->name, 'plate' => $vehicle->plate, 'number' => $vehicle->number, 'class' => $vehicle->class,
            'known_since' => $vehicle->created_at?->toIso8601ZuluString(),
        ]));
        $zip->addFromString('log.json', self::json(self::log($vehicle)));
        if (! $zip->close()) {
            throw BackupError::cannotWrite($path);
        }
    }

    /** @return list<array{at: string|null, who: string, said: string}> */
    private static function log(Vehicle $vehicle): array
    {
        /** @var list<int> $jobs */
        $jobs = Job::query()->where('vehicle_id', $vehicle->id)->pluck('id')->all();
        $entries = AuditEntry::about(Job::class, $jobs)->concat(AuditEntry::about(Vehicle::class, [$vehicle->id]))->sortBy('id');
        $lines = [];
        foreach ($entries as $entry) {
            $lines[] = ['at' => $entry->created_at?->toIso8601ZuluString(), 'who' => $entry->who(), 'said' => $entry->description];
        }

        return $lines;
    }

    /** @param  array<mixed>  $data */
    private static function json(array $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
