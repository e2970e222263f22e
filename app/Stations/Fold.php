<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use App\Page\FieldsNow;
use Illuminate\Http\Request;
use Spindle\Fastening\BoltGroup;
use Spindle\Sheet\Station;

/** What lies folded on the page of a station, and is drawn when it is opened. */
final readonly class Fold
{
    public const SIGNS = 'signs';

    public const ABSENT = 'absent';

    public const MODIFIED = 'modified';

    public const HOURS = 'hours';

    /** Around the face of a part at Strip. */
    public const FACE = 'face-';

    /** What is open at a station, at Record. */
    public const OPEN = 'open-';

    private const BOLTS = 'bolts-';

    /** @param  array<string, mixed>  $given  beside what every view of a station is given */
    private function __construct(public string $view, public array $given)
    {
    }

    /** Nothing where no such fold is asked for, or the page is asked for as a whole. */
    public static function asked(Request $request, Station $station, Entries $entries): ?self
    {
        $name = $request->header('HX-Request') === 'true' ? $request->string('fold')->toString() : '';
        if ($name === '') {
            return null;
        }
        $section = Shown::sectionsAt($station, $entries, $request)?->named($name);
        $more = str_starts_with($name, FieldsNow::FOLD) ? Shown::moreAt($station, $entries, $request)[$name] ?? null : null;

        return match (true) {
            $section !== null => new self('stations.section', ['section' => $section]),
            $name === self::SIGNS => new self('job.signs', []),
            $name === self::MODIFIED => new self('demand.modified', []),
            $name === self::HOURS => new self('job.hours', []),
            $more !== null => new self('job.fields', ['keys' => $more->more]),
            $station === Station::Strip => self::face(self::after(self::FACE, $name)),
            $station === Station::Record => self::open(Station::tryFrom(self::after(self::OPEN, $name))),
            default => null,
        };
    }

    private static function face(string $part): ?self
    {
        return Strip::hasFace($part) ? new self('strip.face', ['part' => $part]) : null;
    }

    private static function open(?Station $where): ?self
    {
        return $where === null ? null : new self('record.group', ['where' => $where]);
    }

    /** What stands in a name after its beginning; empty where it begins otherwise. */
    private static function after(string $beginning, string $name): string
    {
        return str_starts_with($name, $beginning) ? substr($name, strlen($beginning)) : '';
    }

    public static function ofBolts(BoltGroup $group): string
    {
        return self::BOLTS.$group->value;
    }

    /** Whether it stands open on a page: asked for by its link, or holding an entry that was refused. */
    public static function isOpen(Entries $entries, string $name, string ...$holds): bool
    {
        return request()->query('fold') === $name
            || array_filter($holds, $entries->hasRefusalIn(...)) !== [];
    }
}
