<?php

declare(strict_types=1);

use Spindle\Quantity\Distance;
use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Outcome;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Signs;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

use function Eris\Generator\choose;

uses(Eris\TestTrait::class);

it('adds up to one, and does not care in which order things were said', function () {
    $signs = array_keys(Signs::all());
    $this->forAll(choose(0, 2 ** 20), choose(0, 5))->then(function (int $seed, int $howMany) use ($signs): void {
        mt_srand($seed);
        $chosen = array_map(static fn (): string => $signs[mt_rand(0, count($signs) - 1)], range(0, $howMany));
        $mixed = $chosen;
        shuffle($mixed);
        $situation = new Situation(VehicleClass::Van, Actuation::Concentric, FlywheelKind::Solid);
        $one = Diagnosis::of($situation, new Evidence($chosen, ['t_reverse' => true, 't_firm' => false]))->chances;
        $two = Diagnosis::of($situation, new Evidence($mixed, ['t_firm' => false, 't_reverse' => true]))->chances;

        expect(array_sum($one))->toEqualWithDelta(1.0, 1e-12)->and($two)->toEqual($one);
    });
});

/** Doubt left, in bits, after at most this many minutes of testing in an order that a rule gives, one strong sign known before. */
function doubtAfter(int $minutes, Cause $truth, Situation $situation, Closure $pick): float
{
    $signs = array_values(array_intersect($truth->strong, array_keys(Signs::all())));
    $evidence = new Evidence(array_slice($signs, 0, 1));
    while (true) {
        $diagnosis = Diagnosis::of($situation, $evidence);
        $tests = array_values(
            array_filter(
                Tests::all(),
                static fn (OutsideTest $t): bool => ! isset($evidence->known[$t->id]) && $t->suits($situation) && $t->minutes <= $minutes,
            ),
        );
        if ($tests === []) {
            return $diagnosis->doubt();
        }
        $test = $pick($diagnosis, $tests);
        if ($test === null) {
            return $diagnosis->doubt();
        }
        $minutes -= $test->minutes;
        $evidence = $evidence->with($test->id, mt_rand() / mt_getrandmax() < Evidence::likelihood($truth, $test->id, true));
    }
}

it('leaves less doubt after twenty minutes than tests in random order', function () {
    mt_srand(20261124);
    $situation = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid);
    $best = $random = $runs = 0;
    $proposed = static function (Diagnosis $d, array $tests): ?OutsideTest {
        foreach ($d->nextTests() as $next) {
            if (in_array($next->test, $tests, true)) {
                return $next->test;
            }
        }

        // Enough tested: nothing more would change what is done.
        return null;
    };
    foreach (Causes::all() as $cause) {
        if ($situation->allows($cause)) {
            for ($i = 0; $i < 6; $i++) {
                $best += doubtAfter(20, $cause, $situation, $proposed);
                $random += doubtAfter(
                    20,
                    $cause,
                    $situation,
                    static fn (Diagnosis $d, array $tests): OutsideTest => $tests[mt_rand(0, count($tests) - 1)],
                );
                $runs++;
            }
        }
    }
    fwrite(
        STDERR,
        sprintf(
            "\n  doubt left after 20 minutes, mean of %d simulated vehicles: %.2f bits in the proposed order, %.2f in random order\n",
            $runs,
            $best / $runs,
            $random / $runs,
        ),
    );

    expect($best)->toBeLessThan(0.85 * $random);
});

it('expects no test to add doubt, and foresees what each result would say', function () {
    $diagnosis = Diagnosis::of(new Situation(VehicleClass::Car, Actuation::Slave), new Evidence(['spongy', 'reverse_grinds']));
    foreach ($diagnosis->nextTests() as $next) {
        expect($next->dropInDoubt)->toBeGreaterThanOrEqual(-1e-9)->and($next->chanceOfPositive)->toBeGreaterThan(0.0)->toBeLessThan(1.0);
    }
    expect($diagnosis->nextTests()[0]->perMinute())->toBeGreaterThanOrEqual($diagnosis->nextTests()[1]->perMinute());
});

