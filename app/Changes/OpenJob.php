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

/** Opens a job: on a vehicle never seen, or on a known one with what does not change between clutches. */
final class OpenJob
{
    /** Carried from the last job of the same vehicle; measured things never are. */
    private const CARRIED = [
        'vehicle.',
        'engine.',
        'limits.',
        'duty',
        'launch.',
        'flywheel.thickness_min',
        'flywheel.measuring_diameter',
        'release.pedal_ratio',
        'release.rod_pitch',
        'release.master_bore',
        'release.slave_bore',
        'release.slave_outer',
        'release.slave_inner',
        'release.slave_stroke_max',
        'release.linkage_ratio',
        'release.fork_ratio',
        'release.light_contact',
    ];

    /** What the disc and cover on the vehicle were when new: carried while they are the same, taken from the kit once one was fitted. */
    private const OF_THE_KIT = [
        'disc.thickness_new' => 'thickness_new',
        'disc.usable_per_side' => 'usable_per_side',
        'disc2.thickness_new' => 'thickness_new',
        'disc2.usable_per_side' => 'usable_per_side',
        'cover.clamp_load_new' => 'clamp_load',
    ];

    public const FROM_THE_KIT = 'from the kit fitted last';

    /** What the meters showed when a clutch was fitted, so that the next job knows how far it ran. */
    private const METERS = ['odometer', 'hour_meter'];

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
            $kit = $last?->isSigned() === true ? $last->kitChoice?->data : null;
            foreach ($current->fields() as $field) {
                if (self::isCarried($field) || ($kit === null && isset(self::OF_THE_KIT[$field]))) {
                    // What only a file says, and only the lead puts in force, is not made one's own by opening another job.
                    foreach (array_filter($current->filled($field), static fn (Reading $r): bool => ! StatedElsewhere::holds($r)) as $row) {
                        self::append($job, ++$seq, $field, $row->typed, $by, $row);
                    }
                }
            }
            foreach (self::METERS as $meter) {
                $read = $kit === null ? null : $current->row($meter);
                if ($read !== null && $read->typed !== '') {
                    self::append($job, ++$seq, "{$meter}_at_fitting", $read->typed, $by, $read);
                }
            }
            self::settle($job, static function (Job $whole) use ($by, $kit): void {
                $record = new RecordEntry($whole->id, $by, self::FROM_THE_KIT);
                foreach ($kit === null ? [] : self::newParts($kit) as $field => $typed) {
                    $record->into($whole, Subjects::dictionary()->get($field), 0, $typed, 0, null);
                }
                EnterMakersFigures::into($whole, $by);
            });

            return $job;
        });
    }

    /**
     * @param  array<string, mixed>  $kit
     * @return array<string, string> text by field
     */
    private static function newParts(array $kit): array
    {
        $fields =
            ($kit['discs'] ?? 1) === 1
                ? array_filter(
                    self::OF_THE_KIT,
                    static fn (string $field): bool => ! str_starts_with($field, 'disc2.'),
                    ARRAY_FILTER_USE_KEY,
                )
                : self::OF_THE_KIT;

        $text = static function (string $name) use ($kit): string {
            $given = $kit[$name] ?? null;
            $unit =
                Subjects::dictionary()
                    ->get("kit.{$name}")
                    ->dimension?->baseUnit()->symbol ?? '';

            return is_int($given) || is_float($given) ? trim(json_encode($given)." {$unit}") : (is_string($given) ? $given : '');
        };

        return array_filter(array_map($text, $fields), static fn (string $text): bool => $text !== '');
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
            'clutch_job_id' => $job->id,
            'seq' => $seq,
            'field' => $field,
            'position' => $like->position ?? 0,
            'kind' => Reading::ENTRY,
            'typed' => $typed,
            'value' => $like?->value,
            'unit' => $like?->unit,
            'is_number' => $like->is_number ?? false,
            'instrument' => $like?->instrument,
            'user_id' => $by->id,
            'by_name' => $by->name,
            'at' => now(),
        ]);
    }
}
