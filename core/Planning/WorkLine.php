<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;

/**
 * A calendar as one line of working time from a moment on: where on it a moment of the clock lies, and which moment a place on it is. For
 * plans that are run over it many times. In seconds.
 */
final class WorkLine
{
    /** Days that are looked at in one go. */
    private const DAYS = 60;

    /** Nobody plans over more closed days than these. */
    private const MOST_CLOSED = 400;

    private const DAY = 86400.0;

    private const HOUR = 3600.0;

    /** @var list<array{float, float, float, int}> openings: from, to, work before, which of the open days */
    private array $openings = [];

    /** @var list<float> the work that is done when each opening ends */
    private array $done = [];

    /** @var list<int> by hours of work: the first opening in which that much is done. Plans look thousands of times. */
    private array $byWork = [];

    /** @var list<int> by days of 24 hours from the beginning: the first opening that ends then or later */
    private array $byClock = [];

    /** @var list<float> midnight before each open day */
    private array $midnights = [];

    private DateTimeImmutable $next;

    private float $work = 0.0;

    public function __construct(private readonly WorkCalendar $calendar, public readonly DateTimeImmutable $from)
    {
        $this->next = $from->setTimezone($calendar->zone)->setTime(0, 0);
    }

    /** @throws PlanningError when the shop never works */
    private function extend(): void
    {
        $had = count($this->openings);
        $from = (float) $this->from->getTimestamp();
        for ($day = 0; $day < self::DAYS || (count($this->openings) === $had && $day < self::MOST_CLOSED); $day++) {
            $isCounted = false;
            foreach ($this->calendar->openings($this->next) as [$opens, $closes]) {
                [$begin, $end] = [max($from, (float) $opens->getTimestamp()), (float) $closes->getTimestamp()];
                if ($end <= $begin) {
                    continue;
                }
                if (! $isCounted) {
                    $this->midnights[] = (float) $this->next->getTimestamp();
                    $isCounted = true;
                }
                $this->openings[] = [$begin, $end, $this->work, count($this->midnights) - 1];
                $this->work += $end - $begin;
                $this->done[] = $this->work;
                $this->find(count($this->done) - 1, $end - $from);
            }
            $this->next = $this->next->modify('+1 day');
        }
        if (count($this->openings) === $had) {
            throw PlanningError::neverOpen();
        }
    }

    /** Has an opening found by the hours of work and the days that it is the first to reach. */
    private function find(int $opening, float $ends): void
    {
        while (count($this->byWork) * self::HOUR <= $this->work) {
            $this->byWork[] = $opening;
        }
        while (count($this->byClock) * self::DAY <= $ends) {
            $this->byClock[] = $opening;
        }
    }

    /** The opening in which so much work is done. */
    private function opening(float $work): int
    {
        while ($this->work < $work || $this->openings === []) {
            $this->extend();
        }
        $at = $this->byWork[(int) ($work / self::HOUR)];
        while ($this->done[$at] < $work) {
            $at++;
        }

        return $at;
    }

    /** When so much work is done, by the clock. */
    public function clock(float $work): float
    {
        [$opens, , $before] = $this->openings[$this->opening($work)];

        return $opens + $work - $before;
    }

    /** How much work is done until a moment of the clock. */
    public function work(float $clock): float
    {
        while ($this->openings === [] || $this->openings[count($this->openings) - 1][1] < $clock) {
            $this->extend();
        }
        $at = $this->byClock[max(0, (int) (($clock - $this->from->getTimestamp()) / self::DAY))];
        while ($this->openings[$at][1] < $clock) {
            $at++;
        }
        [$opens, , $before] = $this->openings[$at];

        return $before + max(0.0, $clock - $opens);
    }

    /** The same time so many days of the week later. */
    public function daysLater(float $work, float $days): float
    {
        return $this->work($this->clock($work) + $days * self::DAY);
    }

    /** The same time so many of the shop's working days later; parts of a day are parts of the work until the next. */
    public function workingDaysLater(float $work, float $days): float
    {
        $opening = $this->openings[$this->opening($work)];
        $time = $opening[0] + $work - $opening[2] - $this->midnights[$opening[3]];
        $whole = (int) $days;
        $there = $this->onDay($opening[3] + $whole, $time);

        return $days > $whole ? $there + ($days - $whole) * ($this->onDay($opening[3] + $whole + 1, $time) - $there) : $there;
    }

    /** How much work is done on an open day until so long after midnight. */
    private function onDay(int $day, float $time): float
    {
        while (! isset($this->midnights[$day])) {
            $this->extend();
        }

        return $this->work($this->midnights[$day] + $time);
    }

    public function moment(float $work): DateTimeImmutable
    {
        return $this->from->setTimestamp((int) round($this->clock($work)))->setTimezone($this->calendar->zone);
    }
}
