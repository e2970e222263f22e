<?php

declare(strict_types=1);

namespace App\Page;

use App\Models\Job;
use Spindle\Assessment\StripPart;
use Spindle\Sheet\Station;

/** Where the entries of a job are sent and looked up. A page asks for hundreds of these, so each pattern is worked out once. */
final class JobLinks
{
    private const ANY_FIELD = 'any-field';

    private ?string $base = null;

    private ?string $history = null;

    public function __construct(private readonly Job $job)
    {
    }

    /** What the number of a job is put behind to open it: for lists of many, as an address takes longer than its row. */
    public static function toAny(): string
    {
        return substr(route('job', 0), 0, -1);
    }

    public function storeAt(Station $station): string
    {
        return ($this->base ??= route('job', $this->job)).'/'.$station->value;
    }

    /** What can be done with the job as a whole: units, arm, again, plan. */
    public function action(string $what): string
    {
        return ($this->base ??= route('job', $this->job))."/{$what}";
    }

    /** How a finding came about. */
    public function finding(string $id, Station $at): string
    {
        return ($this->base ??= route('job', $this->job))."/findings/{$id}?at={$at->value}";
    }

    /** The page of a station. */
    public function to(Station $station): string
    {
        return $this->storeAt($station);
    }

    /** Where a reading stands on it. */
    public function reading(Station $station, string $key): string
    {
        return $this->storeAt($station).'#label-'.FieldForm::idOf($key);
    }

    /** What lies folded on the page of a station, by itself; without script the page with it open. */
    public function fold(Station $station, string $name): string
    {
        return $this->storeAt($station)."?fold={$name}";
    }

    /** The page of Strip with one part open. */
    public function part(StripPart $part): string
    {
        return $this->storeAt(Station::Strip)."?part={$part->value}";
    }

    public function history(string $field): string
    {
        return str_replace(self::ANY_FIELD, $field, $this->history ??= route('job.history', [$this->job, self::ANY_FIELD]));
    }
}
