<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use App\Models\Vehicle;
use App\Readings\CurrentReadings;
use App\Sheets\StatedElsewhere;
use App\Store\InTurn;
use Closure;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\CarriedOver;

/** Opens a job: on a vehicle never seen, or on a known one with what does not change between clutches. */
final class OpenJob
{
    public const FROM_THE_KIT = 'from the kit fitted last';

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
            self::settle($job, static function (Job $whole) use ($by): void {
                EnterMakersFigures::into($whole, $by);
            });

            return $job;
        });
    }

    /** @param  Closure(Job): void  $more */
    private static function settle(Job $job, Closure $more): void
    {
        ChangeJob::do($job->id, $more);
        $job->load('readings');
    }

    public static function again(Vehicle $vehicle, User $by): Job
    {
        return InTurn::do(function () use ($vehicle, $by): Job {
            /** @var Job|null $last */
            $last = Job::query()
                ->with(['readings', 'signedSheet', 'kitChoice'])
                ->where('vehicle_id', $vehicle->id)
                ->orderByDesc('id')
                ->first();
            $job = Job::query()->create(['vehicle_id' => $vehicle->id, 'units' => $last->units ?? 'metric', 'opened_by' => $by->name]);
            $seq = 0;
            $current = new CurrentReadings($last === null ? [] : $last->readings);
            // A clutch fitted by the job before is the old clutch of this one.
            $signed = $last->signedSheet ?? null;
            $kit = $signed === null ? null : self::asMeasured($last?->kitChoice?->data, $current);
            $carried = CarriedOver::after(
                Subjects::dictionary(), $kit, static fn (string $meter): string => $current->row($meter)?->written() ?? '',
                $signed?->at->format('Y-m-d') ?? '',
            );
            foreach ($current->fields() as $field) {
                if ($carried->keeps($field)) {
                    // What only a file says, and only the lead puts in force, is not made one's own by opening another job.
                    foreach (array_filter($current->filled($field), static fn (Reading $r): bool => ! StatedElsewhere::holds($r)) as $row) {
                        self::append($job, ++$seq, $field, $row->typed, $by, $row);
                    }
                }
            }
            self::settle($job, static function (Job $whole) use ($by, $carried): void {
                $record = new RecordEntry($whole->id, $by, self::FROM_THE_KIT);
                foreach ($carried->fitted as $field => $typed) {
                    $record->into($whole, Subjects::dictionary()->get($field), 0, $typed, 0, null);
                }
                EnterMakersFigures::into($whole, $by);
            });

            return $job;
        });
    }

    /**
     * @param  array<string, mixed>|null  $kit  as its list has it
     * @return array<string, mixed>|null with what was measured of it on the bench in the place of what the list says
     */
    private static function asMeasured(?array $kit, CurrentReadings $current): ?array
    {
        foreach ($kit === null ? [] : Subjects::dictionary()->byNature->measuredInstead() as $ofList => [$reading]) {
            $row = $current->row($reading);
            if ($row !== null && $row->typed !== '') {
                $kit[substr($ofList, strlen('kit.'))] = $row->written();
            }
        }

        return $kit;
    }

    private static function append(Job $job, int $seq, string $field, string $typed, User $by, ?Reading $like = null): void
    {
        Reading::entered($field, $like->position ?? 0, $typed)->numbered($seq)->like($like)->by($by)->storedIn($job->id);
    }
}