it('foresees of each result what it says once the test is done', function (Situation $situation, Evidence $known) {
    $foreseen = Diagnosis::of($situation, $known)->nextTests();
    expect(count($foreseen))->toBeGreaterThan(2);
    foreach ($foreseen as $next) {
        foreach ([[$next->ifPositive, true], [$next->ifNegative, false]] as [$said, $positive]) {
            $then = Diagnosis::of($situation, $known->with($next->test->id, $positive));
            foreach ($then->chances as $cause => $chance) {
                expect($said->chanceOf($cause))->toEqualWithDelta($chance, 1e-12);
            }
            expect($said->doubt())->toEqualWithDelta($then->doubt(), 1e-9)->and($said->outcome())->toBe($then->outcome());
        }
    }
})->with([
    'nothing known' => [new Situation(VehicleClass::Car, Actuation::Slave), new Evidence()],
    'signs and a test' => [new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid),
        new Evidence(['spongy', 'reverse_grinds'], ['t_leak' => false])],
    'a truck' => [new Situation(VehicleClass::Truck, Actuation::Slave), new Evidence(['slip_high_gear', 'many_km'])],
]);

it('rules out what a vehicle cannot have', function () {
    $car = Diagnosis::of(
        new Situation(VehicleClass::Car, Actuation::Cable, FlywheelKind::Solid),
        new Evidence(['spongy', 'first_from_rest', 'rattle_stop']),
    );

    expect(array_keys($car->chances))
        ->not->toContain('air', 'slave_leak', 'master_bypass', 'brake_worn', 'levers_uneven', 'dual_mass')
        ->and(array_map(static fn ($n): string => $n->test->id, $car->nextTests()))
        ->not->toContain('t_blocked', 't_brake', 't_levers');
});

it('holds wear likelier the older the clutch', function () {
    $at = static fn (?float $km): float => Diagnosis::of(
        new Situation(VehicleClass::Car, sinceFitted: $km === null ? null : Distance::km($km)),
        new Evidence(['slip_load']),
    )->chances['lining_worn'];

    expect($at(150_000))
        ->toBeGreaterThan($at(60_000))
        ->and($at(60_000))
        ->toBeGreaterThan($at(5_000))
        ->and($at(null))
        ->toEqualWithDelta($at(60_000), 1e-12);
});

it('says what to do', function (array $signs, array $tests, Outcome $outcome) {
    expect(Diagnosis::of(new Situation(VehicleClass::Car, Actuation::Slave), new Evidence($signs, $tests))->outcome())->toBe($outcome);
})->with([
    [['spongy', 'after_hydraulic', 'pumping_helps'], ['t_blocked' => true], Outcome::Bleed],
    [['much_free_play', 'bites_low'], ['t_stroke' => true], Outcome::Adjust],
    [['sinks'], ['t_hold' => true, 't_leak' => false], Outcome::RepairActuation],
    [['slip_high_gear', 'many_km'], [], Outcome::Strip],
    [['one_gear_grinds'], ['t_reverse' => false], Outcome::NotTheClutch],
]);

it('says so when nothing is entered, when the evidence contradicts itself, and what speaks for and against', function () {
    $nothing = Diagnosis::of(new Situation(), new Evidence());
    $odd = Diagnosis::of(
        new Situation(VehicleClass::Car),
        new Evidence(['one_gear_grinds', 'noise_up'], ['t_reverse' => true, 't_listen' => true]),
    );
    $clear = Diagnosis::of(
        new Situation(VehicleClass::Car, Actuation::Slave),
        new Evidence(['spongy', 'pumping_helps'], ['t_blocked' => true]),
    );

    expect($nothing->remark()?->in(metric()))
        ->toContain('Nothing is entered yet')
        ->and($nothing->isSure())
        ->toBeFalse()
        ->and($odd->remark())
        ->not->toBeNull()
        ->and($clear->remark())
        ->toBeNull()
        ->and($clear->likeliest()->id)
        ->toBe('air')
        ->and($clear->reasons($clear->likeliest()))
        ->toBe(['for' => ['pumping_helps', 'spongy', 't_blocked'], 'against' => []]);
});

it('names in its table only signs and tests that exist, and leaves none unused', function () {
    $known = [...array_keys(Signs::all()), ...array_keys(Tests::all())];
    $used = [];
    foreach (Causes::all() as $cause) {
        $all = [...$cause->strong, ...$cause->some, ...$cause->against];
        expect(array_diff($all, $known))
            ->toBe([], $cause->id)
            ->and(count($all))
            ->toBe(count(array_unique($all)), $cause->id)
            ->and($cause->settles)
            ->not->toBe('');
        $used = [...$used, ...$all];
    }
    expect(array_diff($known, $used))->toBe([]);
});
