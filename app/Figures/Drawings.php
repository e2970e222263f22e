<?php

declare(strict_types=1);

namespace App\Figures;

use Spindle\JobSheet\Station;

/** The drawings of a station, which an entry made there redraws. */
final class Drawings
{
    /** @return list<string> */
    public static function at(Station $station): array
    {
        return match ($station) {
            Station::Triage => ['triage'],
            Station::Demand => ['demand'],
            Station::Strip => ['disc', 'flywheel'],
            Station::Kit => ['capacity'],
            Station::Set => ['clutch', 'pedal'],
            default => [],
        };
    }
}
