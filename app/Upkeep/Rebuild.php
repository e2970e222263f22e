<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Changes\WriteStanding;
use App\Models\Job;
use App\Models\JobStanding;
use App\Shelf\ShelfRebuild;
use Illuminate\Support\Facades\DB;

/** What hangs on the program's version and is kept with the data: it is worked out anew after migrating, by one command. */
final class Rebuild
{
    /** @return array{int, int} how many jobs, and how many of all cannot be shown */
    public static function standings(bool $onlyMissing = false): array
    {
        $jobs = Job::query()
            ->when($onlyMissing, static fn ($query) => $query->whereDoesntHave('standing'))
            ->orderBy('id')
            ->pluck('id');
        foreach ($jobs as $id) {
            WriteStanding::anew((int) $id);
        }

        return [$jobs->count(), JobStanding::query()->where('broken', '!=', '')->count()];
    }

    /** @return array{int, int} how many kits were worked out, and how many cannot be read */
    public static function shelf(): array
    {
        return ShelfRebuild::all();
    }

    /** @return list<string> what waits for it, in words */
    public static function missing(): array
    {
        $jobs = DB::table('clutch_jobs')->whereNotExists(static fn ($q) => $q->from('job_facts')
            ->whereColumn('job_facts.clutch_job_id', 'clutch_jobs.id'))
            ->whereNotExists(static fn ($q) => $q->from('job_standings')
                ->whereColumn('job_standings.clutch_job_id', 'clutch_jobs.id')->where('broken', '<>', ''))
            ->count();
        // Versions before kept words and formatted numbers here, and nothing that is told of a job elsewhere.
        $worded = DB::table('job_standings')->where('worst', '<>', '')->where('worst', '<>', JobStanding::READY)
            ->where('worst', 'not like', 'out %')->count() + DB::table('job_facts')->whereNull('told')->count();
        // A kit that states nothing else states its number.
        $kits = DB::table('kits')->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')
            ->where(static fn ($q) => $q->whereNull('gaps')->orWhere('facts', '{}'))->where('data', '<>', '{}')->count();

        return array_values(array_filter([
            $jobs === 0 ? '' : "{$jobs} jobs do not say what they stand at; php artisan shop:rebuild.",
            $worded === 0 ? '' : "{$worded} rows of the lists are as another version wrote them; php artisan shop:rebuild.",
            $kits === 0 ? '' : "{$kits} kits are not worked out for this version; php artisan shop:rebuild.",
        ], static fn (string $said): bool => $said !== ''));
    }
}
