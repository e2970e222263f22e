<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;

/**
 * Goes the same way on every vehicle: looks underneath and for fluid, the free play, the stroke, the reverse test, the slip test, then
 * the rest by their minutes; stops when it is as sure as the other. Common practice, no source.
 */
final readonly class ByHabit implements Learner
{
    private const ORDER = ['t_leak', 't_pedal_box', 't_slacken', 't_stroke', 't_reverse', 't_slip'];

    public function next(Situation $situation, Evidence $evidence, Seed $seed): Move
    {
        $now = Diagnosis::of($situation, $evidence);
        foreach ($now->isOutcomeSure() ? [] : self::order() as $test) {
            if (! isset($evidence->known[$test->id]) && $test->suits($situation)) {
                return Move::test($test->id);
            }
        }

        return Move::decide($now->outcome());
    }

    /** @return list<OutsideTest> */
    private static function order(): array
    {
        $tests = array_values(Tests::all());
        $rank = static fn (OutsideTest $t): array => [
            ($at = array_search($t->id, self::ORDER, true)) === false ? count(self::ORDER) : $at, $t->minutes,
        ];
        usort($tests, static fn (OutsideTest $a, OutsideTest $b): int => $rank($a) <=> $rank($b));

        return $tests;
    }
}
