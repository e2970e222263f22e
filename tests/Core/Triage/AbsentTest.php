<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Situation;
use Spindle\Triage\TriageFields;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

beforeEach(function () {
    $this->car = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid);
});

it('takes a sign that was asked for and is not there as evidence against its causes, as the table says', function () {
    $unasked = Diagnosis::of($this->car, new Evidence(['spongy']))->chances;
    $absent = Diagnosis::of($this->car, new Evidence(['spongy'], [], ['pumping_helps']))->chances;
    // Air shows it in 0.70, a master that passes by in 0.30: odds move by the ratio of what is left of one.
    $left = static fn (string $id): float => 1.0 - Evidence::likelihood(Causes::all()[$id], 'pumping_helps', true);
    $odds = $absent['air'] / $absent['master_bypass'];

    expect($odds)->toEqualWithDelta($unasked['air'] / $unasked['master_bypass'] * $left('air') / $left('master_bypass'), 1e-9)
        ->and($absent['air'])->toBeLessThan($unasked['air']);
});

it('keeps what was asked apart from what nobody asked, through a test as well', function () {
    $evidence = (new Evidence(['spongy'], ['t_leak' => false], ['creeps']))->with('t_reverse', true);

    expect($evidence->signs())->toBe(['spongy'])->and($evidence->absent())->toBe(['creeps'])
        ->and($evidence->tests())->toEqual(['t_leak' => false, 't_reverse' => true])
        ->and($evidence->said('creeps'))->toBe('not there: creeps with the pedal down')
        ->and($evidence->said('spongy'))->toBe('spongy');
});

it('does not call a sign that is not there a contradiction', function () {
    $display = new Display;
    $said = static fn (Evidence $e): ?string => Diagnosis::of(test()->car, $e)->remark()?->in($display);

    expect($said(new Evidence(['spongy', 'after_hydraulic'], [], ['pumping_helps'])))->toBeNull()
        ->and($said(new Evidence(['spongy', 'after_hydraulic', 'pumping_helps', 'many_km'])))->toContain('contradicts');
});

it('asks for the signs that tell most, never one that was asked, and none once it is sure what to do', function () {
    $diagnosis = Diagnosis::of($this->car, new Evidence(['hard_running']));
    [$first, $second] = $diagnosis->worthAsking(2);
    $asked = Diagnosis::of($this->car, new Evidence(['hard_running'], [], [$first]));
    // Whatever the answer is, on average less doubt is left than before, and than after the second.
    $left = static function (string $sign) use ($diagnosis): float {
        $yes = array_sum(array_map(
            static fn (string $id, float $p): float => $p * Evidence::likelihood(Causes::all()[$id], $sign, true),
            array_keys($diagnosis->chances), $diagnosis->chances,
        ));

        return $yes * Diagnosis::of(test()->car, new Evidence(['hard_running', $sign]))->doubt()
            + (1 - $yes) * Diagnosis::of(test()->car, new Evidence(['hard_running'], [], [$sign]))->doubt();
    };

    expect($left($first))->toBeLessThan($diagnosis->doubt() - 0.05)->and($left($first))->toBeLessThanOrEqual($left($second))
        ->and($asked->worthAsking(99))->not->toContain($first)
        ->and(Diagnosis::of($this->car, new Evidence(['spongy', 'pumping_helps', 'after_hydraulic']))->isOutcomeSure())->toBeTrue()
        ->and(Diagnosis::of($this->car, new Evidence(['spongy', 'pumping_helps', 'after_hydraulic']))->worthAsking())->toBe([]);
});

it('says so where a sign is ticked as there and as not there, and counts it as there', function () {
    $sheet = sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car'],
        'readings' => ['triage.signs' => ['spongy', 'sinks'], TriageFields::ABSENT => ['spongy', 'creeps', 'sinks']],
    ]));
    $finding = Assessment::of($sheet)->find('triage.asked');

    expect($finding?->verdict)->toBe(Verdict::Unmeasured)
        ->and($finding->say(new Display))->toContain('Ticked as there and as not there: spongy; sinks when held.');
});
