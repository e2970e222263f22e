<?php

declare(strict_types=1);

namespace Spindle\JobSheet;

use Spindle\JobSheet\Fields\TriageFields;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\NextTest;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;

/** What the signs and test results of a sheet point at. */
final class TriageOfSheet
{
    public static function diagnosis(JobSheet $sheet): Diagnosis
    {
        return Diagnosis::of(self::situation($sheet), self::evidence($sheet), $sheet->causes);
    }

    /** Whether anything was noted at all. */
    public static function isBegun(JobSheet $sheet): bool
    {
        return self::evidence($sheet)->known !== [];
    }

    /** @return list<OutsideTest> those that suit the vehicle: not done yet and most telling for their minutes first, then those done */
    public static function tests(JobSheet $sheet): array
    {
        $next = array_map(static fn (NextTest $n): OutsideTest => $n->test, self::diagnosis($sheet)->nextTests());
        $done = array_filter(Tests::all(), static fn (OutsideTest $t): bool => $t->suits(self::situation($sheet)) && ! in_array($t, $next, true));

        return [...$next, ...array_values($done)];
    }

    public static function situation(JobSheet $sheet): Situation
    {
        return new Situation($sheet->vehicleClass(), $sheet->actuation(), $sheet->flywheel(), $sheet->distanceSinceFitted(), $sheet->timeSinceFitted(),
            $sheet->values->has('vehicle.stages') ? $sheet->isTwoStage() : null, $sheet->pilot());
    }

    private static function evidence(JobSheet $sheet): Evidence
    {
        $tests = [];
        foreach (Tests::all() as $id => $test) {
            $word = $sheet->values->word(TriageFields::key($test));
            if ($word !== null) {
                $tests[$id] = $word === TriageFields::POSITIVE;
            }
        }

        return new Evidence($sheet->values->words('triage.signs'), $tests);
    }
}
