<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Job;
use App\Models\Kit;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Spindle\Kit\CameBack;

/** A kit that was fitted in this shop, and how that ended: the next job on the same vehicle, and what was complained of then. */
final readonly class FittedKit
{
    private function __construct(public Job $job, public DateTimeImmutable $signed, public ?Job $next, private ?CameBack $with)
    {
    }

    /** @return list<self> signed, the latest first: a kit that is chosen is not fitted yet. The job that is looked at is left out */
    public static function ofKit(Kit $kit, Job $besides, int $most): array
    {
        $ended = self::ended(self::fitted()->where('kit_choices.kit_id', $kit->id)->where('kit_choices.clutch_job_id', '!=', $besides->id)
            ->limit($most));
        $jobs = Job::query()->with('vehicle')->findMany([...array_column($ended, 'job'), ...array_filter(array_column($ended, 'next'))])
            ->keyBy('id');

        return array_map(static fn (array $one): self => new self(
            $jobs[$one['job']] ?? throw new \LogicException('a job that was just found'), $one['signed'],
            $one['next'] === null ? null : $jobs[$one['next']] ?? null, $one['with'],
        ), $ended);
    }

    /** @return array{int, int} kits of a supplier that were fitted and signed, and those of them that came back so */
    public static function ofSupplier(int $supplier): array
    {
        // Of thousands of jobs two numbers are told: no job is loaded for them.
        $ended = self::ended(
            self::fitted()->whereIn('kit_choices.kit_id', DB::table('kits')->where('supplier_id', $supplier)->select('id')),
        );

        return [count($ended), count(array_filter($ended, static fn (array $one): bool => $one['with'] !== null))];
    }

    /** "judder" or "early wear"; empty where it did not come back, or with something else. */
    public function cameBackWith(): string
    {
        return $this->with->value ?? '';
    }

    /** The choice that was made last for its job is what was fitted; with it the next job on the vehicle, the latest first. */
    private static function fitted(): Builder
    {
        return DB::table('kit_choices')
            ->join('clutch_jobs as job', 'job.id', '=', 'kit_choices.clutch_job_id')
            ->join('signed_sheets as signed', 'signed.clutch_job_id', '=', 'job.id')
            ->leftJoin('clutch_jobs as next', static fn (JoinClause $join) => $join->where('next.id', '=', DB::raw(
                '(select min(id) from clutch_jobs as later where later.vehicle_id = job.vehicle_id and later.id > job.id)',
            )))
            ->whereNotExists(static fn (Builder $later) => $later->from('kit_choices as later')
                ->whereColumn('later.clutch_job_id', 'kit_choices.clutch_job_id')->whereColumn('later.id', '>', 'kit_choices.id'))
            ->orderByDesc('kit_choices.id')
            ->select(['job.id as job', 'signed.at as signed', 'next.id as next'])
            ->selectRaw('coalesce(next.taken_in_at, next.created_at) as came');
    }

    /** @return list<array{job: int, signed: DateTimeImmutable, next: int|null, with: CameBack|null}> */
    private static function ended(Builder $fitted): array
    {
        $rows = $fitted->get();
        $signs = DB::table('readings')->whereIntegerInRaw('clutch_job_id', $rows->pluck('next')->filter()->all())
            ->where('field', 'triage.signs')->orderBy('seq')->pluck('typed', 'clutch_job_id');

        return array_values($rows->map(static function (object $row) use ($signs): array {
            $signed = new DateTimeImmutable($row->signed);
            $days = $row->came === null ? null : ((new DateTimeImmutable($row->came))->getTimestamp() - $signed->getTimestamp()) / 86_400;

            return [
                'job' => (int) $row->job, 'signed' => $signed, 'next' => $row->next === null ? null : (int) $row->next,
                'with' => CameBack::with(explode(',', (string) ($signs[$row->next ?? 0] ?? '')), $days),
            ];
        })->all());
    }
}
