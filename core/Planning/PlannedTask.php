<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/** One task of a plan: when it can begin and end at the earliest, and how much later it may. */
final readonly class PlannedTask
{
    /**
     * @param  float  $hours  of work, at the default
     * @param  float  $slack  hours of work by which it may be later and delay nothing
     */
    public function __construct(
        public Task $task,
        public float $hours,
        public DateTimeImmutable $start,
        public DateTimeImmutable $end,
        public bool $isCritical,
        public float $slack,
        public ?DateTimeImmutable $ready = null,
        public string $waitsFor = '',
    ) {
    }
}
