<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/**
 * A place that a vehicle takes up, worked on or not: from its first task there to its last, and where it was taken apart until it is
 * joined again, for what is in pieces cannot be pushed away. Common practice, no source.
 */
final readonly class Hold
{
    /**
     * @param  Slot  $by  the task that took it apart; else the first there
     * @param  DateTimeImmutable|null  $until  nothing where nobody knows: it is apart, and when it is joined is not laid yet
     */
    private function __construct(
        public int $job,
        public string $place,
        public DateTimeImmutable $from,
        public Slot $by,
        public ?DateTimeImmutable $until,
        public bool $isApart,
    ) {
    }

    /**
     * @param  list<Slot>  $slots
     * @param  list<int>  $gone  jobs that are done or closed: their vehicles stand nowhere longer than was laid
     * @return list<self> a vehicle and place
     */
    public static function of(array $slots, array $gone = []): array
    {
        $by = [];
        foreach ($slots as $slot) {
            if ($slot->place !== '' && $slot->task->needsPlace()) {
                $by[$slot->job][] = $slot;
            }
        }
        $holds = [];
        foreach ($by as $job => $laid) {
            usort($laid, static fn (Slot $a, Slot $b): int => $a->start <=> $b->start);
            array_push($holds, ...self::ofVehicle($laid, in_array($job, $gone, true)));
        }

        return $holds;
    }

    /**
     * @param  non-empty-list<Slot>  $laid  in order of time
     * @return list<self>
     */
    private static function ofVehicle(array $laid, bool $isGone): array
    {
        $apart = self::last($laid, Task::Access);
        $joined = self::last($laid, Task::Closing);
        $isOpenEnded = $apart !== null && ! $isGone && ($joined === null || $joined->end < $apart->end);
        $holds = [];
        foreach (array_unique(array_map(static fn (Slot $s): string => $s->place, $laid)) as $place) {
            $there = array_values(array_filter($laid, static fn (Slot $s): bool => $s->place === $place));
            $end = $there[0]->end;
            foreach ($there as $slot) {
                $end = max($end, $slot->end);
            }
            $isWhereItIsApart = $apart?->place === $place;
            $holds[] = new self(
                $laid[0]->job, $place, $there[0]->start, $apart !== null && $isWhereItIsApart ? $apart : $there[0],
                $isWhereItIsApart && $isOpenEnded ? null : ($isWhereItIsApart && $joined !== null ? max($end, $joined->end) : $end),
                $isWhereItIsApart,
            );
        }

        return $holds;
    }

    /** @param  list<Slot>  $laid */
    private static function last(array $laid, Task $task): ?Slot
    {
        $of = array_values(array_filter($laid, static fn (Slot $s): bool => $s->task === $task));

        return $of === [] ? null : $of[count($of) - 1];
    }

    /** Whether two vehicles would want the same place at the same time. */
    public function overlaps(self $other): bool
    {
        return $other->place === $this->place && ($this->until === null || $other->from < $this->until)
            && ($other->until === null || $this->from < $other->until);
    }

    /** Whether a task of another vehicle would want this place while it is taken. */
    public function bars(Slot $other): bool
    {
        return $other->place === $this->place && $other->job !== $this->job && $other->task->needsPlace()
            && $this->from < $other->end && ($this->until === null || $other->start < $this->until);
    }

    /** Whether a task of this vehicle is laid on another place while it stands here in pieces. */
    public function isLeftBy(Slot $own): bool
    {
        return $this->isApart && $own->job === $this->job && $own->place !== '' && $own->place !== $this->place
            && $own->task->needsPlace() && $own->start >= $this->by->end && ($this->until === null || $own->start < $this->until);
    }
}
