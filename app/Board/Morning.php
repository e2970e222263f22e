<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\JobState;
use App\Models\LabourClock;
use App\Models\OrderState;
use App\Models\OrderStep;
use Illuminate\Support\Collection;

/** The first look of the day: what is promised, what waits, what came in, and whose hands a job is in. Nothing is assessed for it. */
final readonly class Morning
{
    private const MOST = 3;

    /**
     * @param  Collection<int, Job>  $promised  for today, or days that have passed
     * @param  Collection<int, Job>  $waiting
     * @param  Collection<int, OrderStep>  $arrived  since yesterday
     * @param  Collection<int, LabourClock>  $clocks
     * @param  Collection<int, BoardSlot>  $slots  of today
     */
    private function __construct(
        public string $today,
        public Collection $promised,
        public int $allPromised,
        public Collection $waiting,
        public int $allWaiting,
        public Collection $arrived,
        public Collection $clocks,
        public Collection $slots,
    ) {
    }

    public static function now(): self
    {
        $today = DayBoard::today();
        $promised = Job::query()->with('vehicle')->where('is_open', true)->whereNotNull('promised_on')
            ->where('promised_on', '<=', $today->format('Y-m-d'));
        $waiting = Job::query()->with('vehicle')->whereIn('state', [JobState::Parts->value, JobState::Check->value]);
        [$allPromised, $allWaiting] = [$promised->count(), $waiting->count()];
        /** @var Collection<int, Job> $first */
        $first = $promised->orderBy('promised_on')->limit(self::MOST)->get();
        /** @var Collection<int, Job> $waits */
        $waits = $waiting->orderByDesc('updated_at')->limit(self::MOST)->get();
        /** @var Collection<int, OrderStep> $arrived */
        $arrived = OrderStep::query()->where('state', OrderState::Arrived->value)
            ->where('at', '>=', DayBoard::stored($today->modify('-1 day')))->orderByDesc('id')->limit(self::MOST)->get();
        /** @var Collection<int, LabourClock> $clocks */
        $clocks = LabourClock::query()->with(['user', 'job'])->get();
        /** @var Collection<int, BoardSlot> $slots */
        $slots = BoardSlot::query()->with(['job.vehicle', 'user'])->where('starts_at', '<', DayBoard::stored($today->modify('+1 day')))
            ->where('ends_at', '>', DayBoard::stored($today))->orderBy('starts_at')->limit(40)->get();

        return new self($today->format('Y-m-d'), $first, $allPromised, $waits, $allWaiting, $arrived, $clocks, $slots);
    }
}
