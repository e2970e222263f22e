<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SheetFile;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Spindle\Assessment\Subjects;
use Spindle\Planning\JobPlan;
use Spindle\Planning\PlannedTask;
use Spindle\Planning\PlanningError;
use Spindle\Planning\WorkCalendar;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;

/** Plans one job from its sheet: when each task can begin and end, what decides the end, and what can be promised. Exit 2: not readable. */
final class PromisePlan extends Command
{
    protected $signature = 'plan:promise
        {sheet : job sheet file, or - for standard input}
        {--from= : when work can begin, as 2026-11-25T08:00; now when left out}
        {--json : print tasks, likely and safe promise as JSON}';

    protected $description = 'Plan a clutch job over the shop\'s hours: tasks, critical path, likely and safe promise';

    public function handle(): int
    {
        /** @var string $file */
        $file = $this->argument('sheet');
        try {
            $sheet = JobSheet::of(Document::ofJson(SheetFile::read($file)), Subjects::dictionary());
            $plan = JobPlan::of($sheet, self::from($this->option('from'), WorkCalendar::of($sheet)));
        } catch (SheetError $e) {
            return $this->refuse($file, $e->place === '' ? $e->reason : "{$e->place}: {$e->reason}");
        } catch (PlanningError $e) {
            return $this->refuse($file, $e->getMessage());
        }
        $this->option('json') === true ? $this->output->writeln(self::json($plan), 32) : $this->report($plan);

        return self::SUCCESS;
    }

    private static function json(JobPlan $plan): string
    {
        return json_encode([
            'tasks' => array_map(static fn (PlannedTask $t): array => [
                'task' => $t->task->value,
                'hours' => round($t->hours, 4),
                'start' => $t->start->format(DATE_ATOM),
                'end' => $t->end->format(DATE_ATOM),
                'critical' => $t->isCritical,
                'slack' => round($t->slack, 4),
                ...($t->waitsFor === '' || $t->ready === null ? [] : [
                    'waits_for' => $t->waitsFor, 'ready' => $t->ready->format(DATE_ATOM),
                ]),
            ], $plan->tasks),
            'likely' => $plan->likely->format(DATE_ATOM),
            'safe' => $plan->safe->format(DATE_ATOM),
            'work_hours' => round($plan->workHours, 4),
            'work_hours_sd' => round($plan->workHoursSd, 4),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    private function report(JobPlan $plan): void
    {
        $lines = [];
        foreach ($plan->tasks as $t) {
            $lines[] = sprintf('%s %-32s %s – %s  %4.1f h%s', $t->isCritical ? '*' : ' ', $t->task->label(),
                $t->start->format('D Y-m-d H:i'), $t->end->format('D H:i'), $t->hours,
                $t->isCritical ? '' : sprintf('  %.1f h to spare', $t->slack));
        }
        $lines[] = 'Likely '.$plan->likely->format('D Y-m-d H:i').', safe '.$plan->safe->format('D Y-m-d H:i').'. * decides the end.';
        $this->output->writeln($lines, 32);
    }

    /** @throws SheetError */
    private static function from(mixed $given, WorkCalendar $calendar): DateTimeImmutable
    {
        if (! is_string($given) || $given === '') {
            return new DateTimeImmutable('now', $calendar->zone);
        }
        if (preg_match('/^\d{4}-\d{2}-\d{2}([T ]\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:?\d{2})?)?$/', $given) === 1) {
            try {
                $from = new DateTimeImmutable($given, $calendar->zone);
            } catch (\Exception) {
                $from = null;
            }
            if ($from !== null && $from->format('Y-m-d') === substr($given, 0, 10)) {
                return $from;
            }
        }

        throw SheetError::at('--from', "a day and time as 2026-11-25T08:00 is expected, found “{$given}”");
    }

    private function refuse(string $file, string $reason): int
    {
        $this->output->getErrorStyle()->writeln(SheetFile::called($file).': '
            .(string) preg_replace('/\s+/u', ' ', mb_scrub($reason)), 32);

        return self::INVALID;
    }
}
