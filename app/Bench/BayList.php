<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Vehicle;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;

/** The vehicles of the bay, those worked on last first, each with its jobs and what they stand at. Nothing is assessed to draw it. */
final readonly class BayList
{
    private const ON_A_PAGE = 24;

    /**
     * @param  LengthAwarePaginator<int, Vehicle>  $vehicles
     * @param  array<int, list<Job>>  $jobs  by vehicle, newest first, each with its standing
     */
    private function __construct(public LengthAwarePaginator $vehicles, public array $jobs)
    {
    }

    public static function matching(string $search, int $page): self
    {
        $vehicles = Vehicle::query()
            ->when($search !== '', static function (Builder $query) use ($search): void {
                Vehicle::narrow($query, $search);
            })
            ->withMax('jobs as last_worked', 'updated_at')
            ->orderByDesc('last_worked')->orderByDesc('id')
            ->paginate(self::ON_A_PAGE, page: $page)->withPath(route('bay'))->withQueryString();
        $jobs = [];
        /** @var Job $job */
        foreach (Job::query()->with('standing')->whereIn('vehicle_id', $vehicles->pluck('id'))->orderByDesc('id')->get() as $job) {
            $jobs[$job->vehicle_id][] = $job;
        }

        return new self($vehicles, $jobs);
    }
}
