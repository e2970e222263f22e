<?php

declare(strict_types=1);

namespace App\Board;

use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Jobs\ReaderLocale;
use App\Limits\ShopBooks;
use App\Models\Job;
use App\Page\JobPlanning;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Spindle\Limit\Said;
use Spindle\Planning\PlanningError;

/**
 * Promised days to come that no longer stand: of the jobs promised soonest, each with why, and what would save it. A plan is run over the
 * calendar for it, so that it is kept for a while and fetched by a page of its own.
 */
final readonly class AtRisk
{
    private const LOOKED_AT = 12;

    private const MOST = 4;

    private const SECONDS = 1800;

    /** @param  list<string>  $saves */
    private function __construct(public Job $job, public string $said, public string $why, public array $saves)
    {
    }

    /** @return list<self> the soonest first; a job that cannot be shown or planned is not among them, and takes none from the others */
    public static function now(): array
    {
        /** @var Collection<int, Job> $jobs */
        $jobs = Job::query()->with('vehicle')->where('is_open', true)->where('promised_on', '>=', DayBoard::today()->format('Y-m-d'))
            ->orderBy('promised_on')->orderBy('id')->limit(self::LOOKED_AT)->get();
        $all = [];
        foreach ($jobs as $job) {
            $known = self::of($job);
            if ($known !== null && count($all) < self::MOST) {
                $all[] = new self($job, ...$known);
            }
        }

        return $all;
    }

    /** @return array{string, string, list<string>}|null nothing where the day is safe, or nobody can say */
    private static function of(Job $job): ?array
    {
        $key = 'at risk '.hash('xxh128', (string) json_encode([
            $job->id, $job->updated_at, $job->promised_on, now()->format('Y-m-d H'), ShopBooks::now()->rows(),
            // It is said as its reader writes days and numbers.
            ReaderLocale::tag(),
        ]));
        $known = Cache::get($key);
        if (! is_array($known)) {
            $known = [self::worked($job->id)];
            Cache::put($key, $known, self::SECONDS);
        }

        /** @var array{string, string, list<string>}|null */
        return $known[0];
    }

    /** @return array{string, string, list<string>}|null */
    private static function worked(int $id): ?array
    {
        try {
            $page = AssessedJob::of(Job::whole($id));
            $planning = JobPlanning::of($page);
        } catch (JobCannotBeShown|PlanningError) {
            return null;
        }
        $guard = $planning->guard();

        return $guard === null || $guard->isSafe() ? null : [
            $planning->promised(), $guard->why->in($page->display),
            array_map(static fn (Said $one): string => $one->in($page->display), $guard->saves),
        ];
    }
}
