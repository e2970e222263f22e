<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\JobFacts;
use App\Models\Vehicle;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use Spindle\History\NextCheck;
use Spindle\History\Pace;

/** Vehicles that are to be looked at again: by the day that was said, or by how far the vehicle goes in a day. */
final readonly class ChecksDue
{
    private const MOST = 300;

    private function __construct(public JobFacts $facts, public Vehicle $vehicle, public DateTimeImmutable $on, public bool $isByDistance)
    {
    }

    /** @return list<self> the earliest first; a vehicle that was here since is not due */
    public static function until(DateTimeImmutable $day): array
    {
        /** @var Collection<int, JobFacts> $facts */
        $facts = JobFacts::query()->with('job.vehicle')
            ->where('signed_at', '>', $day->modify('-'.NextCheck::FORGOTTEN.' days')->format('Y-m-d'))
            ->where(static fn ($q) => $q->whereNotNull('check_on')->orWhereNotNull('check_at'))
            ->whereNotExists(static fn ($later) => $later->from('clutch_jobs as later')
                ->whereColumn('later.vehicle_id', 'job_facts.vehicle_id')->whereColumn('later.id', '>', 'job_facts.clutch_job_id'))
            ->orderByDesc('signed_at')->limit(self::MOST)->get();
        $rates = self::rates($facts);
        $due = [];
        foreach ($facts as $one) {
            $next = NextCheck::of(
                $one->check_on ?? '', $one->check_at, $one->meter, $one->signed_at?->toDateTimeImmutable(),
                $rates[$one->vehicle_id] ?? null,
            );
            if ($next !== null && $next->on <= $day) {
                $due[] = new self($one, $one->job->vehicle, $next->on, $next->isByDistance);
            }
        }
        usort($due, static fn (self $a, self $b): int => $a->on <=> $b->on);

        return $due;
    }

    /**
     * How far each vehicle goes in a day, between its last two signed jobs.
     *
     * @param  Collection<int, JobFacts>  $facts
     * @return array<int, float>
     */
    private static function rates(Collection $facts): array
    {
        $rates = [];
        $before = JobFacts::query()->whereIn('vehicle_id', $facts->pluck('vehicle_id'))->whereNotNull('signed_at')->whereNotNull('meter')
            ->orderBy('signed_at')->get()->groupBy('vehicle_id');
        foreach ($before as $vehicle => $jobs) {
            $last = $jobs->last();
            $previous = $jobs->slice(-2, 1)->first();
            $pace = $previous?->signed_at === null || $last?->signed_at === null || $last === $previous ? null : Pace::between(
                $previous->signed_at->toDateTimeImmutable(), (float) $previous->meter, $last->signed_at->toDateTimeImmutable(),
                (float) $last->meter,
            );
            if ($pace !== null) {
                $rates[(int) $vehicle] = $pace;
            }
        }

        return $rates;
    }
}
