<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/** When what a job waits for is there, while its tasks are laid one after the other: parts for the bench, the flywheel for the fitting. */
final class Arrivals
{
    private ?DateTimeImmutable $parts;

    private ?DateTimeImmutable $back;

    /**
     * @param  list<Task>  $open  what is still to be done: what was ordered or taken out already is on its way from now on
     * @param  DateTimeImmutable  $now  when the first of them can begin
     */
    public function __construct(
        private readonly WorkCalendar $calendar,
        private readonly Waits $waits,
        array $open,
        DateTimeImmutable $now,
    ) {
        $this->parts = $waits->partsOn ?? (in_array(Task::Ordering, $open, true) ? null : $this->delivered($now));
        $this->back = $waits->backOn ?? (in_array(Task::Machining, $open, true) ? null : $this->machined($now));
    }

    private function delivered(DateTimeImmutable $ordered): ?DateTimeImmutable
    {
        return $this->waits->delivery === null ? null : $this->calendar->daysLater($ordered, (int) $this->waits->delivery->likeliest);
    }

    private function machined(DateTimeImmutable $out): ?DateTimeImmutable
    {
        return $this->waits->machining === null ? null : $this->calendar->workingDaysLater($out, (int) $this->waits->machining->likeliest);
    }

    /** When what a task waits for is there; nothing where it waits for nothing, or nobody can say yet. */
    public function readyFor(Task $task): ?DateTimeImmutable
    {
        return match ($task) {
            Task::Bench => $this->parts,
            Task::Fitting => $this->back,
            default => null,
        };
    }

    /** What a task waits for, in words; empty where for nothing. */
    public static function waitsFor(Task $task): string
    {
        return match ($task) {
            Task::Bench => 'the delivery',
            Task::Fitting => 'the flywheel',
            default => '',
        };
    }

    /** A task ends then. When what it sets going is there, where no day was said for that; nothing where it sets nothing going. */
    public function ends(Task $task, DateTimeImmutable $end): ?DateTimeImmutable
    {
        if ($task === Task::Ordering && $this->waits->partsOn === null) {
            return $this->parts ??= $this->delivered($end);
        }

        return $task === Task::Machining && $this->waits->backOn === null ? $this->back ??= $this->machined($end) : null;
    }
}
