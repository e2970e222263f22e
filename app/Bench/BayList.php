<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Vehicle;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;

/** The vehicles of the bay, those worked on last first, each with its benches. */
final readonly class BayList
{
    private const ON_A_PAGE = 24;

    /**
     * @param  LengthAwarePaginator<int, Vehicle>  $vehicles
     * @param  array<int, list<Bench>>  $benches  by vehicle, newest first
     */
    private function __construct(public LengthAwarePaginator $vehicles, public array $benches)
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
        $benches = [];
        foreach (Job::query()->with(Job::WHOLE)->whereIn('vehicle_id', $vehicles->pluck('id'))->orderByDesc('id')->get() as $job) {
            $benches[$job->vehicle_id][] = Bench::of($job);
        }

        return new self($vehicles, $benches);
    }
}
