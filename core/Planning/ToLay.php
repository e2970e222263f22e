<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Sheet\Station;

/** What one job still needs on the board: its tasks with the hours that are left of each, and what they wait for. */
final readonly class ToLay
{
    /** @param  array<string, float>  $hours  by task, in order */
    public function __construct(public int $job, public array $hours, private ?Waits $waits = null)
    {
    }

    /** @param  Station|null  $stage  where the job stands: what is recorded before it is done; nothing where nobody knows */
    public static function of(int $job, WorkLeft $left, Waits $waits, ?Station $stage = null): self
    {
        return new self($job, array_filter(
            $left->likeliest(),
            static fn (float $hours, string $name): bool => $hours > 0.0
                && ($stage === null || Task::from($name)->station()->number() >= $stage->number()),
            ARRAY_FILTER_USE_BOTH,
        ), $waits);
    }

    /** When what it waits for is there, counted from a moment on. */
    public function arrivals(WorkCalendar $calendar, DateTimeImmutable $from): Arrivals
    {
        return new Arrivals($calendar, $this->waits ?? Waits::none(), array_map(Task::from(...), array_keys($this->hours)), $from);
    }
}
