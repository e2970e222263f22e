<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/** A task that wants a time on the board. */
final readonly class Wish
{
    /** @param  string  $place  where the vehicle stands already; empty where it stands nowhere */
    public function __construct(
        public int $job,
        public Task $task,
        public float $hours,
        public DateTimeImmutable $from,
        public string $place,
    ) {
    }
}
