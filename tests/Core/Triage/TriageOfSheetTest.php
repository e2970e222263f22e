<?php

declare(strict_types=1);

use Spindle\Sheet\JobSheet;
use Spindle\Triage\Outcome;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\TriageOfSheet;

/** A sheet of a vehicle with these readings. */
function triaged(array $vehicle, array $readings): JobSheet
{
    return sheetOfJson(
        (string) json_encode([
            'format' => 'jade-spindle/job-sheet',
            'version' => 1,
            'vehicle' => $vehicle,
            'readings' => (object) $readings,
        ]),
    );
}

it('proposes tests in the order of what they tell a minute, and puts those done last', function () {
    $sheet = triaged(['class' => 'car', 'actuation' => 'slave'], ['triage.signs' => ['spongy'], 'triage.t_leak' => 'negative']);
    $tests = TriageOfSheet::tests($sheet);
    $ids = array_map(static fn (OutsideTest $t): string => $t->id, $tests);

    expect(end($ids))->toBe('t_leak')->and($ids[0])->toBe(TriageOfSheet::diagnosis($sheet)->nextTests()[0]->test->id)
        ->and(count($ids))->toBe(count(array_unique($ids)))
        ->and($ids)->not->toContain('t_brake', 't_levers');
});

it('leaves out hydraulic tests where there is a cable', function () {
    $ids = array_map(
        static fn (OutsideTest $t): string => $t->id,
        TriageOfSheet::tests(triaged(['class' => 'car', 'actuation' => 'cable'], [])),
    );
    expect($ids)->not->toContain('t_blocked', 't_hold', 't_leak')->toContain('t_slacken');
});

it('takes age from the hour meter of a tractor', function () {
    $old = triaged(['class' => 'tractor', 'actuation' => 'rod'], ['hour_meter' => '9000 h', 'hour_meter_at_fitting' => '1000 h']);
    $young = triaged(['class' => 'tractor', 'actuation' => 'rod'], ['hour_meter' => '1100 h', 'hour_meter_at_fitting' => '1000 h']);

    expect(TriageOfSheet::diagnosis($old)->chanceOf('lining_worn'))
        ->toBeGreaterThan(2 * TriageOfSheet::diagnosis($young)->chanceOf('lining_worn'))
        ->and(TriageOfSheet::isBegun($old))
        ->toBeFalse();
});

it('comes to what the workshop can do', function (array $readings, Outcome $outcome) {
    expect(TriageOfSheet::diagnosis(triaged(['class' => 'car', 'actuation' => 'slave'], $readings))->outcome())->toBe($outcome);
})->with([
    'bleed' => [['triage.signs' => ['spongy', 'after_hydraulic']], Outcome::Bleed],
    'adjust' => [['triage.signs' => ['much_free_play', 'bites_low'], 'triage.t_stroke' => 'positive'], Outcome::Adjust],
    'repair the actuation' => [
        ['triage.signs' => ['sinks'], 'triage.t_hold' => 'positive', 'triage.t_leak' => 'negative'],
        Outcome::RepairActuation,
    ],
    'take it apart' => [['triage.signs' => ['noise_down'], 'triage.t_listen' => 'positive'], Outcome::Strip],
    'not the clutch' => [['triage.signs' => ['one_gear_grinds'], 'triage.t_reverse' => 'negative'], Outcome::NotTheClutch],
]);
