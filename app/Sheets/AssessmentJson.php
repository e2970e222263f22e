<?php

declare(strict_types=1);

namespace App\Sheets;

use BackedEnum;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\NextTest;
use Spindle\Triage\Reach;

/** An assessment as data, in the shape the format's documentation promises. */
final class AssessmentJson
{
    /** Digits kept of a computed figure: enough to compare with, few enough to hide the last bits of binary fractions. */
    private const SIGNIFICANT = 10;

    public static function of(Assessment $assessment, Display $display): \stdClass
    {
        $figures = new \stdClass();
        foreach ($assessment->figures as $name => $figure) {
            $figures->{$name} = (object) [
                'value' => self::rounded($figure->value),
                'unit' => $figure->unit,
                ...$figure->atLeast ? ['at_least' => true] : [],
                ...$figure->range === null ? [] : ['range' => array_map(self::number(...), $figure->range)],
                ...$figure->uncertainty === null
                    ? []
                    : ['uncertainty' => self::rounded($figure->uncertainty), 'decided_by' => $figure->decidedBy],
            ];
        }

        return (object) array_filter(
            [
                'verdict' => $assessment->verdict()->value,
                'figures' => $figures,
                'findings' => array_map(static fn (Finding $f): \stdClass => self::finding($f, $display), $assessment->findings),
                'unmeasured' => $assessment->unmeasured(),
                'as_found' => $assessment->found === []
                        ? null
                        : array_map(static fn (Finding $f): \stdClass => self::finding($f, $display), $assessment->found),
                'triage' => $assessment->triage() === null ? null : self::triage($assessment->triage()),
            ],
            static fn (mixed $v): bool => $v !== null,
        );
    }

    /** Of a whole job: also what it still owes, and whether it may be signed by what the sheet says. */
    public static function ofJob(JobSheet $sheet, Assessment $assessment, Display $display): \stdClass
    {
        $signOff = SignOff::of($assessment->findings, Reach::hasKit($sheet));

        return (object) [
            ...(array) self::of($assessment, $display), 'owed' => self::owed($signOff, $sheet, $display),
            'signable' => $signOff->isAllowed(),
        ];
    }

    /** @return list<array<string, string>> each entry that is owed, once: a look at a part, a test, or a field */
    private static function owed(SignOff $signOff, JobSheet $sheet, Display $display): array
    {
        $owed = [];
        foreach ($signOff->blockers as $finding) {
            foreach ($finding->verdict === Verdict::Unmeasured ? $finding->missing : [] as $key) {
                $nature = $sheet->dictionary->entry($key)?->nature();
                $what = match (true) {
                    str_ends_with($key, '.conditions') => 'look',
                    $nature?->isProof === true, str_starts_with($key, 'triage.t_') => 'test',
                    default => 'field',
                };
                $owed[$key] ??= [$what => $key, 'why' => $finding->say($display)];
            }
        }

        return array_values($owed);
    }

    /** What the signs and tests point at: causes by their chance, what it comes to, the tests worth doing next, best first. */
    private static function triage(Diagnosis $diagnosis): \stdClass
    {
        return (object) [
            'causes' => array_map(
                static fn (string $id, float $chance): \stdClass => (object) ['id' => $id, 'chance' => self::rounded($chance)],
                array_keys($diagnosis->chances),
                array_values($diagnosis->chances),
            ),
            'outcome' => $diagnosis->outcome()->value,
            'sure' => $diagnosis->isSure(),
            'next_tests' => array_map(static fn (NextTest $next): string => $next->test->id, $diagnosis->nextTests()),
        ];
    }

    private static function finding(Finding $finding, Display $display): \stdClass
    {
        return (object) array_filter([
            'id' => $finding->id,
            'verdict' => $finding->verdict->value,
            'message' => $finding->say($display),
            'case' => $finding->case(),
            'arguments' => $finding->arguments() === [] ? null : self::plain($finding->arguments()),
            'limit' => $finding->limit === null ? null : self::limit($finding->limit, $display),
            'source' => $finding->limit?->source->value,
            'readings' => $finding->readings === [] ? null : $finding->readings,
            'missing' => $finding->missing === [] ? null : $finding->missing,
            'formula' => $finding->hasFormula() ? $finding->formula($display) : null,
            'waiver' => $finding->isWaived() ? $finding->waiver : null,
        ], static fn (mixed $v): bool => $v !== null);
    }

    /** What fills a sentence, as values with their unit, so that another program can say it in its own words. */
    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Quantity => (object) [
                'value' => self::number($value->value), 'unit' => $value::dimension()->baseUnit()->symbol,
            ],
            $value instanceof AsRead => self::plain($value->value),
            $value instanceof Finding => (object) [
                'id' => $value->id, 'case' => $value->case(), 'arguments' => self::plain($value->arguments()),
            ],
            $value instanceof Said => (object) ['case' => $value->case(), 'arguments' => self::plain($value->arguments)],
            $value instanceof BackedEnum => $value->value,
            // The limit of a finding stands beside it.
            $value instanceof Limit => $value->name,
            is_float($value) => self::number($value),
            is_object($value) => self::plain(get_object_vars($value)),
            is_array($value) => array_is_list($value) ? array_map(self::plain(...), $value)
                : (object) array_map(self::plain(...), $value),
            default => $value,
        };
    }

    private static function limit(Limit $limit, Display $display): \stdClass
    {
        $figure = static fn (?Quantity $q): ?float => $q === null ? null : self::number($q->value);

        return (object) array_filter([
            'name' => $limit->name,
            'min' => $figure($limit->min),
            'max' => $figure($limit->max),
            'watch_below' => $figure($limit->watchMin),
            'watch_from' => $figure($limit->watchMax),
            'unit' => ($limit->min ?? $limit->max ?? $limit->watchMin ?? $limit->watchMax)?->dimension()->baseUnit()->symbol,
            'source' => $limit->source->value,
            'mark' => $limit->mark?->value,
            'text' => $limit->wording($display),
        ], static fn (mixed $v): bool => $v !== null);
    }

    /**
     * @return ($value is float ? float : ($value is int ? int : string))
     */
    /**
     * @param  float|int|string|list<int>  $value
     * @return float|int|string|list<int>
     */
    private static function rounded(float|int|string|array $value): float|int|string|array
    {
        return is_float($value) ? self::number($value) : $value;
    }

    private static function number(float $value): float
    {
        return $value === 0.0 ? $value : round($value, self::SIGNIFICANT - 1 - (int) floor(log10(abs($value))));
    }
}
