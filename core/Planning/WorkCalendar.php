<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateInterval;
use DateTimeImmutable;
use DateTimeZone;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/**
 * When the shop works: hours by day of the week, days on which it is closed, and its time zone. Hours of work are hours as they pass,
 * so that a day on which the clocks change is longer or shorter only where the shop works through the change.
 * {"zone": "Europe/Lisbon", "week": {"mon": "08:00-12:00 13:00-17:00", …}, "closed": {"2026-12-25": "Christmas"}}
 */
final readonly class WorkCalendar
{
    public const NAME = 'calendar';

    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /** From memory [M]. */
    private const USUAL = '08:00-12:00 13:00-17:00';

    /** Nobody plans over more closed days than these. */
    private const MOST_DAYS = 400;

    /**
     * @param  array<string, list<array{string, string}>>  $week  openings by day
     * @param  array<string, string>  $closed  why, by date
     */
    private function __construct(public DateTimeZone $zone, private array $week, public array $closed)
    {
    }

    /** Of the shop as the sheet carries it, else eight hours from Monday to Friday in the time of the machine. */
    public static function of(JobSheet $sheet): self
    {
        $calendar = $sheet->section(self::NAME);

        return $calendar instanceof self ? $calendar : self::read(null);
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $map = $given === null ? [] : Sections::map($given, self::NAME);
        $named = $map['zone'] ?? date_default_timezone_get();
        try {
            $zone = new DateTimeZone(is_string($named) ? $named : '');
        } catch (\Exception) {
            throw SheetError::at(self::NAME.'.zone', 'there is no such time zone');
        }
        $week = [];
        $said = isset($map['week']) ? Sections::map($map['week'], self::NAME.'.week') : [];
        foreach (array_diff(array_keys($said), self::DAYS) as $unknown) {
            throw SheetError::at(self::NAME.".week.{$unknown}", 'there is no such day; '.implode(', ', self::DAYS).' are known');
        }
        foreach (self::DAYS as $day) {
            $week[$day] = self::hours($said[$day] ?? (in_array($day, ['sat', 'sun'], true) ? 'closed' : self::USUAL), $day);
        }
        $closed = [];
        foreach (isset($map['closed']) ? Sections::map($map['closed'], self::NAME.'.closed') : [] as $date => $why) {
            $closed[self::day($date)] = is_string($why) ? $why : '';
        }

        return new self($zone, $week, $closed);
    }

    private static function day(string $date): string
    {
        $read = DateTimeImmutable::createFromFormat('!Y-m-d', $date);

        return $read !== false && $read->format('Y-m-d') === $date
            ? $date : throw SheetError::at(self::NAME.".closed.{$date}", 'a day as 2026-12-25 is expected');
    }

    /** @return list<array{string, string}> */
    private static function hours(mixed $said, string $day): array
    {
        if ($said === 'closed') {
            return [];
        }
        $hours = [];
        $last = '00:00';
        foreach (explode(' ', (string) preg_replace('/[\s,]+/', ' ', is_string($said) ? trim($said) : '')) as $opening) {
            if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)-((?:[01]\d|2[0-3]):[0-5]\d|24:00)$/', $opening, $m) !== 1
                || "{$m[1]}:{$m[2]}" < $last || $m[3] <= "{$m[1]}:{$m[2]}") {
                throw SheetError::at(self::NAME.".week.{$day}", 'hours as “08:00-12:00 13:00-17:00” are expected, one after the other, or '
                    .'“closed”');
            }
            $hours[] = ["{$m[1]}:{$m[2]}", $m[3]];
            $last = $m[3];
        }

        return $hours;
    }

    public static function section(): Section
    {
        return new Section(self::read(...), ['type' => 'object', 'properties' => [
            'zone' => ['type' => 'string'],
            'week' => ['type' => 'object', 'properties' => array_fill_keys(self::DAYS, ['type' => 'string'])],
            'closed' => ['type' => 'object', 'additionalProperties' => ['type' => 'string']],
        ]]);
    }

    /** @return list<array{DateTimeImmutable, DateTimeImmutable}> when the shop works on the day of this moment, in its own time */
    public function openings(DateTimeImmutable $on): array
    {
        $day = $on->setTimezone($this->zone);
        if (isset($this->closed[$day->format('Y-m-d')])) {
            return [];
        }

        return array_map(
            fn (array $hours): array => [$this->at($day, $hours[0]), $this->at($day, $hours[1])],
            $this->week[strtolower($day->format('D'))] ?? [],
        );
    }

    private function at(DateTimeImmutable $day, string $time): DateTimeImmutable
    {
        [$h, $m] = explode(':', $time);

        return $day->setTime((int) $h, (int) $m);
    }

    /** @return \stdClass the calendar as a sheet has it, every day the shop works so many hours longer, never past midnight */
    public function longer(int $hours): \stdClass
    {
        $week = [];
        foreach ($this->week as $day => $openings) {
            $last = count($openings) - 1;
            $week[$day] = $openings === [] ? 'closed' : implode(' ', array_map(
                static fn (array $o, int $i): string => $o[0].'-'.($i === $last ? self::later($o[1], $hours) : $o[1]),
                $openings, array_keys($openings),
            ));
        }

        return (object) ['zone' => $this->zone->getName(), 'week' => (object) $week, 'closed' => (object) $this->closed];
    }

    private static function later(string $time, int $hours): string
    {
        [$h, $m] = explode(':', $time);

        return (int) $h + $hours >= 24 ? '24:00' : sprintf('%02d:%s', (int) $h + $hours, $m);
    }

    public function isOpenOn(DateTimeImmutable $day): bool
    {
        return $this->openings($day) !== [];
    }

    /** Why the shop is closed on a day that is none of the week's own; empty where it is not. */
    public function whyClosed(DateTimeImmutable $day): string
    {
        $date = $day->setTimezone($this->zone)->format('Y-m-d');

        return isset($this->closed[$date]) ? ($this->closed[$date] === '' ? 'closed' : $this->closed[$date]) : '';
    }

    /**
     * The first moment from this one on at which somebody works.
     *
     * @throws PlanningError when there is none within a year
     */
    public function next(DateTimeImmutable $from): DateTimeImmutable
    {
        return $this->walk($from, 0.0);
    }

    /**
     * So many hours of work later.
     *
     * @throws PlanningError when the shop is closed for more than a year on end
     */
    public function add(DateTimeImmutable $from, float $hours): DateTimeImmutable
    {
        return $this->walk($from, $hours);
    }

    private function walk(DateTimeImmutable $from, float $hours): DateTimeImmutable
    {
        $left = (int) round($hours * 3600);
        $now = $from->setTimezone($this->zone);
        $without = 0;
        while ($without++ < self::MOST_DAYS) {
            foreach ($this->openings($now) as [$opens, $closes]) {
                $begin = max($now, $opens);
                $here = $closes->getTimestamp() - $begin->getTimestamp();
                if ($here <= 0) {
                    continue;
                }
                $without = 0;
                if ($left <= $here) {
                    return $begin->setTimestamp($begin->getTimestamp() + $left)->setTimezone($this->zone);
                }
                $left -= $here;
            }
            $now = $now->add(new DateInterval('P1D'))->setTime(0, 0);
        }

        throw PlanningError::neverOpen();
    }

    /** Hours of work between two moments; nought where the second is not later. */
    public function between(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        $seconds = 0;
        for ($day = $from->setTimezone($this->zone)->setTime(0, 0); $day < $to; $day = $day->add(new DateInterval('P1D'))) {
            foreach ($this->openings($day) as [$opens, $closes]) {
                $seconds += max(0, min($closes->getTimestamp(), $to->getTimestamp()) - max($opens->getTimestamp(), $from->getTimestamp()));
            }
        }

        return $seconds / 3600;
    }

    /** The same time so many of the shop's working days later, and the first hour of work from then on. */
    public function workingDaysLater(DateTimeImmutable $from, int $days): DateTimeImmutable
    {
        $day = $from->setTimezone($this->zone);
        for ($looked = 0; $days > 0; $looked++) {
            if ($looked > self::MOST_DAYS) {
                throw PlanningError::neverOpen();
            }
            $day = $day->add(new DateInterval('P1D'));
            $days -= $this->isOpenOn($day) ? 1 : 0;
        }

        return $this->next($day);
    }

    /** As a supplier counts: every day of the week, the same time of day, whatever the clocks did meanwhile; then when somebody works. */
    public function daysLater(DateTimeImmutable $from, int $days): DateTimeImmutable
    {
        return $this->next($from->setTimezone($this->zone)->add(new DateInterval("P{$days}D")));
    }
}
