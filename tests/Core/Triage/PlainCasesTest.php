<?php

declare(strict_types=1);

use Spindle\Quantity\Distance;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Signs;
use Spindle\Triage\Situation;
use Spindle\Triage\Tests;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

require_once dirname(__DIR__, 2).'/Support/plain-cases.php';

/*
 * Cases told in the words of the trade, over all classes and actuations, each with the cause that a technician would name first.
 * Common practice, no source. Of the whole the first cause has to be right in 88 of a hundred, and among the first three in 97.
 */

it('names the right cause first, or among the first three', function () {
    $first = $three = 0;
    $wrong = [];
    foreach (plainCases() as $case) {
        [$words, $vehicle, $signs, $tests, $cause] = $case;
        $absent = $case[5] ?? [];
        expect(array_diff([...$signs, ...$absent], array_keys(Signs::all())))
            ->toBe([], $words)
            ->and(array_diff(array_keys($tests), array_keys(Tests::all())))
            ->toBe([], $words);
        $chances = Diagnosis::of(situationOf($vehicle), new Evidence($signs, $tests, $absent))->chances;
        $rank = 1 + (int) array_search($cause, array_keys($chances), true);
        expect(isset($chances[$cause]))->toBeTrue($words);
        $first += $rank === 1 ? 1 : 0;
        $three += $rank <= 3 ? 1 : 0;
        if ($rank > 1) {
            $wrong[] = sprintf(
                '%d. %s: %s',
                $rank,
                $words,
                implode(
                    ', ',
                    array_map(
                        static fn (string $id, float $p): string => sprintf('%s %.2f', $id, $p),
                        array_keys(array_slice($chances, 0, 4)),
                        array_slice($chances, 0, 4),
                    ),
                ),
            );
        }
    }
    $all = count(plainCases());
    fwrite(
        STDERR,
        sprintf(
            "\n  plain cases: %d, first cause right in %.1f %%, among the first three in %.1f %%\n  not first: %s\n",
            $all,
            (100 * $first) / $all,
            (100 * $three) / $all,
            implode("\n    ", $wrong),
        ),
    );

    expect($all)
        ->toBeGreaterThanOrEqual(200)
        ->and($first / $all)
        ->toBeGreaterThanOrEqual(0.88)
        ->and($three / $all)
        ->toBeGreaterThanOrEqual(0.97);
});

it('tells cases of every class, of every actuation, and of every cause', function () {
    $situations = array_map(static fn (array $case): Situation => situationOf($case[1]), plainCases());
    $missing = array_diff(array_keys(Causes::all()), array_column(plainCases(), 4));

    expect(array_unique(array_map(static fn (Situation $s): string => $s->class->value ?? '', $situations)))
        ->toHaveCount(count(VehicleClass::cases()))
        ->and(array_unique(array_map(static fn (Situation $s): string => $s->actuation->value ?? '', $situations)))
        ->toHaveCount(count(Actuation::cases()))
        ->and($missing)
        ->toBe([]);
});

it('lets a symptom outvote a circumstance', function (array $signs, string $cause) {
    $circumstances = array_filter(array_keys(Signs::all()), Signs::isCircumstance(...));
    expect($circumstances)->toContain('many_km', 'after_clutch', 'after_flywheel', 'after_hydraulic', 'sudden', 'hard_use', 'rough_driver');
    foreach ($circumstances as $circumstance) {
        $diagnosis = Diagnosis::of(
            new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid),
            new Evidence([...$signs, $circumstance]),
        );

        expect($diagnosis->likeliest()->id)->toBe($cause, $circumstance);
    }
})->with([
    'a spongy pedal that pumping helps' => [['spongy', 'pumping_helps'], 'air'],
    'noise in neutral' => [['noise_up'], 'gearbox_bearing'],
    'noise with the pedal down' => [['noise_down'], 'release_bearing'],
    'a pedal that sinks' => [['sinks'], 'master_bypass'],
]);

it('takes judder after work for a disc, a face or oil, whatever was worked on', function (string $after) {
    $diagnosis = Diagnosis::of(
        new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid), new Evidence(['judder', $after]),
    );

    expect($diagnosis->likeliest()->id)->toBeIn(['flywheel_spots', 'oil_on_lining', 'glazed', 'disc_bent', 'sleeve', 'pilot', 'mounts']);
})->with(['after_clutch', 'after_flywheel', 'after_hydraulic']);

