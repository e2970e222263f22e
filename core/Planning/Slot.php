<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/** A task laid on the board: whose hands, which place, from when to when. */
final readonly class Slot
{
    public function __construct(
        public int $job,
        public Task $task,
        public ?int $person,
        public string $place,
        public DateTimeImmutable $start,
        public DateTimeImmutable $end,
    ) {
    }

    public function overlaps(self $other): bool
    {
        return $this->start < $other->end && $other->start < $this->end;
    }
}
