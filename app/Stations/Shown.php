<?php

declare(strict_types=1);

namespace App\Stations;

use App\Drawings\Drawings;
use App\Page\Entries;
use App\Page\FieldsNow;
use App\Page\Pieces;
use App\Page\TellTale;
use Illuminate\Http\Request;
use Spindle\Sheet\Station;

/** What every view of a station is given: the job, its boxes, its drawings, and what this station alone shows. */
final class Shown
{
    /**
     * For a view that stands in for the station's own, such as one kit of the shelf.
     *
     * @return array<string, mixed>
     */
    public static function beside(Station $station, Entries $entries): array
    {
        return [
            'page' => $entries->job, 'entries' => $entries, 'station' => $station, 'drawings' => Drawings::of($entries->job),
            'pieces' => Pieces::now(), 'tell' => new TellTale, 'time' => TimeAt::of($station, $entries),
            // How photos are called where some are kept beside the work; those of a part stand with it.
            'photosAre' => match ($station) {
                Station::Strip => 'Other photos',
                Station::Bench, Station::Fit, Station::Prove => 'Photos',
                default => '',
            },
        ];
    }

    /**
     * For what changes on a page that is there already: the shelf is no part of that.
     *
     * @return array<string, mixed>
     */
    public static function after(Station $station, Entries $entries, Request $request): array
    {
        return $station === Station::Kit ? self::beside($station, $entries) : self::at($station, $entries, $request);
    }

    /** @return array<string, mixed> */
    public static function at(Station $station, Entries $entries, Request $request): array
    {
        return [...self::beside($station, $entries), 'at' => match ($station) {
            Station::Intake => Intake::of($entries),
            Station::Triage => Triage::of($entries),
            Station::Demand => Demand::of($entries),
            Station::Strip => Strip::of($entries, $request),
            Station::Kit => Kit::of($entries, $request),
            Station::Bench => Bench::of($entries),
            Station::Fit => Fit::of($entries),
            Station::Set => Set::of($entries),
            Station::Prove => Prove::of($entries),
            Station::Record => Record::of($entries, $request),
        }];
    }

    /** @return array<string, FieldsNow> what is neither needed nor entered on the page of a station, by the name of its fold */
    public static function moreAt(Station $station, Entries $entries, Request $request): array
    {
        $all = match ($station) {
            Station::Demand => [Demand::of($entries)->engine, Demand::of($entries)->start],
            Station::Strip => Strip::of($entries, $request)->more(),
            Station::Set => [Set::of($entries)->fieldsNow],
            default => [],
        };

        return array_combine(array_map(static fn (FieldsNow $f): string => $f->name(), $all), $all);
    }

    /** What the page of a station is made of, where it is made of things that open. */
    public static function sectionsAt(Station $station, Entries $entries, Request $request): ?Sections
    {
        return match ($station) {
            Station::Intake => Intake::of($entries)->sections,
            Station::Triage => Triage::of($entries)->sections,
            Station::Strip => Strip::of($entries, $request)->sections,
            Station::Bench => Bench::of($entries)->sections,
            Station::Fit => Fit::of($entries)->sections,
            Station::Set => Set::of($entries)->sections,
            default => null,
        };
    }
}
