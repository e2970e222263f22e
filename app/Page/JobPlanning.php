<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Spindle\Limit\Said;
use Spindle\Planning\JobPlan;
use Spindle\Planning\OwnHours;
use Spindle\Planning\PlanAdvice;
use Spindle\Planning\PlannedTask;
use Spindle\Planning\PlanningSentences;
use Spindle\Planning\PromiseGuard;
use Spindle\Planning\Task;
use Spindle\Planning\ThreePoint;
use Spindle\Planning\ToLay;
use Spindle\Planning\Waits;
use Spindle\Planning\WorkCalendar;
use Spindle\Planning\WorkLeft;
use Spindle\Sheet\Station;

/** The plan of one job as a page shows it: from now on, with the shop's own hours where they are known. */
final readonly class JobPlanning
{
    /** Jobs that are looked back at. */
    private const BACK = 60;

    /**
     * @param  list<string>  $learned  tasks whose hours are the shop's own
     * @param  array<string, ThreePoint>  $own  these hours, by task
     */
    private function __construct(
        public JobPlan $plan,
        public WorkCalendar $calendar,
        public array $learned,
        private AssessedJob $page,
        private DateTimeImmutable $from,
        private array $own,
    ) {
    }

    public static function of(AssessedJob $page, ?DateTimeImmutable $from = null): self
    {
        $calendar = WorkCalendar::of($page->sheet);
        $own = self::ownHours($page);
        $from ??= now()->toDateTimeImmutable()->setTimezone($calendar->zone);

        return new self(
            JobPlan::of($page->sheet, $from, $own, self::partsOn($page, $from)),
            $calendar, array_keys($own), $page, $from, $own,
        );
    }

    /** What the job still needs on the board, from a moment on. */
    public static function toLay(AssessedJob $page, DateTimeImmutable $from, ?Station $stage): ToLay
    {
        return ToLay::of(
            $page->job->id, WorkLeft::of($page->sheet, self::ownHours($page)),
            Waits::of($page->sheet, WorkCalendar::of($page->sheet), $from, self::partsOn($page, $from)), $stage,
        );
    }

    /** When what was ordered for the job is there; nothing where nobody knows. */
    private static function partsOn(AssessedJob $page, DateTimeImmutable $from): ?DateTimeImmutable
    {
        $parts = JobParts::of($page);
        $due = $parts->lastDue();

        return match (true) {
            $due !== null => new DateTimeImmutable($due, WorkCalendar::of($page->sheet)->zone),
            $parts->areHere() => $from,
            default => null,
        };
    }

    /** @return array<string, ThreePoint> by task, from the shop's own signed jobs */
    public static function ownHours(AssessedJob $page): array
    {
        return self::own($page->job->vehicle->name, $page->sheet->vehicleClass()->value ?? '');
    }

    /** @return array<string, ThreePoint> by task, from the shop's own signed jobs */
    private static function own(string $model, string $class): array
    {
        $hours = static function (string $column, string $is): array {
            $by = [];
            foreach (DB::table('job_facts')->where($column, $is)->whereNotNull('signed_at')->where('outcome', 'strip')
                ->orderByDesc('signed_at')->limit(self::BACK)->pluck('hours') as $json) {
                foreach ((array) json_decode((string) $json, true) as $task => $taken) {
                    $by[(string) $task][] = (float) $taken;
                }
            }

            return $by;
        };
        [$ofModel, $ofClass] = [$hours('model', $model), $hours('class', $class)];
        $own = [];
        foreach (Task::cases() as $task) {
            $learned = OwnHours::of($ofModel[$task->value] ?? [], $ofClass[$task->value] ?? []);
            if ($learned !== null) {
                $own[$task->value] = $learned;
            }
        }

        return $own;
    }

    /** @return list<string> */
    public function advice(): array
    {
        return array_map(
            fn (Said $one): string => $one->in($this->page->display), PlanAdvice::of($this->page->sheet, $this->plan),
        );
    }

    /** The day that was promised; nothing where none was, or no day of the month. */
    private function promisedDay(): ?DateTimeImmutable
    {
        $day = $this->page->values()->word('promised_on');

        return $day === null || strlen($day) !== 10 ? null : new DateTimeImmutable($day, $this->calendar->zone);
    }

    /** Whether that day still stands, and what would save it; nothing where none was promised, or nothing is left to do. */
    public function guard(): ?PromiseGuard
    {
        $on = $this->promisedDay();

        return $on === null || $this->plan->tasks === [] ? null
            : PromiseGuard::of($this->page->sheet, $this->plan, $on->modify('+1 day'), $this->from, $this->own);
    }

    /** The kit of the shelf that would save that day; empty where none would. */
    public function otherKit(PromiseGuard $guard): string
    {
        return OtherKit::of($this->page, $guard);
    }

    /** What is told to the customer where the day no longer stands; empty where it does. */
    public function message(PromiseGuard $guard): string
    {
        $on = $this->promisedDay();
        if ($on === null || $guard->isLikely()) {
            return '';
        }
        $to = $this->page->values()->word('keeper.name');
        $shop = $this->page->shop()->name();

        return ($to === null ? 'Good day' : "Dear {$to}").",\n\nyour {$this->page->job->vehicle->name}"
            .($this->page->job->vehicle->plate === '' ? '' : " ({$this->page->job->vehicle->plate})").', promised for '
            .ReaderLocale::date($on).', will not be ready that day. '.$guard->why->in($this->page->display).' It is likely to be ready on '
            .ReaderLocale::date($this->plan->likely).', and on '.ReaderLocale::date($this->plan->safe)
            .' at the latest as far as anybody can say. We are sorry for it.'.($shop === '' ? '' : "\n\n{$shop}");
    }

    /** @return array<string, array{day: string, said: string}> the days that can be promised now, by how sure they are */
    public function toPromise(): array
    {
        $day = fn (DateTimeImmutable $at): array => ['day' => $at->setTimezone($this->calendar->zone)->format('Y-m-d'),
            'said' => ReaderLocale::date($at->setTimezone($this->calendar->zone))];
        [$likely, $safe] = [$day($this->plan->likely), $day($this->plan->safe)];

        return $likely === $safe ? ['safe' => $safe] : ['likely' => $likely, 'safe' => $safe];
    }

    /** How sure the day is that was promised; empty where none was, or no day of the month. */
    public function promised(): string
    {
        $on = $this->promisedDay();
        if ($on === null) {
            return '';
        }
        $kept = $this->plan->kept($on->modify('+1 day'));

        return 'Promised for '.ReaderLocale::date($on).': '.PlanningSentences::promised($kept)->in($this->page->display);
    }

    /** "Thu, 26 Nov, 15:20" in the time of the shop. */
    public function moment(DateTimeImmutable $at): string
    {
        $at = $at->setTimezone($this->calendar->zone);

        return ReaderLocale::nearDay($at).', '.ReaderLocale::time($at);
    }

    /** @return list<array{task: PlannedTask, x: float, width: float, wait: float}> in per cent of the whole, by the clock */
    public function bars(): array
    {
        $first = $this->plan->tasks[0]->start ?? $this->plan->likely;
        $whole = max(1, $this->plan->safe->getTimestamp() - $first->getTimestamp());
        $at = static fn (DateTimeImmutable $t): float => round(100 * ($t->getTimestamp() - $first->getTimestamp()) / $whole, 2);

        return array_map(static fn (PlannedTask $t): array => [
            'task' => $t, 'x' => $at($t->start), 'width' => max(0.6, round($at($t->end) - $at($t->start), 2)),
            'wait' => $t->ready === null ? $at($t->start) : min($at($t->start), $at($t->ready)),
        ], $this->plan->tasks);
    }

    /** @return list<array{x: float, text: string}> days of the plan, each where it begins */
    public function days(): array
    {
        $first = $this->plan->tasks[0]->start ?? $this->plan->likely;
        $whole = max(1, $this->plan->safe->getTimestamp() - $first->getTimestamp());
        $days = [];
        for ($day = $first->setTime(0, 0)->modify('+1 day'); $day < $this->plan->safe && count($days) < 21; $day = $day->modify('+1 day')) {
            $x = round(100 * ($day->getTimestamp() - $first->getTimestamp()) / $whole, 2);
            $days[] = ['x' => $x, 'text' => ReaderLocale::nearDay($day)];
        }

        return $days;
    }

    /** What a task is called on this vehicle. */
    public function name(Task $task): string
    {
        return $task->label($this->page->sheet->vehicleClass());
    }

    /** Hours recorded of a task. */
    public function taken(Task $task): string
    {
        return Labour::taken($this->page, [$task]);
    }
}
