<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\JobFacts;
use App\Models\Vehicle;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Spindle\History\NextCheck;
use Spindle\History\Pace;

/** Vehicles that are to be looked at again: by the day that was said, or by how far the vehicle goes in a day. */
final readonly class ChecksDue
{
    private function __construct(public JobFacts $facts, public Vehicle $vehicle, public DateTimeImmutable $on, public bool $isByDistance)
    {
    }

    /** @return list<self> the earliest first; a vehicle that was here since is not due */
    public static function until(DateTimeImmutable $day): array
    {
        $rows = self::asked($day)->get(['clutch_job_id', 'vehicle_id', 'check_on', 'check_at', 'meter', 'signed_at'])->all();
        $rates = self::rates(array_column(array_filter($rows, static fn (object $row): bool => $row->check_at !== null), 'vehicle_id'));
        $next = [];
        foreach ($rows as $row) {
            $check = NextCheck::of(
                $row->check_on ?? '', $row->check_at, $row->meter, new DateTimeImmutable($row->signed_at), $rates[$row->vehicle_id] ?? null,
            );
            if ($check !== null && $check->on <= $day) {
                $next[(int) $row->clutch_job_id] = $check;
            }
        }
        $due = [];
        foreach (JobFacts::query()->with('job.vehicle')->findMany(array_keys($next)) as $facts) {
            $check = $next[$facts->clutch_job_id];
            $due[] = new self($facts, $facts->job->vehicle, $check->on, $check->isByDistance);
        }
        usort($due, static fn (self $a, self $b): int => $a->on <=> $b->on);

        return $due;
    }

    /**
     * Who is called first: who is due from today on, the earliest first; then who did not come, the last one first.
     *
     * @param  list<self>  $due
     * @return list<self>
     */
    public static function inTurn(array $due, DateTimeImmutable $today): array
    {
        // A day is said without its hours, whatever the shop's clock says of midnight.
        $isMissed = static fn (self $one): bool => $one->on->format('Y-m-d') < $today->format('Y-m-d');

        return [
            ...array_filter($due, static fn (self $one): bool => ! $isMissed($one)), ...array_reverse(array_filter($due, $isMissed)),
        ];
    }

    /** Jobs whose check may fall before a day: one was said, or the meter can tell because the vehicle was here before. */
    private static function asked(DateTimeImmutable $day): Builder
    {
        return DB::table('job_facts')
            ->where('signed_at', '>', $day->modify('-'.NextCheck::FORGOTTEN.' days')->format('Y-m-d'))
            ->where(static fn (Builder $said) => $said
                ->where(static fn (Builder $on) => $on->whereRaw('length(check_on) = 10')->where('check_on', '<=', $day->format('Y-m-d')))
                ->orWhere(static fn (Builder $at) => $at->whereNotNull('check_at')->whereNotNull('meter')
                    ->whereExists(static fn (Builder $before) => $before->from('job_facts as before')
                        ->whereColumn('before.vehicle_id', 'job_facts.vehicle_id')
                        ->whereColumn('before.clutch_job_id', '!=', 'job_facts.clutch_job_id')
                        ->whereNotNull('before.signed_at')->whereNotNull('before.meter'))))
            ->whereNotExists(static fn (Builder $later) => $later->from('clutch_jobs as later')
                ->whereColumn('later.vehicle_id', 'job_facts.vehicle_id')->whereColumn('later.id', '>', 'job_facts.clutch_job_id'));
    }

    /**
     * How far each vehicle goes in a day, between its last two signed jobs.
     *
     * @param  list<int>  $vehicles
     * @return array<int, float>
     */
    private static function rates(array $vehicles): array
    {
        $visits = [];
        $signed = DB::table('job_facts')->whereIntegerInRaw('vehicle_id', $vehicles)->whereNotNull('signed_at')->whereNotNull('meter')
            ->orderBy('signed_at')->get(['vehicle_id', 'meter', 'signed_at']);
        foreach ($signed as $visit) {
            $visits[(int) $visit->vehicle_id][] = $visit;
        }
        $rates = [];
        foreach ($visits as $vehicle => $all) {
            [$previous, $last] = [$all[count($all) - 2] ?? null, $all[count($all) - 1]];
            $pace = $previous === null ? null : Pace::between(
                new DateTimeImmutable($previous->signed_at), (float) $previous->meter, new DateTimeImmutable($last->signed_at),
                (float) $last->meter,
            );
            if ($pace !== null) {
                $rates[$vehicle] = $pace;
            }
        }

        return $rates;
    }
}
