<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Models\Vehicle;

/** Opens a job: on a vehicle never seen, or on a known one with what does not change between clutches. */
final class OpenJob
{
    /** Carried from the last job of the same vehicle; measured things never are. */
    private const CARRIED = ['vehicle.', 'engine.', 'limits.', 'duty', 'launch.', 'disc.thickness_new', 'disc.usable_per_side', 'flywheel.thickness_min', 'flywheel.measuring_diameter',
        'release.pedal_ratio', 'release.rod_pitch', 'release.master_bore', 'release.slave', 'release.linkage_ratio', 'release.fork_ratio', 'release.light_contact'];

    /** @param  array{name: string, plate: string, number: string, class: string, units: string}  $given */
    public static function forNew(array $given, User $by): Job
    {
        return InTurn::do(function () use ($given, $by): Job {
            $vehicle = Vehicle::query()->create(array_intersect_key($given, array_flip(['name', 'plate', 'number', 'class'])));
            $job = Job::query()->create(['vehicle_id' => $vehicle->id, 'units' => $given['units'], 'opened_by' => $by->name]);
            $seq = 0;
            foreach (['name', 'plate', 'number', 'class'] as $column) {
                if ($given[$column] !== '') {
                    self::append($job, ++$seq, "vehicle.{$column}", $given[$column], $by);
                }
            }

            return $job;
        });
    }

    public static function again(Vehicle $vehicle, User $by): Job
    {
        return InTurn::do(function () use ($vehicle, $by): Job {
            $last = Job::query()->with('readings')->where('vehicle_id', $vehicle->id)->orderByDesc('id')->first();
            $job = Job::query()->create(['vehicle_id' => $vehicle->id, 'units' => $last->units ?? 'metric', 'opened_by' => $by->name]);
            $seq = 0;
            $current = new CurrentReadings($last === null ? [] : $last->readings);
            foreach ($current->fields() as $field) {
                if (self::isCarried($field)) {
                    foreach ($current->filled($field) as $row) {
                        self::append($job, ++$seq, $field, $row->typed, $by, $row);
                    }
                }
            }

            return $job;
        });
    }

    private static function isCarried(string $field): bool
    {
        foreach (self::CARRIED as $start) {
            if (str_starts_with($field, $start)) {
                return true;
            }
        }

        return false;
    }

    private static function append(Job $job, int $seq, string $field, string $typed, User $by, ?Reading $like = null): void
    {
        Reading::query()->create([
            'clutch_job_id' => $job->id, 'seq' => $seq, 'field' => $field, 'position' => $like->position ?? 0, 'kind' => Reading::ENTRY, 'typed' => $typed,
            'value' => $like?->value, 'unit' => $like?->unit, 'is_number' => $like->is_number ?? false, 'instrument' => $like?->instrument,
            'user_id' => $by->id, 'by_name' => $by->name, 'at' => now(),
        ]);
    }
}
