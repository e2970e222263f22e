<?php

declare(strict_types=1);

namespace App\Page;

use App\Models\Job;
use App\Models\JobState;
use App\Models\Vehicle;
use App\Store\Holding;
use Illuminate\Contracts\Pagination\Paginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** The jobs of the bay, those touched last first, each with what it stands at. Nothing is assessed to draw it. */
final readonly class BayList
{
    public const OPEN = 'unsigned';

    private const ON_A_PAGE = 25;

    /**
     * @param  Paginator<int, Job>  $jobs  each with its vehicle and standing
     * @param  array<string, int>  $counts  by filter; empty is all
     * @param  array{job: string, vehicle: string}  $links  what comes before a number
     */
    private function __construct(public Paginator $jobs, public array $counts, private array $links)
    {
    }

    public function job(int $id): string
    {
        return $this->links['job'].$id;
    }

    public function walk(int $id): string
    {
        return $this->job($id).'/walk';
    }

    public function vehicle(int $id): string
    {
        return $this->links['vehicle'].$id;
    }

    /** @return array<string, string> filter => how it is called */
    public static function filters(): array
    {
        return ['' => 'All', self::OPEN => 'Open', ...array_column(array_map(
            static fn (JobState $s): array => [$s->value, $s->label()],
            [...JobState::WAITING, JobState::Signed, JobState::Closed],
        ), 1, 0)];
    }

    /** @return array<string, string> those worth a place: closed unsigned, and at the machinist, only where there are any */
    public function shownFilters(string $now): array
    {
        $rare = [JobState::Closed->value, JobState::Machinist->value];

        return array_filter(
            self::filters(),
            fn (string $each): bool => ! in_array($each, $rare, true) || $now === $each || ($this->counts[$each] ?? 0) > 0,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @param  string  $filter  one of the filters; anything else is all */
    public static function matching(string $search, string $filter, bool $byPromise, int $page): self
    {
        $query = Job::query()->with(['vehicle', 'standing']);
        if ($filter === self::OPEN) {
            $query->where('is_open', true);
        } elseif (JobState::tryFrom($filter) !== null) {
            $query->where('state', $filter);
        }
        if ($search !== '') {
            self::narrow($query, $search);
        }
        // Whoever asks for promises wants those that can still be kept.
        $byPromise
            ? $query->where('is_open', true)->whereNotNull('promised_on')->orderBy('promised_on')
            : $query->orderByDesc('updated_at');

        return new self($query->orderByDesc('id')->simplePaginate(self::ON_A_PAGE, page: $page)->withQueryString(), self::counts(), [
            'job' => JobLinks::toAny(), 'vehicle' => substr(route('vehicle', 0), 0, -1),
        ]);
    }

    /** @param  Builder<Job>  $query */
    private static function narrow(Builder $query, string $search): void
    {
        $number = preg_match('/^j-?0*(\d{1,9})$/i', $search, $m) === 1 ? (int) $m[1] : null;
        $query->where(static function (Builder $any) use ($search, $number): void {
            $any->whereHas(
                'standing',
                static fn (Builder $s): Builder => Holding::word($s, 'complaint', mb_strtolower($search)),
            );
            $any->orWhereIn('vehicle_id', Vehicle::query()->select('id')->where(static fn (Builder $v) => Vehicle::narrow($v, $search)));
            if ($number !== null) {
                $any->orWhere('id', $number);
            }
        });
    }

    /** @return array<string, int> */
    private static function counts(): array
    {
        // Kept by the database as jobs change: counting them took longer the more there were.
        /** @var array<string, int> $byState */
        $byState = DB::table('job_counts')->where('jobs', '>', 0)->pluck('jobs', 'state')->all();
        $all = array_sum($byState);

        $done = ($byState[JobState::Signed->value] ?? 0) + ($byState[JobState::Closed->value] ?? 0);

        return ['' => $all, self::OPEN => $all - $done, ...$byState];
    }
}
