<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;

require_once dirname(__DIR__, 2).'/Support/plain-cases.php';

/*
 * The order in which tests are proposed against a habitual one: look underneath, fluid, free play, stroke, reverse test, slip test, then
 * the rest by minutes. Both begin with what was told, end as soon as what is to be done is sure or nothing can change it, and see the same
 * results, drawn by the table with a fixed seed, five times for each case.
 */

const HABIT = ['t_leak', 't_pedal_box', 't_slacken', 't_stroke', 't_reverse', 't_slip'];

/** @return list<string> the tests a vehicle can be given, as habit has them */
function byHabit(Situation $situation): array
{
    $suiting = array_filter(Tests::all(), static fn ($test): bool => $test->suits($situation));
    uasort($suiting, static fn ($a, $b): int => $a->minutes <=> $b->minutes);
    $names = array_keys($suiting);

    return [...array_intersect(HABIT, $names), ...array_diff($names, HABIT)];
}

/**
 * @param  array<string, bool>  $results  of every test
 * @param  Closure(Diagnosis, Evidence): ?string  $choose  the next test
 * @return array{int, bool} minutes, and whether what is done then is right
 */
function tested(Situation $situation, Evidence $told, array $results, Closure $choose, string $cause): array
{
    [$minutes, $evidence] = [0, $told];
    while (true) {
        $diagnosis = Diagnosis::of($situation, $evidence);
        $test = $diagnosis->isOutcomeSure() || $diagnosis->nextTests() === [] ? null : $choose($diagnosis, $evidence);
        if ($test === null) {
            return [$minutes, $diagnosis->outcome() === Causes::all()[$cause]->outcome];
        }
        $minutes += Tests::all()[$test]->minutes;
        $evidence = $evidence->with($test, $results[$test]);
    }
}

it('asks for at most a third of the minutes of habit, and is right no less often', function () {
    $random = new Randomizer(new Mt19937(17));
    $cases = array_merge(...array_fill(0, 5, plainCases()));
    [$proposed, $habit, $right, $rightByHabit, $all] = [0, 0, 0, 0, 0];
    foreach ($cases as $case) {
        [, $vehicle, $signs, , $cause] = $case;
        $situation = situationOf($vehicle);
        $told = new Evidence($signs, [], $case[5] ?? []);
        if ($told->known === []) {
            continue;
        }
        $results = array_map(
            static fn ($test): bool => $random->getInt(0, 999_999) / 1e6 < Evidence::likelihood(Causes::all()[$cause], $test->id, true),
            Tests::all(),
        );
        [$minutes, $isRight] = tested($situation, $told, $results,
            static fn (Diagnosis $d): ?string => ($d->nextTests()[0] ?? null)?->test->id, $cause);
        [$ofHabit, $isRightByHabit] = tested($situation, $told, $results,
            fn ($d, Evidence $e): ?string => array_values(array_diff(byHabit($situation), array_keys($e->known)))[0] ?? null, $cause);
        $proposed += $minutes;
        $habit += $ofHabit;
        $right += (int) $isRight;
        $rightByHabit += (int) $isRightByHabit;
        $all++;
    }
    fwrite(STDERR, sprintf(
        "\n  %d vehicles: %.1f minutes each as proposed, %.1f by habit; right outcome %.1f %% and %.1f %%\n",
        $all, $proposed / $all, $habit / $all, 100 * $right / $all, 100 * $rightByHabit / $all,
    ));

    expect($all)->toBeGreaterThanOrEqual(1000)->and($proposed)->toBeLessThanOrEqual($habit / 3)
        ->and($right)->toBeGreaterThanOrEqual($rightByHabit - 5);
});
