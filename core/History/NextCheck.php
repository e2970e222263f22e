<?php

declare(strict_types=1);

namespace Spindle\History;

use DateTimeImmutable;

/** When a vehicle is to be looked at again: on the day that was said, else when its meter will show what was said. */
final readonly class NextCheck
{
    /** Signed longer ago, nobody comes for it any more: days. From memory [M]. */
    public const FORGOTTEN = 400;

    /** @param  bool  $isByDistance  reckoned from how far the vehicle goes in a day */
    private function __construct(public DateTimeImmutable $on, public bool $isByDistance)
    {
    }

    /**
     * Nothing where neither a day was said nor what the meter shall show, or how far it goes in a day is not known.
     *
     * @param  string  $said  a day; a month or a year alone is none
     * @param  float|null  $at  what the meter shall show, and what it showed when the job was signed; km, of a tractor hours
     * @param  float|null  $perDay  how far the vehicle goes in a day
     */
    public static function of(string $said, ?float $at, ?float $showed, ?DateTimeImmutable $signed, ?float $perDay): ?self
    {
        $day = strlen($said) === 10 ? DateTimeImmutable::createFromFormat('!Y-m-d', $said) : false;

        return match (true) {
            $day !== false => new self($day, false),
            $at === null || $showed === null || $signed === null || $perDay === null || $perDay <= 0.0 => null,
            default => new self(Pace::dayAfter($signed, $at - $showed, $perDay), true),
        };
    }
}
