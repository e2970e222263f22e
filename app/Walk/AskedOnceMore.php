<?php

declare(strict_types=1);

namespace App\Walk;

use App\Changes\PostedEntries;
use App\Models\Job;
use App\Models\Reading;
use App\Readings\CurrentReadings;
use Closure;
use Illuminate\Support\Facades\DB;
use Spindle\Limit\Said;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Entry;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\TypedEntry;
use Spindle\Walk\Unusual;

/** Whether a reading that was just sent is to be taken once more before it counts. */
final class AskedOnceMore
{
    /** What was read on other vehicles: so many of the last. */
    private const MOST = 60;

    /**
     * The sheet is asked for only where the reading would be far off with an instrument that never errs: most are not.
     *
     * @param  Closure(): JobSheet  $sheet  of the job as it stands, for how far its instruments are trusted
     * @param  string  $once  what came out the first time; empty where it is that
     */
    public static function of(Job $job, Closure $sheet, PostedEntries $posted, string $once): ?Said
    {
        $read = self::read($job, $posted, $posted->typed);
        if ($read === null) {
            return null;
        }
        $quantity = static fn (float $value): Quantity => $read->quantity::of($value);
        $others = [array_map($quantity, self::beside($job, $posted)), array_map($quantity, self::onModel($job, $posted))];
        $unusual = static fn (?Quantity $doubt): ?Said => Unusual::of(new AsRead($read->quantity, $read->resolution), $doubt, ...$others);
        if ($unusual(null) === null) {
            return null;
        }
        $doubt = $sheet()->uncertaintyOf($posted->field->key, $read->quantity);
        $first = $once === '' ? null : self::read($job, $posted, $once);
        if ($first !== null && Unusual::isSame($first->quantity, $read->quantity, $doubt)) {
            return null;
        }

        return $unusual($doubt);
    }

    /** Nothing where it is no measured quantity, or none at all: whoever takes it says so. */
    private static function read(Job $job, PostedEntries $posted, string $typed): ?Entry
    {
        if (! $posted->field->isMeasured() || trim($typed) === '') {
            return null;
        }
        try {
            return TypedEntry::read(
                $posted->field, trim($typed), $posted->field->label, $posted->field->defaultUnit(UnitSystem::from($job->units)),
            );
        } catch (SheetError) {
            return null;
        }
    }

    /** @return list<float> at the other places of the same */
    private static function beside(Job $job, PostedEntries $posted): array
    {
        if ($posted->field->mostPlaces() === 1) {
            return [];
        }
        $rows = (new CurrentReadings($job->readings()->where('field', $posted->field->key)->get()))->filled($posted->field->key);
        unset($rows[$posted->position]);

        return array_values(array_filter(array_map(static fn (Reading $r): ?float => $r->value, $rows), is_float(...)));
    }

    /** @return list<float> the last entry of each place on other jobs of vehicles of the same name */
    private static function onModel(Job $job, PostedEntries $posted): array
    {
        if (! Unusual::isAlikeOnModel($posted->field)) {
            return [];
        }
        $rows = DB::table('vehicles')->join('clutch_jobs', 'clutch_jobs.vehicle_id', '=', 'vehicles.id')
            ->join('readings', 'readings.clutch_job_id', '=', 'clutch_jobs.id')
            ->where('vehicles.name', $job->vehicle->name)->where('clutch_jobs.vehicle_id', '!=', $job->vehicle_id)
            ->where('readings.field', $posted->field->key)->where('readings.kind', Reading::ENTRY)->whereNotNull('readings.value')
            ->orderByDesc('readings.id')->limit(self::MOST)->get(['clutch_jobs.id as job', 'readings.position', 'readings.value']);
        $last = [];
        foreach ($rows as $row) {
            $last["{$row->job}|{$row->position}"] ??= (float) $row->value;
        }

        return array_values($last);
    }
}
