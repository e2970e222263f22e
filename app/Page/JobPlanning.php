<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Spindle\Limit\Said;
use Spindle\Planning\JobPlan;
use Spindle\Planning\OwnHours;
use Spindle\Planning\PlanAdvice;
use Spindle\Planning\PlannedTask;
use Spindle\Planning\Task;
use Spindle\Planning\ThreePoint;
use Spindle\Planning\WorkCalendar;

/** The plan of one job as a page shows it: from now on, with the shop's own hours where they are known. */
final readonly class JobPlanning
{
    /** Jobs that are looked back at. */
    private const BACK = 60;

    /** @param  list<string>  $learned  tasks whose hours are the shop's own */
    private function __construct(public JobPlan $plan, public WorkCalendar $calendar, public array $learned, private AssessedJob $page)
    {
    }

    public static function of(AssessedJob $page, ?DateTimeImmutable $from = null): self
    {
        $calendar = WorkCalendar::of($page->sheet);
        $own = self::own($page->job->vehicle->name, $page->sheet->vehicleClass()->value ?? '');

        $due = JobParts::of($page)->lastDue();

        return new self(
            JobPlan::of($page->sheet, $from ?? now()->toDateTimeImmutable()->setTimezone($calendar->zone), $own,
                $due === null ? null : new DateTimeImmutable($due, $calendar->zone)),
            $calendar, array_keys($own), $page,
        );
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

    /** "Thu 26 Nov, 15:20" in the time of the shop. */
    public function moment(DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->calendar->zone)->format('D j M, H:i');
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
            $days[] = ['x' => round(100 * ($day->getTimestamp() - $first->getTimestamp()) / $whole, 2), 'text' => $day->format('D j')];
        }

        return $days;
    }

    /** Hours recorded of a task. */
    public function taken(Task $task): string
    {
        return Labour::taken($this->page, [$task]);
    }
}