it('gives a pull linkage nothing of hydraulics, hydraulic pull both, and a cover that cannot adjust itself no such cause', function () {
    $of = static fn (Situation $s): array => array_keys(Diagnosis::of($s, new Evidence(['hard_running']))->chances);
    $tests = static fn (Situation $s): array => array_keys(array_filter(Tests::all(), static fn ($t): bool => $t->suits($s)));
    $truck = static fn (Actuation $by, ?bool $isPulled): Situation => new Situation(
        VehicleClass::Truck, $by, FlywheelKind::Pot, isPulled: $isPulled,
    );
    $hydraulic = ['air', 'master_bypass', 'slave_leak', 'master_leak', 'return_port'];

    expect(array_intersect($hydraulic, $of($truck(Actuation::Pull, null))))->toBe([])
        ->and($of($truck(Actuation::Pull, null)))->toContain('brake_worn')
        ->and($tests($truck(Actuation::Pull, null)))->toContain('t_brake')->not->toContain('t_blocked')
        ->and($of($truck(Actuation::Slave, true)))->toContain('brake_worn', ...$hydraulic)
        ->and($tests($truck(Actuation::Slave, true)))->toContain('t_brake', 't_blocked')
        ->and($of($truck(Actuation::Slave, null)))->toContain(...$hydraulic)->not->toContain('brake_worn')
        ->and($tests($truck(Actuation::Slave, null)))->not->toContain('t_brake')
        ->and($of(new Situation(VehicleClass::Car, Actuation::Slave, adjustsItself: false)))->not->toContain('not_set_back')
        ->and($of(new Situation(VehicleClass::Car, Actuation::Slave)))->toContain('not_set_back');
});

it('counts age once: by what was run, or by the sign where that is not known', function () {
    $run = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid, Distance::km(150_000));
    $unknown = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid);
    $worn = static fn (Situation $s, array $signs): float => Diagnosis::of($s, new Evidence($signs))->chances['lining_worn'];

    expect($worn($run, ['slip_load', 'many_km']))->toBe($worn($run, ['slip_load']))
        ->and($worn($unknown, ['slip_load', 'many_km']))->toBeGreaterThan($worn($unknown, ['slip_load']));
});

it('gives no share to what a build cannot have, and heeds no sign or test of it', function (
    string $vehicle,
    array $causes,
    array $signs,
    array $tests,
) {
    $diagnosis = Diagnosis::of(situationOf($vehicle), new Evidence(['slip_load']));
    $with = Diagnosis::of(situationOf($vehicle), new Evidence(['slip_load', ...$signs], $tests));

    expect(array_intersect($causes, array_keys($diagnosis->chances)))
        ->toBe([])
        ->and($with->chances)
        ->toEqual($diagnosis->chances)
        ->and(array_intersect(array_map(static fn ($n): string => $n->test->id, $diagnosis->nextTests()), array_keys($tests)))
        ->toBe([]);
})->with([
    'concentric' => [
        'car concentric solid',
        ['fork', 'cable'],
        ['no_free_play'],
        ['t_fork' => true, 't_stroke' => true, 't_cable' => true],
    ],
    'cable' => [
        'car cable solid',
        ['air', 'master_bypass', 'slave_leak', 'master_leak', 'return_port'],
        ['spongy', 'sinks', 'fluid_low', 'pumping_helps', 'hardens_warm'],
        ['t_blocked' => true, 't_bleeder' => true, 't_pedal_box' => true],
    ],
    'solid flywheel' => ['car slave solid', ['dual_mass'], [], ['t_dmf' => true]],
    'dual-mass' => ['car slave dual_mass', ['light_flywheel'], [], []],
    'a car has no second stage' => [
        'car slave solid',
        ['levers_uneven', 'brake_worn', 'brake_hit'],
        ['branch_wont_stop', 'first_from_rest'],
        ['t_levers' => true, 't_brake' => true],
    ],
]);

it('takes a look that found nothing for strong evidence against', function (string $vehicle, array $signs, string $look, string $cause) {
    $of = static fn (array $tests): float => Diagnosis::of(situationOf($vehicle), new Evidence($signs, $tests))->chances[$cause];

    expect($of([$look => false]))->toBeLessThan(0.15 * $of([]));
})->with([
    ['car slave solid', ['slip_load', 'judder'], 't_oil', 'oil_on_lining'],
    ['truck pull pot', ['hard_running'], 't_brake', 'brake_worn'],
    ['car cable solid', ['hard_running'], 't_cable', 'cable'],
    ['car slave dual_mass', ['vibration'], 't_dmf', 'dual_mass'],
    ['car slave solid', ['reverse_grinds'], 't_fork', 'fork'],
]);
