<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\JobSentences;
use App\Models\JobStanding;
use App\Models\Reading;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Verdict;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Station;
use Spindle\Sheet\WorkedFormula;

/** What the tell-tale shows: worst first, this station before the others, and the chain behind each finding. */
final class TellTale
{
    /** More than so many that are within are one line, which opens: they would push what is open off the page. */
    private const MOST_WITHIN = 8;

    public function summary(AssessedJob $page): string
    {
        $counts = array_count_values(array_map(static fn (Finding $f): string => $f->verdict->label(), $page->assessment->findings));

        return implode(', ', array_map(
            static fn (Verdict $v): string => ($counts[$v->label()] ?? 0).' '.$v->label(),
            [Verdict::Out, Verdict::Unmeasured, Verdict::Near, Verdict::Within],
        ));
    }

    /**
     * Which findings stand where: while this stays, each can be renewed by itself.
     *
     * @param  array<string, list<Finding>>  $groups
     */
    public function makeUp(array $groups): string
    {
        return implode(
            "\n",
            array_map(
                fn (string $title, array $findings): string => $title.': '.implode(' / ', array_map(
                    static fn (array $part): string => implode(' ', array_map(static fn (Finding $f): string => $f->id, $part)),
                    $this->folded($findings),
                )),
                array_keys($groups),
                $groups,
            ),
        );
    }

    /**
     * What stands there for everybody to see, and what lies in the line of those within.
     *
     * @param  list<Finding>  $findings
     * @return array{list<Finding>, list<Finding>}
     */
    public function folded(array $findings): array
    {
        $isWithin = static fn (Finding $f): bool => $f->verdict === Verdict::Within && ! $f->isWaived();
        $within = array_values(array_filter($findings, $isWithin));

        return count($within) <= self::MOST_WITHIN ? [$findings, []]
            : [array_values(array_filter($findings, static fn (Finding $f): bool => ! $isWithin($f))), $within];
    }

    /**
     * Whether the address of the page asks for one of them.
     *
     * @param  list<Finding>  $findings
     */
    public function isAsked(array $findings): bool
    {
        $asked = request()->query('finding');

        return array_filter($findings, static fn (Finding $f): bool => $f->id === $asked) !== [];
    }

    /**
     * Everything a finding is drawn from, so that one that has not changed need not be drawn: as values, since to put all of it in words
     * takes as long as to draw it.
     */
    public function madeFrom(AssessedJob $page, Entries $entries, Finding $finding): string
    {
        $rows = array_map($page->current->filled(...), $finding->readings);

        return serialize([
            $finding,
            $page->job->units,
            $finding->isWaived() ? $page->letThrough->by($finding->id) : '',
            $this->restsOnUnchecked($page, $finding),
            array_map(static fn (array $of): array => array_map(static fn (Reading $r): int => $r->seq, $of), $rows),
            $page->job->kitChoice?->getAttributes()['id'] ?? 0,
            array_map(
                static fn (string $key): array => [$key, $page->current->row($key)->seq ?? 0, $entries->refusalIn($key)],
                $this->makersFigures($finding),
            ),
        ]);
    }

    /** @return array<string, list<Finding>> */
    public function groups(AssessedJob $page, Station $station): array
    {
        $all = self::together($page, $page->assessment->worstFirst());
        $here = array_values(array_filter($all, static fn (Finding $f): bool => Subjects::dictionary()->stationOf($f->id) === $station));
        $elsewhere = array_values(array_filter(
            $page->assessment->worstFirst(),
            static fn (Finding $f): bool => Subjects::dictionary()->stationOf($f->id) !== $station
                && (in_array($f->verdict, [Verdict::Out, Verdict::Near], true) || ($f->verdict === Verdict::Unmeasured && $f->isWaived())),
        ));

        $elsewhere = [...$elsewhere, ...self::owedElsewhere($page, $station)];

        return array_filter(["At {$station->label()}" => $here, 'Elsewhere on this job' => $elsewhere]);
    }

    /**
     * What is not there at the other stations, in one line; their own pages say it all.
     *
     * @return list<Finding>
     */
    private static function owedElsewhere(AssessedJob $page, Station $here): array
    {
        $missing = [];
        foreach (Station::cases() as $station) {
            $count = $station === $here ? 0 : $page->missingAt($station);
            $missing = $count > 0 ? [...$missing, [$station, $count]] : $missing;
        }

        return $missing === [] ? [] : [Finding::unmeasured('elsewhere.owed', JobSentences::stillToEnter($missing))];
    }

