<?php

declare(strict_types=1);

use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Signs;
use Spindle\Triage\Situation;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/*
 * When enough is known to act, and when no test is worth its minutes any more. Common practice, no source; the share is from memory.
 */

function carThat(array $signs, array $tests = []): Diagnosis
{
    return Diagnosis::of(new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid), new Evidence($signs, $tests));
}

it('is never sure enough by circumstances alone, however much they raise', function () {
    $circumstances = array_values(array_filter(array_keys(Signs::all()), Signs::isCircumstance(...)));
    foreach ($circumstances as $one) {
        expect(carThat([$one])->isOutcomeSure())->toBeFalse($one);
        foreach ($circumstances as $two) {
            expect(carThat([$one, $two])->isOutcomeSure())->toBeFalse("{$one}, {$two}");
        }
    }
});

it('is sure enough with a symptom and most of the chances, and not below that', function () {
    $sure = carThat(['spongy', 'pumping_helps', 'after_hydraulic'], ['t_blocked' => true]);
    expect($sure->chanceOfOutcome())->toBeGreaterThan(0.85)->and($sure->isOutcomeSure())->toBeTrue();
    foreach ([['judder'], ['reverse_grinds'], ['spongy']] as $signs) {
        $d = carThat($signs);
        expect($d->isOutcomeSure())->toBe($d->chanceOfOutcome() >= 0.85);
    }
});

it('proposes no test whose yes and no lead to the same, and comes to an end', function (array $signs) {
    $evidence = new Evidence($signs);
    $situation = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid);
    for ($done = 0; $done < 40; $done++) {
        $next = Diagnosis::of($situation, $evidence)->nextTests();
        foreach ($next as $test) {
            $same = $test->ifPositive->outcome() === $test->ifNegative->outcome()
                && $test->ifPositive->likeliest()->id === $test->ifNegative->likeliest()->id
                && $test->ifPositive->isOutcomeSure() === $test->ifNegative->isOutcomeSure();
            expect($same)->toBeFalse($test->test->id);
        }
        if ($next === []) {
            break;
        }
        $evidence = $evidence->with($next[0]->test->id, $next[0]->chanceOfPositive > 0.5);
    }
    expect($done)->toBeLessThan(40);
})->with([[['slip_high_gear']], [['spongy']], [['reverse_grinds', 'bites_low']], [['judder']]]);
