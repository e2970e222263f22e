<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/**
 * Lays what several jobs still need on people and places: earliest promise first, a job in pieces before a new one is taken apart, no more
 * vehicles apart than places. What lies on the board already stays where it is. Common practice, no source.
 */
final readonly class Proposal
{
    /**
     * @param  list<int>  $people
     * @param  list<string>  $places
     * @param  list<Slot>  $laid  what is there already
     */
    public function __construct(private WorkCalendar $calendar, private array $people, private array $places, private array $laid = [])
    {
    }

    /**
     * @param  array<int, list<array{0: Task, 1: float, 2: DateTimeImmutable|null}>>  $jobs  tasks with hours and when what they wait for is
     *                                                                          there, by job, those first that come first
     * @return list<Slot> only what is new
     */
    public function of(array $jobs, DateTimeImmutable $from): array
    {
        $slots = [];
        if ($this->people === [] || $this->places === []) {
            return $slots;
        }
        foreach ($jobs as $job => $tasks) {
            $ready = $from;
            $place = $this->placeOf($job, $slots);
            foreach ($tasks as [$task, $hours, $there]) {
                $before = $this->already($job, $task);
                if ($before !== null) {
                    $ready = max($ready, $before->end);

                    continue;
                }
                $earliest = $there === null ? $ready : max($ready, $there);
                $slot = $this->first(new Wish($job, $task, $hours, $earliest, $place), $slots);
                $slots[] = $slot;
                $place = $slot->place === '' ? $place : $slot->place;
                $ready = $slot->end;
            }
        }

        return $slots;
    }

    private function already(int $job, Task $task): ?Slot
    {
        foreach ($this->laid as $slot) {
            if ($slot->job === $job && $slot->task === $task) {
                return $slot;
            }
        }

        return null;
    }

    /** @param  list<Slot>  $slots */
    private function placeOf(int $job, array $slots): string
    {
        foreach ([...$this->laid, ...$slots] as $slot) {
            if ($slot->job === $job && $slot->place !== '') {
                return $slot->place;
            }
        }

        return '';
    }

    /**
     * The earliest moment at which somebody is free, and for a task on the vehicle a place is.
     *
     * @param  list<Slot>  $slots
     */
    private function first(Wish $wish, array $slots): Slot
    {
        $best = null;
        foreach ($this->people as $person) {
            foreach (! $wish->task->needsPlace() ? [''] : ($wish->place === '' ? $this->places : [$wish->place]) as $on) {
                $start = $this->calendar->next($wish->from);
                do {
                    $slot = new Slot($wish->job, $wish->task, $person, $on, $start, $this->calendar->add($start, $wish->hours));
                    $blocked = $this->blocking($slot, $slots);
                    $start = $blocked === null ? $start : $this->calendar->next($blocked->end);
                } while ($blocked !== null);
                $best = $best === null || $slot->start < $best->start ? $slot : $best;
            }
        }

        return $best ?? throw PlanningError::neverOpen();
    }

    /** @param  list<Slot>  $slots */
    private function blocking(Slot $slot, array $slots): ?Slot
    {
        $all = [...$this->laid, ...$slots];
        foreach ($all as $other) {
            if ($slot->overlaps($other) && $other->person === $slot->person) {
                return $other;
            }
        }

        return $slot->place === '' ? null : $this->holding($slot, $all);
    }

    /**
     * A vehicle holds its place from its first task on it to its last: what is apart cannot be pushed away.
     *
     * @param  list<Slot>  $all
     */
    private function holding(Slot $slot, array $all): ?Slot
    {
        $held = [];
        foreach ($all as $other) {
            if ($other->place === $slot->place && $other->job !== $slot->job) {
                $before = $held[$other->job] ?? $other;
                $held[$other->job] = new Slot(
                    $other->job, $other->task, $other->person, $other->place,
                    min($before->start, $other->start), max($before->end, $other->end),
                );
            }
        }
        foreach ($held as $other) {
            if ($slot->overlaps($other)) {
                return $other;
            }
        }

        return null;
    }
}
