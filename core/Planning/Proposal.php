<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/**
 * Lays what several jobs still need on people and places: earliest promise first, a job in pieces before a new one is taken apart, no more
 * vehicles apart than places, and nothing before what it waits for is there. What lies on the board already stays where it is. Common
 * practice, no source.
 */
final readonly class Proposal
{
    /** Other vehicles on a place that are waited for, one after the other, before it is given up. */
    private const MOST_WAITED_FOR = 40;

    /**
     * @param  list<int>  $people
     * @param  list<string>  $places
     * @param  list<Slot>  $laid  what is there already
     * @param  list<int>  $gone  jobs of it that are done or closed
     */
    public function __construct(
        private WorkCalendar $calendar,
        private array $people,
        private array $places,
        private array $laid = [],
        private array $gone = [],
    ) {
    }

    /**
     * @param  list<ToLay>  $jobs  those first that come first
     * @return list<Slot> only what is new; nothing of a job for which no place comes free
     */
    public function of(array $jobs, DateTimeImmutable $from): array
    {
        $slots = [];
        if ($this->people === [] || $this->places === []) {
            return $slots;
        }
        foreach ($jobs as $job) {
            array_push($slots, ...$this->job($job, $from, [...$this->laid, ...$slots]));
        }

        return $slots;
    }

    /**
     * A job on the place where it is done first.
     *
     * @param  list<Slot>  $all  what lies there by now
     * @return list<Slot>
     */
    private function job(ToLay $job, DateTimeImmutable $from, array $all): array
    {
        $holds = Hold::of($all, $this->gone);
        foreach ($holds as $hold) {
            if ($hold->job === $job->job && $hold->isApart) {
                // It cannot be pushed away: whatever else was laid there clashes, and that is said.
                return $this->on($hold->place, $job, [$from, $from], $all);
            }
        }
        $best = [];
        foreach ($this->places as $place) {
            $slots = $this->once($place, $job, $from, $all);
            if ($slots !== [] && ($best === [] || $slots[count($slots) - 1]->end < $best[count($best) - 1]->end)) {
                $best = $slots;
            }
        }

        return $best;
    }

    /**
     * A job on a place, once it is free for as long as the vehicle stands there; nothing where that never comes.
     *
     * @param  list<Slot>  $all
     * @return list<Slot>
     */
    private function once(string $place, ToLay $job, DateTimeImmutable $from, array $all): array
    {
        $others = array_filter(Hold::of($all, $this->gone), static fn (Hold $h): bool => $h->job !== $job->job && $h->place === $place);
        $free = $from;
        for ($i = 0; $i < self::MOST_WAITED_FOR; $i++) {
            $slots = $this->on($place, $job, [$from, $free], $all);
            $own = array_filter(Hold::of($slots), static fn (Hold $h): bool => $h->place === $place)[0] ?? null;
            $before = $own === null ? [] : array_filter($others, static fn (Hold $other): bool => $other->overlaps($own));
            if ($before === []) {
                return $slots;
            }
            foreach ($before as $other) {
                if ($other->until === null) {
                    return [];
                }
                $free = max($free, $other->until);
            }
        }

        return [];
    }

    /**
     * The tasks of a job one after the other, whoever is free first, those on the vehicle on this place.
     *
     * @param  array{DateTimeImmutable, DateTimeImmutable}  $from  when the first of them may begin, and the first on the vehicle
     * @param  list<Slot>  $all
     * @return list<Slot>
     */
    private function on(string $place, ToLay $job, array $from, array $all): array
    {
        [$now, $free] = $from;
        $arrivals = $job->arrivals($this->calendar, $this->calendar->next($now));
        $slots = [];
        foreach ($job->hours as $name => $hours) {
            $task = Task::from($name);
            $slot = $this->already($job->job, $task);
            if ($slot === null) {
                $there = $arrivals->readyFor($task);
                $now = $task->needsPlace() ? max($now, $free) : $now;
                $slot = $this->first(
                    new Wish($job->job, $task, $hours, $there === null ? $now : max($now, $there), $task->needsPlace() ? $place : ''),
                    [...$all, ...$slots],
                );
                $slots[] = $slot;
            }
            $arrivals->ends($task, $slot->end);
            $now = max($now, $slot->end);
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

    /**
     * The earliest moment at which somebody has it in hand to its end.
     *
     * @param  list<Slot>  $all
     */
    private function first(Wish $wish, array $all): Slot
    {
        $best = null;
        foreach ($this->people as $person) {
            $theirs = array_filter($all, static fn (Slot $s): bool => $s->person === $person && $s->end > $wish->from);
            $start = $this->calendar->next($wish->from);
            do {
                $slot = new Slot($wish->job, $wish->task, $person, $wish->place, $start, $this->calendar->add($start, $wish->hours));
                $busy = array_filter($theirs, static fn (Slot $other): bool => $other->overlaps($slot));
                foreach ($busy as $other) {
                    $start = max($start, $this->calendar->next($other->end));
                }
            } while ($busy !== []);
            $best = $best === null || $slot->start < $best->start ? $slot : $best;
        }

        return $best ?? throw PlanningError::neverOpen();
    }
}
