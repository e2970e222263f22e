<?php

declare(strict_types=1);

namespace App\Walk;

use App\Drawings\Drawings;
use App\Jobs\AssessedJob;
use App\Jobs\Memo;
use App\Models\PutBehind;
use App\Models\Walker;
use App\Page\Entries;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Walk\Step;
use Spindle\Walk\Together;
use Spindle\Walk\Walk;

/** The walk through a job as somebody sees it: what is next, how much there is, where, and who else is at it. */
final readonly class WalkPage
{
    /**
     * @param  Walk  $whole  wherever it is
     * @param  Walk  $walk  what this person walks
     * @param  Place|null  $at  the place this person keeps to
     * @param  array<string, string>  $others  who else walks it, by place
     * @param  array<string, PutBehind>  $behind  by field
     */
    private function __construct(
        public Entries $entries,
        public Walk $whole,
        public Walk $walk,
        public ?Place $at,
        public array $others,
        public array $behind,
        public Drawings $drawings,
        private Memo $made,
    ) {
    }

    /** @param  Place|null  $from  where the person was last, so that the way goes on from there */
    public static function of(Entries $entries, int $user, ?Place $at = null, ?Place $from = null): self
    {
        $job = $entries->job;
        $behind = PutBehind::query()->where('clutch_job_id', $job->job->id)->get()->keyBy('field')->all();
        $again = [...array_map(static fn (array $d): string => $d[0], $job->current->doubted()), ...$entries->refusedFields()];
        $whole = $job->job->isSigned() ? Walk::none() : Walk::of(
            $job->sheet, $job->assessment, array_values(array_unique($again)), array_map(strval(...), array_keys($behind)), $at ?? $from,
        );

        return new self(
            $entries, $whole, $at === null ? $whole : $whole->at($at), $at, Walker::beside($job->job->id, $user), $behind,
            Drawings::of($job), new Memo,
        );
    }

    public function job(): AssessedJob
    {
        return $this->entries->job;
    }

    /** An address of the walk, worked out once for all of its cards; it keeps to the place. */
    public function address(string $route): string
    {
        return $this->made->once($route, fn (): string => route(
            $route, [$this->job()->job, ...array_filter(['at' => $this->at?->value])],
        ));
    }

    /** @return list<Finding> those that rest on any of these readings */
    public function findings(string ...$keys): array
    {
        $by = $this->made->once('findings', function (): array {
            $by = [];
            foreach ($this->job()->assessment->findings as $finding) {
                foreach ($finding->readings as $key) {
                    $by[$key][$finding->id] = $finding;
                }
            }

            return $by;
        });
        $of = [];
        foreach ($keys as $key) {
            $of += $by[$key] ?? [];
        }

        return array_values($of);
    }

    /** @return list<string> */
    public function cautionsAt(Station $station): array
    {
        return $this->made->once("cautions {$station->value}", fn (): array => $this->job()->cautionsAt($station));
    }

    /** @return list<WalkGroup> what stands on the screen one after the other */
    public function groups(): array
    {
        return array_map($this->groupOf(...), Together::of($this->walk->steps));
    }

    /** What a step stands in; one that is not to be taken any more stands by itself. Nothing where there is no such field. */
    public function group(string $key): ?WalkGroup
    {
        foreach (Together::of($this->walk->steps) as $together) {
            if (in_array($key, array_map(static fn (Step $s): string => $s->key, $together->steps), true)) {
                return $this->groupOf($together);
            }
        }

        return Subjects::dictionary()->entry($key) === null ? null : new WalkGroup([WalkCard::ofField($this, $key)], null);
    }

    private function groupOf(Together $together): WalkGroup
    {
        return new WalkGroup(
            array_map(fn (Step $step): WalkCard => WalkCard::of($this, $step), $together->steps), $together->stretch,
        );
    }

    /** @return list<array{place: Place, count: int, who: string, isHere: bool}> where there is something to take */
    public function places(): array
    {
        $places = [];
        foreach ($this->whole->byPlace() as $place => $count) {
            $places[] = [
                'place' => Place::from($place), 'count' => $count, 'who' => $this->others[$place] ?? '',
                'isHere' => $this->at === Place::from($place),
            ];
        }

        return $places;
    }

    /** "34 to take, about 67 min"; nothing left says so. */
    public function said(): string
    {
        $count = count($this->walk->steps);
        $minutes = max(1, (int) round($this->walk->minutes()));

        return match (true) {
            $this->job()->job->isSigned() => 'Signed: nothing is taken any more.',
            $count > 0 => "{$count} to take, about {$minutes} min",
            $this->at !== null && $this->whole->steps !== [] => 'Nothing left '.$this->at->label().'.',
            default => 'Nothing left to take.',
        };
    }

    /** Where the walk ends: at the station that goes on. */
    public function end(): Station
    {
        return $this->job()->stage();
    }
}
