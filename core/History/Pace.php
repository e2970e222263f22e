<?php

declare(strict_types=1);

namespace Spindle\History;

use DateInterval;
use DateTimeImmutable;

/** How far a vehicle goes in a day, read off its meter at two visits; in km, of a tractor in hours. */
final class Pace
{
    /** Nothing where the visits are not a day apart, or the meter did not go on. */
    public static function between(DateTimeImmutable $first, float $then, DateTimeImmutable $second, float $now): ?float
    {
        $days = ($second->getTimestamp() - $first->getTimestamp()) / 86_400;

        return $days < 1.0 || $now <= $then ? null : ($now - $then) / $days;
    }

    /** The day on which it will have gone so far; rounded up, so that nobody is asked a day early. */
    public static function dayAfter(DateTimeImmutable $from, float $distance, float $perDay): DateTimeImmutable
    {
        return $from->setTime(0, 0)->add(new DateInterval('P'.max(0, (int) ceil($distance / $perDay)).'D'));
    }
}
