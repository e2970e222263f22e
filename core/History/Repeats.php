<?php

declare(strict_types=1);

namespace Spindle\History;

use DateTimeImmutable;
use Spindle\Triage\Causes;

/** Faults of one kind that come again on one vehicle. Common practice, no source. */
final readonly class Repeats
{
    /** How far back one looks, and from how many on it is said. From memory [M]. */
    private const YEARS = 5;

    private const FROM = 2;

    /** A few weeks over a year are still that year. */
    private const ALMOST = 0.1;

    private const NUMBERS = [2 => 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth'];

    /**
     * "Third release fault in four years: look at the bulkhead …".
     *
     * @param  list<array{DateTimeImmutable, list<string>}>  $faults  when, and the causes that were found
     * @return list<string>
     */
    public static function said(array $faults): array
    {
        $last = $faults === [] ? null : max(array_column($faults, 0));
        $said = [];
        foreach (FaultArea::cases() as $area) {
            $days = [];
            foreach ($faults as [$day, $causes]) {
                if ($last !== null && $day->diff($last)->y < self::YEARS && self::isOf($area, $causes)) {
                    $days[] = $day;
                }
            }
            if (count($days) >= self::FROM) {
                $years = max(1, (int) ceil(min($days)->diff(max($days))->days / 365.25 - self::ALMOST));
                $said[] = (self::NUMBERS[count($days)] ?? count($days).'th')." {$area->label()} in "
                    .($years === 1 ? 'a year' : "{$years} years").": {$area->lookAt()}.";
            }
        }

        return $said;
    }

    /** @param  list<string>  $causes */
    private static function isOf(FaultArea $area, array $causes): bool
    {
        foreach ($causes as $id) {
            $cause = Causes::all()[$id] ?? null;
            if ($cause !== null && FaultArea::of($cause) === $area) {
                return true;
            }
        }

        return false;
    }
}
