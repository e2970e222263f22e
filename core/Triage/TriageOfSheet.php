<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\JobSheet;

/** What the signs and test results of a sheet point at. */
final class TriageOfSheet
{
    /** @var \WeakMap<JobSheet, Diagnosis>|null a sheet does not change, and its page asks many times */
    private static ?\WeakMap $known = null;

    /** @var \WeakMap<JobSheet, Diagnosis>|null */
    private static ?\WeakMap $now = null;

    /** @var \WeakMap<JobSheet, Evidence>|null */
    private static ?\WeakMap $noted = null;

    /** @var \WeakMap<JobSheet, list<NextTest>>|null */
    private static ?\WeakMap $next = null;

    public static function diagnosis(JobSheet $sheet): Diagnosis
    {
        /** @var \WeakMap<JobSheet, Diagnosis> $known */
        $known = self::$known ??= new \WeakMap;

        return $known[$sheet] ??= Diagnosis::of(
            self::situation($sheet), self::evidence($sheet), self::causes($sheet), self::own($sheet),
        );
    }

    /** The same; nothing before triage has begun. */
    public static function ifBegun(JobSheet $sheet): ?Diagnosis
    {
        return self::isBegun($sheet) ? self::diagnosis($sheet) : null;
    }

    /** Of the job as it stands: as it was left, where something was set or read anew. */
    public static function now(JobSheet $sheet): Diagnosis
    {
        /** @var \WeakMap<JobSheet, Diagnosis> $now */
        $now = self::$now ??= new \WeakMap;

        return $now[$sheet] ??= self::diagnosis($sheet->left() ?? $sheet);
    }

    /** The table of causes as this sheet changes it. */
    public static function causes(JobSheet $sheet): EvidenceTable
    {
        $table = $sheet->section(EvidenceSection::NAME);

        return $table instanceof EvidenceTable ? $table : EvidenceTable::builtIn();
    }

    /** What the shop's own jobs say, as this sheet carries it. */
    public static function own(JobSheet $sheet): OwnCases
    {
        $own = $sheet->section(OwnCases::NAME);

        return $own instanceof OwnCases ? $own : OwnCases::none();
    }

    /** What this job itself says, once its cause is settled and it is one; nothing where it is none of the table's, or several. */
    public static function solved(JobSheet $sheet): ?SolvedCase
    {
        $causes = array_values(array_intersect($sheet->values->words('why.causes'), array_keys(Causes::all())));
        $evidence = self::evidence($sheet);

        return count($causes) !== 1 || $evidence->known === [] ? null : new SolvedCase($sheet->vehicleClass(), $causes[0], $evidence);
    }

    /** Whether anything was noted at all. */
    public static function isBegun(JobSheet $sheet): bool
    {
        return self::evidence($sheet)->known !== [];
    }

    /** @return list<string> signs that are worth asking for, the most telling first */
    public static function worthAsking(JobSheet $sheet): array
    {
        return self::diagnosis($sheet)->worthAsking();
    }

    /** @return list<NextTest> tests not done yet, the most telling for their minutes first */
    public static function nextTests(JobSheet $sheet): array
    {
        /** @var \WeakMap<JobSheet, list<NextTest>> $next */
        $next = self::$next ??= new \WeakMap;

        return $next[$sheet] ??= self::diagnosis($sheet)->nextTests();
    }

    /** @return list<OutsideTest> that suit the vehicle: most telling for their minutes first, those that change nothing, then those done */
    public static function tests(JobSheet $sheet): array
    {
        $next = array_map(static fn (NextTest $n): OutsideTest => $n->test, self::nextTests($sheet));
        $others = array_filter(
            Tests::all(),
            static fn (OutsideTest $t): bool => $t->suits(self::situation($sheet)) && ! in_array($t, $next, true),
        );
        $isDone = static fn (OutsideTest $t): bool => $sheet->values->has(TriageFields::key($t));
        usort($others, static fn (OutsideTest $a, OutsideTest $b): int => $isDone($a) <=> $isDone($b));

        return [...$next, ...$others];
    }

    public static function situation(JobSheet $sheet): Situation
    {
        return new Situation(
            $sheet->vehicleClass(),
            $sheet->actuation(),
            $sheet->flywheel(),
            $sheet->distanceSinceFitted(),
            $sheet->timeSinceFitted(),
            $sheet->values->has('vehicle.stages') ? $sheet->isTwoStage() : null,
            $sheet->pilot(),
            $sheet->values->has('match.release') ? $sheet->values->word('match.release') === 'pull' : null,
            $sheet->values->has('cover.kind') ? $sheet->values->word('cover.kind') === 'self_adjusting' : null,
        );
    }

    private static function evidence(JobSheet $sheet): Evidence
    {
        /** @var \WeakMap<JobSheet, Evidence> $noted */
        $noted = self::$noted ??= new \WeakMap;

        return $noted[$sheet] ??= self::read($sheet);
    }

    private static function read(JobSheet $sheet): Evidence
    {
        $tests = [];
        foreach (Tests::all() as $id => $test) {
            $word = $sheet->values->word(TriageFields::key($test));
            if ($word !== null) {
                $tests[$id] = $word === TriageFields::POSITIVE;
            }
        }

        return new Evidence($sheet->values->words('triage.signs'), $tests, $sheet->values->words(TriageFields::ABSENT));
    }
}
