<?php

declare(strict_types=1);

namespace App\Figures;

use App\Jobs\AssessedJob;
use Spindle\Assessment\StripPart;
use Spindle\Fastening\BoltGroup;
use Spindle\Sheet\Station;

/** Which drawings of a station follow the readings. */
final class Drawings
{
    /** @return list<string> names of the views in figures/ */
    public static function at(Station $station, AssessedJob $page): array
    {
        return match ($station) {
            Station::Triage => ['triage'],
            Station::Demand => ['demand', 'starts'],
            Station::Strip => array_merge(...array_map(self::ofPart(...), StripPart::on($page->sheet))),
            Station::Bench => ['bench'],
            Station::Fit => [...array_map(static fn (BoltGroup $g): string => "bolts-{$g->value}", BoltGroup::cases()), 'housing', 'steps'],
            Station::Set => ['truck', 'chain', 'ratios', 'pedal', 'setting', 'turns', 'clutch', 'bleeding',
                ...($page->sheet->isTwoStage() ? ['levers'] : [])],
            Station::Prove => ['proved'],
            default => [],
        };
    }

    /** @return list<string> */
    private static function ofPart(StripPart $part): array
    {
        return match ($part) {
            StripPart::Disc => ['disc'],
            StripPart::SecondDisc => ['disc2'],
            StripPart::Cover => ['plate', 'fingers'],
            StripPart::TwoStage => ['levers'],
            StripPart::Flywheel => ['face', 'flywheel'],
            StripPart::Pilot => ['pilot'],
            default => [],
        };
    }
}
