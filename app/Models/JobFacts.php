<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Spindle\Vehicle\VehicleClass;

/**
 * What a job comes to, as the write that changed it worked it out: history and plan read this and assess nothing. Distances in km, of a
 * tractor in hours.
 *
 * @property int $clutch_job_id
 * @property int $vehicle_id
 * @property string $class
 * @property string $model
 * @property string|null $duty
 * @property string $outcome
 * @property string $kit number of what was fitted; empty where nothing was
 * @property float|null $meter odometer or hour meter
 * @property float|null $since distance or hours since the old clutch was fitted
 * @property float|null $worn lining it lost, mm
 * @property float|null $usable lining it had, mm
 * @property float|null $planned hours of work as expected
 * @property float|null $taken hours of work as recorded
 * @property array<string, float> $hours recorded, by task
 * @property list<string> $causes
 * @property array<string, string> $marks findings that were near or out, with which
 * @property array<string, array{value: float, min: float|null, max: float|null}> $figures judged, by finding
 * @property array{kit?: string, complaint?: string, words?: string, step?: float, found?: array<string, string>}|null $told what pages of
 *     other jobs say of it: the kit by name, free words, the step its wear is written in, findings with their verdicts; nothing where an
 *     earlier version wrote the row
 * @property string|null $check_on
 * @property float|null $check_at
 * @property string|null $wear_of lining and duty that it tells the wear of
 * @property float|null $wear_k mm³ for each MJ of heat
 * @property Carbon|null $signed_at
 * @property-read Job $job
 */
final class JobFacts extends Row
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'clutch_job_id';

    protected $table = 'job_facts';

    protected $fillable = [
        'clutch_job_id', 'vehicle_id', 'class', 'model', 'duty', 'outcome', 'kit', 'meter', 'since', 'worn', 'usable', 'planned', 'taken',
        'hours', 'causes', 'marks', 'figures', 'check_on', 'check_at', 'signed_at', 'told', 'wear_of', 'wear_k', 'solved_cause', 'solved',
    ];

    /** A tractor counts hours, everything else distance. */
    public function isByHours(): bool
    {
        return $this->class === VehicleClass::Tractor->value;
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }

    protected function casts(): array
    {
        return [...array_fill_keys(['hours', 'causes', 'marks', 'figures', 'told'], 'array'), 'signed_at' => 'datetime'];
    }
}
