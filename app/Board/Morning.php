<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\JobState;
use App\Models\LabourClock;
use App\Models\OrderState;
use App\Models\OrderStep;
use App\Models\Waiver;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;

/** The first look of the day: what is promised, what waits, what came in, and whose hands a job is in. Nothing is assessed for it. */
final readonly class Morning
{
    private const MOST = 3;

    private const MOST_ASKED = 50;

    /**
     * @param  Collection<int, Job>  $promised  for today, or days that have passed
     * @param  Collection<int, Job>  $waiting
     * @param  Collection<int, OrderStep>  $arrived  since yesterday
     * @param  Collection<int, LabourClock>  $clocks
     * @param  Collection<int, BoardSlot>  $slots  of today
     * @param  Collection<int, Waiver>  $asked  of the lead, and not answered
     */
    private function __construct(
        public string $today,
        public Collection $promised,
        public int $morePromised,
        public Collection $waiting,
        public int $moreWaiting,
        public Collection $arrived,
        public Collection $clocks,
        public Collection $slots,
        public Collection $asked,
        public int $moreAsked,
    ) {
    }

    /** @param  bool  $isLead  whether it is the lead who looks: of nobody else anything is asked */
    public static function now(bool $isLead): self
    {
        $today = DayBoard::today();
        $promised = Job::query()->with('vehicle')->where('is_open', true)->whereNotNull('promised_on')
            ->where('promised_on', '<=', $today->format('Y-m-d'));
        $waiting = Job::query()->with('vehicle')->whereIn('state', array_column(JobState::WAITING, 'value'));
        /** @var Collection<int, Job> $first */
        $first = $promised->clone()->orderBy('promised_on')->limit(self::MOST)->get();
        /** @var Collection<int, Job> $waits */
        $waits = $waiting->clone()->orderByDesc('updated_at')->limit(self::MOST)->get();
        /** @var Collection<int, OrderStep> $arrived */
        $arrived = OrderStep::query()->where('state', OrderState::Arrived->value)
            ->where('at', '>=', DayBoard::stored($today->modify('-1 day')))->orderByDesc('id')->limit(self::MOST)->get();
        /** @var Collection<int, LabourClock> $clocks */
        $clocks = LabourClock::query()->with(['user', 'job'])->get();
        /** @var Collection<int, BoardSlot> $slots */
        $slots = BoardSlot::query()->with(['job', 'user'])->where('starts_at', '<', DayBoard::stored($today->modify('+1 day')))
            ->where('ends_at', '>', DayBoard::stored($today))->orderBy('starts_at')->limit(40)->get();

        $asked = $isLead ? self::asked() : new Collection();

        return new self(
            $today->format('Y-m-d'), $first, self::more($first, static fn (): int => $promised->count()), $waits,
            self::more($waits, static fn (): int => $waiting->count()), $arrived, $clocks, $slots, $asked->take(self::MOST),
            max(0, $asked->count() - self::MOST),
        );
    }

    /**
     * How many there are beyond those shown; where there is room left, none.
     *
     * @param  Collection<int, Job>  $shown
     * @param  callable(): int  $count
     */
    private static function more(Collection $shown, callable $count): int
    {
        return $shown->count() < self::MOST ? 0 : $count() - $shown->count();
    }

    /** @return Collection<int, Waiver> what is asked of the lead on open jobs, the first asked first; what was answered since is not */
    private static function asked(): Collection
    {
        /** @var Collection<int, Waiver> $asked */
        $asked = Waiver::query()->with(['job.vehicle'])->where('asked', true)->where('withdrawn', false)
            ->whereExists(static fn (Builder $job) => $job->from('clutch_jobs')->whereColumn('clutch_jobs.id', 'waivers.clutch_job_id')
                ->where('is_open', true))
            ->whereNotExists(static fn (Builder $later) => $later->from('waivers as later')
                ->whereColumn('later.clutch_job_id', 'waivers.clutch_job_id')->whereColumn('later.finding', 'waivers.finding')
                ->whereColumn('later.id', '>', 'waivers.id'))
            ->orderBy('id')->limit(self::MOST_ASKED)->get();

        return $asked;
    }
}
