<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use Spindle\Sheet\Field;

/** Keeps what a vehicle is found by in step with what its newest job says of it. */
final class VehicleOfJob
{
    private const FOLLOWED = [
        'vehicle.name' => 'name',
        'vehicle.plate' => 'plate',
        'vehicle.number' => 'number',
        'vehicle.class' => 'class',
    ];

    public static function follow(Job $job, Field $field, string $typed): void
    {
        $column = self::FOLLOWED[$field->key] ?? null;
        if (
            $column === null ||
            $typed === '' ||
            Job::query()->where('vehicle_id', $job->vehicle_id)->where('id', '>', $job->id)->exists()
        ) {
            return;
        }
        $job->vehicle->update([$column => $typed]);
    }
}