    /**
     * Parts that nobody has looked at are one line, not one each; where each is settled they stand by themselves.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function together(AssessedJob $page, array $findings): array
    {
        $isUnseen = static fn (Finding $f): bool => $f->verdict === Verdict::Unmeasured &&
            ! $f->isWaived() &&
            str_ends_with($f->id, '.conditions') &&
            ! str_contains($f->missing[0] ?? '', AsLeft::PREFIX);
        $unseen = array_values(array_filter($findings, $isUnseen));
        if (count($unseen) < 2) {
            return $findings;
        }
        $names = array_map(
            static fn (Finding $f): string => lcfirst(StripPart::from(explode('.', $f->id)[0])->label($page->sheet)),
            $unseen,
        );
        $one = Finding::unmeasured(
            'open.not_looked_at',
            JobSentences::notLookedAt($names),
            ...array_merge(...array_map(static fn (Finding $f): array => $f->missing, $unseen)),
        );
        $first = array_search($unseen[0], $findings, true);
        $rest = array_values(array_filter($findings, static fn (Finding $f): bool => ! $isUnseen($f)));

        return [...array_slice($rest, 0, (int) $first), $one, ...array_slice($rest, (int) $first)];
    }

    /** The formula of a finding with the numbers put in; empty where none of them is known. */
    public function worked(AssessedJob $page, Finding $finding): string
    {
        $sheet = $finding->isLeft ? $page->sheet->left() ?? $page->sheet : $page->sheet;

        return (new WorkedFormula($sheet, $page->assessment->figures, $page->display))->of($finding);
    }

    /** Whether its limit is a maker's figure that the lead has not confirmed. */
    public function restsOnUnchecked(AssessedJob $page, Finding $finding): bool
    {
        return $finding->limit?->source === LimitSource::Maker
            && array_filter($this->makersFigures($finding), $page->isUnchecked(...)) !== [];
    }

    /** Where what a finding waits for is entered; its own station where it waits for nothing. */
    public function stationToEnter(Finding $finding): Station
    {
        return Subjects::dictionary()->entry($finding->missing[0] ?? '')->station ?? Subjects::dictionary()->stationOf($finding->id);
    }

    /** Whether there is more to say of a finding than its sentence. */
    public function hasMore(Finding $finding): bool
    {
        return $finding->hasFormula() || $finding->readings !== [] || $finding->limit !== null || $this->makersFigures($finding) !== [];
    }

    /** Where a reading that a finding rests on is entered. */
    public function placeOf(AssessedJob $page, string $key): string
    {
        $field = Subjects::dictionary()->get($key);
        $part = StripPart::tryFrom($field->firstWord());
        $links = new JobLinks($page->job);
        $address = $part !== null && $field->station === Station::Strip ? $links->part($part) : $links->to($field->station);

        return $address.'#label-'.FieldForm::idOf($key);
    }

    /** @return array<string, array{string, string}> label and what was typed, by field, of the entries a finding rests on */
    public function readings(AssessedJob $page, Finding $finding): array
    {
        $shown = [];
        foreach ($finding->readings as $key) {
            $rows = $page->current->filled($key);
            $field = Subjects::dictionary()->find($key);
            if ($field !== null && $rows !== []) {
                $shown[$key] = [$field->label, implode(
                    ' · ',
                    array_map(static fn (Reading $r): string => $r->inWords(), $rows),
                )];
            } elseif ($field !== null && str_starts_with($key, 'kit.')) {
                $entry = $page->values()->entries($key)[0] ?? null;
                $word = $page->values()->word($key);
                $text = $entry !== null ? $page->display->entry($entry) : ($word === null ? '' : $field->options[$word] ?? $word);
                $shown += $text === '' ? [] : [$key => ["{$field->label} (kit)", $text]];
            }
        }

        return $shown;
    }

    /** @return list<string> fields that take the maker's figure in place of a built-in limit */
    public function makersFigures(Finding $finding): array
    {
        $missing = array_values(array_filter($finding->missing, static fn (string $key): bool => str_starts_with($key, 'limits.')));
        if ($missing !== []) {
            return [$missing[0].'.max'];
        }
        $limit = $finding->limit;
        if (
            $limit === null ||
            $limit->source === LimitSource::Shop ||
            (Subjects::dictionary()->find($limit->name) === null && ! str_starts_with($limit->name, 'release.')) ||
            str_starts_with($limit->name, 'kit.')
        ) {
            return [];
        }
        $keys = [
            ...($limit->min !== null ? ["limits.{$limit->name}.min"] : []),
            ...($limit->max !== null ? ["limits.{$limit->name}.max"] : []),
        ];

        return array_values(array_filter($keys, static fn (string $key): bool => Subjects::dictionary()->limitField($key) !== null));
    }

    /** The words under a station's name on the rail. */
    public function collar(AssessedJob $page, Station $station): string
    {
        return JobStanding::words($page->verdictAt($station), $page->missingAt($station), $page->nameAt($station));
    }
}
