<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChoice;
use App\Models\Reading;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Spindle\Kit\CameBack;

/** A kit that was fitted in this shop, and how that ended: the next job on the same vehicle, and what was complained of then. */
final readonly class FittedKit
{
    /** @param  list<string>  $signs  of the next job, as entered last */
    private function __construct(public Job $job, public ?Job $next, private array $signs)
    {
    }

    /** @return list<self> signed, the latest first: a kit that is chosen is not fitted yet. The job that is looked at is left out */
    public static function ofKit(Kit $kit, Job $besides, int $most): array
    {
        return self::ofChoices(self::last(KitChoice::query()->where('kit_id', $kit->id)->where('clutch_job_id', '!=', $besides->id))
            ->whereHas('job.signedSheet')->with(['job.vehicle', 'job.signedSheet'])->orderByDesc('id')->limit($most)->get());
    }

    /** @return array{int, int} kits of a supplier that were fitted and signed, and those of them that came back so */
    public static function ofSupplier(int $supplier): array
    {
        $fitted = self::ofChoices(self::last(KitChoice::query())
            ->whereIn('kit_id', DB::table('kits')->where('supplier_id', $supplier)->select('id'))
            ->whereHas('job.signedSheet')->with(['job.signedSheet'])->get());

        return [count($fitted), count(array_filter($fitted, static fn (self $one): bool => $one->cameBackWith() !== ''))];
    }

    /** "judder" or "early wear"; empty where it did not come back, or with something else. */
    public function cameBackWith(): string
    {
        $signed = $this->job->signedSheet?->at;
        $days = $signed === null || $this->next === null ? null : $signed->diffInDays($this->next->taken_in_at ?? $this->next->created_at);

        return CameBack::with($this->signs, $days)->value ?? '';
    }

    /**
     * The choice that was made last for its job is what was fitted.
     *
     * @param  Builder<KitChoice>  $choices
     * @return Builder<KitChoice>
     */
    private static function last(Builder $choices): Builder
    {
        $choices->whereNotExists(static fn ($later) => $later->from('kit_choices as later')
            ->whereColumn('later.clutch_job_id', 'kit_choices.clutch_job_id')->whereColumn('later.id', '>', 'kit_choices.id'));

        return $choices;
    }

    /**
     * @param  Collection<int, KitChoice>  $choices
     * @return list<self>
     */
    private static function ofChoices(Collection $choices): array
    {
        /** @var array<int, array<int, Job>> $jobs by vehicle, in their order */
        $jobs = [];
        $vehicles = $choices->map(static fn (KitChoice $choice): int => $choice->job->vehicle_id)->unique()->values()->all();
        foreach (Job::query()->whereIn('vehicle_id', $vehicles)->orderBy('id')->get() as $job) {
            $jobs[$job->vehicle_id][$job->id] = $job;
        }
        $next = [];
        foreach ($choices as $choice) {
            $later = array_filter($jobs[$choice->job->vehicle_id] ?? [],
                static fn (int $id): bool => $id > $choice->clutch_job_id, ARRAY_FILTER_USE_KEY);
            $next[$choice->id] = array_values($later)[0] ?? null;
        }
        $signs = Reading::query()
            ->whereIn('clutch_job_id', array_map(static fn (Job $job): int => $job->id, array_values(array_filter($next))))
            ->where('field', 'triage.signs')->orderBy('seq')->pluck('typed', 'clutch_job_id');

        return array_values($choices->map(static fn (KitChoice $choice): self => new self(
            $choice->job, $next[$choice->id], explode(',', (string) ($signs[$next[$choice->id]->id ?? 0] ?? '')),
        ))->all());
    }
}
