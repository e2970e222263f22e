<?php

declare(strict_types=1);

use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Outcome;
use Spindle\Triage\Situation;
use Spindle\Triage\Strength;
use Spindle\Triage\Tests;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

// Worked by hand from Bayes' theorem, with two causes left in the race by strong evidence for one.
it('multiplies prior by likelihood, as Bayes says', function () {
    $situation = new Situation(VehicleClass::Car, Actuation::Slave);
    $chances = Diagnosis::of($situation, new Evidence(['noise_up']))->chances;
    $weight = static fn (Cause $c): float => $c->prior * $c->strength('noise_up')->ofSign();
    $sum = array_sum(array_map($weight, array_filter(Causes::all(), $situation->allows(...))));

    expect($chances['gearbox_bearing'])->toEqualWithDelta($weight(Causes::all()['gearbox_bearing']) / $sum, 1e-12)
        ->and($chances['release_bearing'])->toEqualWithDelta($weight(Causes::all()['release_bearing']) / $sum, 1e-12);
});

it('orders its strengths', function () {
    foreach (['ofSign', 'ofTest'] as $of) {
        expect(Strength::Strong->{$of}())->toBeGreaterThan(Strength::Some->{$of}())
            ->and(Strength::Some->{$of}())->toBeGreaterThan(Strength::None->{$of}())
            ->and(Strength::None->{$of}())->toBeGreaterThan(Strength::Against->{$of}())
            ->and(Strength::Against->{$of}())->toBeGreaterThan(0.0);
    }
});

it('has all doubt before anything is known and less after a telling sign', function () {
    $situation = new Situation(VehicleClass::Car, Actuation::Slave);
    $before = Diagnosis::of($situation, new Evidence);
    $after = Diagnosis::of($situation, new Evidence(['stuck_storage']));

    expect($before->doubt())->toBeGreaterThan(3.0)->toBeLessThan(log(count($before->chances), 2))
        ->and($after->doubt())->toBeLessThan($before->doubt())
        ->and($after->doubt())->toBeGreaterThan(0.0);
});

it('lets a test that speaks for a cause raise it, and its failing lower it', function (string $test, string $cause) {
    $situation = new Situation(VehicleClass::Car, Actuation::Slave);
    $chance = static fn (Evidence $e): float => Diagnosis::of($situation, $e)->chances[$cause];
    $nothing = new Evidence;

    expect($chance($nothing->with($test, true)))->toBeGreaterThan($chance($nothing))
        ->and($chance($nothing->with($test, false)))->toBeLessThan($chance($nothing));
})->with([
    ['t_blocked', 'air'],
    ['t_hold', 'master_bypass'],
    ['t_leak', 'slave_leak'],
    ['t_slacken', 'held_off'],
    ['t_fork', 'fork'],
    ['t_bulkhead', 'bulkhead'],
    ['t_window', 'disc_wrong_way'],
    ['t_oil', 'oil_on_lining'],
    ['t_finger', 'broken_finger'],
    ['t_listen', 'release_bearing'],
    ['t_stethoscope', 'gearbox_bearing'],
    ['t_pry', 'mounts'],
    ['t_bolts', 'flywheel_loose'],
    ['t_capacity', 'engine_beyond'],
    ['t_rock', 'rusted'],
]);

it('takes only signs and tests it knows, and a test once', function () {
    $evidence = new Evidence(['spongy', 'green', 'spongy'], ['t_hold' => true, 't_moon' => true]);

    expect($evidence->known)->toBe(['spongy' => true, 't_hold' => true])
        ->and($evidence->with('t_hold', false)->known)->toBe(['spongy' => true, 't_hold' => false]);
});

it('says of each test how it is done, what it takes and what can hurt', function () {
    foreach (Tests::all() as $test) {
        expect($test->how)->toEndWith('.')->and($test->positive)->not->toBe('')->and($test->minutes)->toBeGreaterThan(0);
        if ($test->engineRuns) {
            expect($test->caution)->not->toBe('', $test->id);
        }
    }
    foreach (Outcome::cases() as $outcome) {
        expect($outcome->label())->not->toBe('');
    }
});
