<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\Entries;
use Spindle\Sheet\Place;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Signs;
use Spindle\Triage\TriageFields;
use Spindle\Triage\TriageOfSheet;

/** Triage: what the signs point at, and what is worth testing from outside. */
final readonly class Triage
{
    /** Before the place of the tests made there. */
    private const TESTS = 'tests-';

    private const OUTCOME = 'triage.kind';

    private function __construct(public Sections $sections)
    {
    }

    public static function of(Entries $entries): self
    {
        $next = TriageOfSheet::nextTests($entries->job->sheet)[0] ?? null;
        $signs = self::said($entries, TriageFields::SIGNS);

        return new self(Sections::of(
            $entries,
            new Section('signs', 'Signs', 'job.signs', [TriageFields::SIGNS], 'what the driver tells, and what is seen', status: $signs),
            new Section(
                Fold::ABSENT, 'Asked for, and not there', 'triage.absent', [TriageFields::ABSENT], 'what you asked and the driver denied',
                status: self::said($entries, TriageFields::ABSENT),
            ),
            ...self::tests($entries),
        )->startingAt(match (true) {
            $entries->job->values()->has(self::OUTCOME) => '',
            $signs === '' || $next === null => 'signs',
            default => self::TESTS.$next->test->place->value,
        }));
    }

    /** @return list<Section> what can be tested from outside, by where one stands for it; the most telling for their minutes first */
    private static function tests(Entries $entries): array
    {
        $tests = TriageOfSheet::tests($entries->job->sheet);
        $at = static fn (Place $place): array => array_values(
            array_filter($tests, static fn (OutsideTest $t): bool => $t->place === $place),
        );
        $sections = [];
        foreach (Place::cases() as $place) {
            $there = array_combine(array_map(TriageFields::key(...), $at($place)), $at($place));
            $sections[] = new Section(
                self::TESTS.$place->value, "Tests: {$place->label()}", 'triage.tests', array_keys($there), 'none done', ['tests' => $there],
            );
        }

        return $sections;
    }

    /** The signs of a reading, as they are said. */
    private static function said(Entries $entries, string $key): string
    {
        return implode('; ', array_map(
            static fn (string $sign): string => Signs::all()[$sign] ?? $sign, $entries->job->values()->words($key),
        ));
    }
}
