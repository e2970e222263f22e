<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateInterval;
use DateTimeImmutable;

/** When a second person is wanted on a day, and what of it could be done in one go. Common practice, no source. */
final readonly class HelperCalls
{
    /** Calls no further apart than this can be put together, in minutes. From memory [M]. */
    private const TOGETHER = 45;

    private function __construct(public Slot $slot, public DateTimeImmutable $at, public int $minutes, public bool $isNearTheLast)
    {
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<self> in order of time, all while the shop works; a job that was given no hands calls nobody
     */
    public static function of(array $slots, WorkCalendar $calendar): array
    {
        $calls = [];
        foreach ($slots as $slot) {
            if ($slot->task->helperMinutes() > 0) {
                // Nobody is called before the doors open: what ends early in the day has its helper from the first minute on.
                $calls[] = [$slot, $slot->task->isHelpedAtEnd()
                    ? $calendar->next($slot->end->sub(new DateInterval("PT{$slot->task->helperMinutes()}M"))) : $slot->start];
            }
        }
        usort($calls, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $said = [];
        foreach ($calls as $i => [$slot, $at]) {
            $before = $calls[$i - 1][1] ?? null;
            $gap = $before === null ? null : ($at->getTimestamp() - $before->getTimestamp()) / 60;
            $said[] = new self($slot, $at, $slot->task->helperMinutes(), $gap !== null && $gap <= self::TOGETHER
                && $calls[$i - 1][0]->job !== $slot->job);
        }

        return $said;
    }
}
