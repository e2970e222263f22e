<?php

declare(strict_types=1);

namespace App\Board;

use App\Jobs\ReaderLocale;
use App\Limits\ShopBooks;
use App\Limits\ShopKnowledge;
use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\ShopFigure;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Spindle\Planning\Clashes;
use Spindle\Planning\HelperCalls;
use Spindle\Planning\Hold;
use Spindle\Planning\Slot;
use Spindle\Planning\Task;
use Spindle\Planning\WorkCalendar;

/** One day of the shop: people and places down, hours across, the tasks that lie there, and what of it clashes. */
final readonly class DayBoard
{
    private const USUAL_PLACES = 'Lift 1, Lift 2, Stands';

    public const WIDTH = 900.0;

    public const LEFT = 130.0;

    public const ROW = 52.0;

    public const TOP = 26.0;

    /**
     * @param  Collection<int, User>  $people
     * @param  list<string>  $places
     * @param  Collection<int, BoardSlot>  $slots  of this day
     * @param  array<int, string>  $clashes  why, by slot
     */
    private function __construct(
        public DateTimeImmutable $day,
        public WorkCalendar $calendar,
        public Collection $people,
        public array $places,
        public Collection $slots,
        public array $clashes,
        public DateTimeImmutable $opens,
        public DateTimeImmutable $closes,
        public TaskNames $names,
    ) {
    }

    public static function of(DateTimeImmutable $day): self
    {
        $calendar = self::calendar();
        $day = $day->setTimezone($calendar->zone)->setTime(0, 0);
        $openings = $calendar->openings($day);
        [$opens, $closes] = $openings === [] ? [$day->setTime(8, 0), $day->setTime(17, 0)]
            : [$openings[0][0], $openings[count($openings) - 1][1]];
        /** @var Collection<int, BoardSlot> $slots */
        $slots = BoardSlot::query()->with('job.vehicle')
            ->where('starts_at', '<', self::stored($day->modify('+1 day')))->where('ends_at', '>', self::stored($day))
            ->orderBy('starts_at')->get();
        /** @var Collection<int, User> $people */
        $people = User::query()->where(static fn (Builder $q) => $q->whereNull('disabled_at')
            ->orWhereIn('id', $slots->pluck('user_id')->filter()))->orderBy('id')->get();

        $laid = self::laid($day);
        $names = TaskNames::ofJobs([...$slots->pluck('clutch_job_id'), ...array_map(static fn (Slot $s): int => $s->job, $laid)]);

        return new self($day, $calendar, $people, self::places(), $slots, self::clashing($slots, $laid, $names), $opens, $closes, $names);
    }

    public static function today(): DateTimeImmutable
    {
        return now()->toDateTimeImmutable()->setTimezone(self::calendar()->zone)->setTime(0, 0);
    }

    /** The day the board opens on: today, or where nobody works today the next day that somebody does. */
    public static function next(): DateTimeImmutable
    {
        $calendar = self::calendar();
        $today = self::today();

        return $calendar->isOpenOn($today) ? $today : $calendar->next($today)->setTime(0, 0);
    }

    /** As the database holds moments. */
    public static function stored(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone(new \DateTimeZone(date_default_timezone_get()))->format('Y-m-d H:i:s');
    }

    /** @return array<string, mixed> a task as a row of the board holds it */
    public static function row(Slot $slot): array
    {
        return ['clutch_job_id' => $slot->job, 'task' => $slot->task->value, 'user_id' => $slot->person, 'place' => $slot->place,
            'starts_at' => self::stored($slot->start), 'ends_at' => self::stored($slot->end)];
    }

    public static function calendar(): WorkCalendar
    {
        return WorkCalendar::read(ShopKnowledge::rule(ShopFigure::CALENDAR));
    }

    /** @return list<string> */
    public static function places(): array
    {
        $said = ShopBooks::now()->figures(ShopFigure::PLACES)['list']->value ?? self::USUAL_PLACES;

        return array_values(array_filter(array_map(trim(...), explode(',', $said)), static fn (string $p): bool => $p !== ''));
    }

    /**
     * @param  Collection<int, BoardSlot>  $slots
     * @param  list<Slot>  $laid
     * @return array<int, string>
     */
    private static function clashing(Collection $slots, array $laid, TaskNames $names): array
    {
        $ids = [];
        $all = [];
        foreach ($slots as $slot) {
            $all[] = $one = $slot->toSlot();
            $ids[spl_object_id($one)] = $slot->id;
        }
        $said = [];
        foreach (Clashes::of($all, Hold::of($laid, self::gone($laid))) as [$one, $other, $why]) {
            foreach ([[$one, $other], [$other, $one]] as [$here, $that]) {
                $id = $ids[spl_object_id($here)] ?? null;
                $number = Job::numbered($that->job);
                if ($id !== null) {
                    $said[$id] = "{$why}: {$names->of($that)} of {$number}";
                }
            }
        }

        return $said;
    }

    /** @return list<HelperCalls> */
    public function helpers(): array
    {
        return HelperCalls::of(array_values($this->slots->map(static fn (BoardSlot $s): Slot => $s->toSlot())->all()), $this->calendar);
    }

    /** @return list<array{hour: string, x: float}> */
    public function hours(): array
    {
        $hours = [];
        for ($at = $this->opens; $at <= $this->closes; $at = $at->modify('+1 hour')) {
            $hours[] = ['hour' => ReaderLocale::time($at), 'x' => $this->x($at)];
        }

        return $hours;
    }

    public function x(DateTimeImmutable $at): float
    {
        $whole = $this->closes->getTimestamp() - $this->opens->getTimestamp();
        $here = min(max($at->getTimestamp(), $this->opens->getTimestamp()), $this->closes->getTimestamp());

        return round(self::LEFT + self::WIDTH * ($here - $this->opens->getTimestamp()) / max(1, $whole), 1);
    }

    /** Pixels a minute. */
    public function perMinute(): float
    {
        return self::WIDTH / max(1.0, ($this->closes->getTimestamp() - $this->opens->getTimestamp()) / 60);
    }

    public function rowTop(int $row): float
    {
        return self::TOP + self::ROW * $row;
    }

    /** @return array{float, float, float} where a slot begins, how wide it is drawn for a finger, and how wide where it holds a place */
    public function across(BoardSlot $slot): array
    {
        $from = $this->x($slot->starts_at->toDateTimeImmutable());
        $width = $this->x($slot->ends_at->toDateTimeImmutable()) - $from;

        return [$from, max(34.0, $width), max(6.0, $width)];
    }

    /** Row of a person; of nobody the one beneath them. */
    public function rowOf(BoardSlot $slot): int
    {
        $row = $this->people->search(static fn (User $u): bool => $u->id === $slot->user_id);

        return $row === false ? $this->people->count() : $row;
    }

    public function height(): float
    {
        return self::TOP + self::ROW * ($this->people->count() + 1 + count($this->places));
    }

    /** The time of day; with the day where it is another. */
    public function time(\DateTimeInterface $at): string
    {
        $at = DateTimeImmutable::createFromInterface($at)->setTimezone($this->calendar->zone);

        $isToday = $at->format('Y-m-d') === $this->day->format('Y-m-d');

        return ($isToday ? '' : ReaderLocale::nearDay($at).', ').ReaderLocale::time($at);
    }

    /**
     * Everything that lies on the board from some weeks back on: what was left over stays where it was laid until somebody moves it.
     *
     * @return list<Slot>
     */
    public static function laid(DateTimeImmutable $from): array
    {
        $since = self::stored($from->modify('-60 days'));

        return array_values(BoardSlot::query()->where('ends_at', '>', $since)->orderBy('starts_at')->get()
            ->map(static fn (BoardSlot $s): Slot => $s->toSlot())->all());
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<int> jobs of them that are done or closed
     */
    public static function gone(array $slots): array
    {
        $all = array_values(array_unique(array_map(static fn (Slot $s): int => $s->job, $slots)));
        $open = Job::query()->whereIn('id', $all)->where('is_open', true)->pluck('id')->map(static fn ($id): int => (int) $id)->all();

        return array_values(array_diff($all, $open));
    }

    /** @return list<Task> what can be laid on it */
    public function tasks(): array
    {
        return Task::cases();
    }

    /** The job a second person is called to. */
    public function jobOf(HelperCalls $call): string
    {
        return Job::numbered($call->slot->job);
    }

    /** The row of the place where it is done, under those of the people and of nobody; nothing where it holds none. */
    public function rowOfPlace(BoardSlot $slot): ?int
    {
        $at = array_search($slot->place, $this->places, true);

        return $at === false ? null : $this->people->count() + 1 + $at;
    }
}
