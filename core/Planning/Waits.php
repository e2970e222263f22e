<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/** What a job waits for besides its own work; nothing where it does not. */
final readonly class Waits
{
    /**
     * @param  int|null  $delivery  days after the order
     * @param  int|null  $machining  working days at the machinist
     * @param  DateTimeImmutable|null  $partsOn  when what was ordered already is there
     */
    public function __construct(public ?int $delivery = null, public ?int $machining = null, public ?DateTimeImmutable $partsOn = null)
    {
    }
}
