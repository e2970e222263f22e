<?php

declare(strict_types=1);

use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\EvidenceTable;
use Spindle\Triage\Situation;
use Spindle\Triage\Strength;
use Spindle\Triage\TriageOfSheet;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

$situation = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid);

it('moves a cause when a shop weighs its evidence otherwise', function () use ($situation) {
    $evidence = new Evidence(['judder']);
    $before = Diagnosis::of($situation, $evidence)->chanceOf('pilot');
    $more = Diagnosis::of($situation, $evidence, EvidenceTable::builtIn()->weighing('pilot', 'judder', Strength::Strong))->chanceOf(
        'pilot',
    );
    $less = Diagnosis::of($situation, $evidence, EvidenceTable::builtIn()->weighing('pilot', 'judder', Strength::Against))->chanceOf(
        'pilot',
    );

    expect($more)->toBeGreaterThan($before)->and($less)->toBeLessThan($before);
});

it('moves a cause when a shop finds it more common, and keeps the sum at one', function () use ($situation) {
    $table = EvidenceTable::builtIn()->asCommonAs('sleeve', 40);
    $chances = Diagnosis::of($situation, new Evidence(['judder']), $table)->chances;

    expect($chances['sleeve'])->toBeGreaterThan(Diagnosis::of($situation, new Evidence(['judder']))->chances['sleeve'])
        ->and(array_sum($chances))->toEqualWithDelta(1.0, 1e-12);
});

it('holds a piece of evidence in one strength only', function (Strength $to) {
    $cause = Causes::all()['pilot']->weighing('judder', $to);

    expect($cause->strength('judder'))
        ->toBe($to)
        ->and(count(array_keys([...$cause->strong, ...$cause->some, ...$cause->against], 'judder', true)))
        ->toBe($to === Strength::None ? 0 : 1)
        ->and($cause->strength('grabs'))
        ->toBe(Causes::all()['pilot']->strength('grabs'));
})->with(Strength::cases());

it('leaves the built-in table as it is', function () {
    EvidenceTable::builtIn()->weighing('pilot', 'judder', Strength::Strong)->asCommonAs('pilot', 50);

    expect(EvidenceTable::builtIn()->causes)->toEqual(Causes::all());
});

it('refuses what it does not know', function (callable $change, string $message) {
    expect(fn () => $change(EvidenceTable::builtIn()))->toThrow(DomainException::class, $message);
})->with([
    [fn (EvidenceTable $t) => $t->weighing('gremlins', 'judder', Strength::Some), 'no cause is called gremlins'],
    [fn (EvidenceTable $t) => $t->weighing('pilot', 'colour', Strength::Some), 'no sign or test is called colour'],
    [fn (EvidenceTable $t) => $t->asCommonAs('pilot', 0.0), 'between 0.1 and 100'],
    [fn (EvidenceTable $t) => $t->asCommonAs('pilot', 1000.0), 'between 0.1 and 100'],
]);

it('reads the changes from a sheet, so that a frozen one says the same for ever', function () {
    $of = static fn (array $more): JobSheet => sheetOfJson(
        (string) json_encode(
            [
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
                'readings' => ['triage.signs' => ['judder']],
            ] + $more,
        ),
    );

    expect(TriageOfSheet::diagnosis($of(['causes' => ['pilot' => ['prior' => 30, 'judder' => 'strong']]]))->likeliest()->id)
        ->toBe('pilot')
        ->and(TriageOfSheet::diagnosis($of([]))->likeliest()->id)
        ->not->toBe('pilot');
});

it('names the place of a change that cannot be', function (array $causes, string $place) {
    expect(
        fn () => sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'causes' => $causes])),
    )->toThrow(SheetError::class, $place);
})->with([
    [['pilot' => ['judder' => 'very']], 'causes.pilot.judder'],
    [['pilot' => ['prior' => 'often']], 'causes.pilot.prior'],
    [['pilot' => ['prior' => 0]], 'causes.pilot.prior'],
    [['ghosts' => ['judder' => 'some']], 'causes.ghosts.judder'],
    [['pilot' => 3], 'causes.pilot'],
]);

it('tells which causes a test is about', function () use ($situation) {
    $now = Diagnosis::of($situation, new Evidence(['spongy', 'pumping_helps']));
    $blocked = array_values(array_filter($now->nextTests(), static fn ($t): bool => $t->test->id === 't_blocked'))[0];
    $moves = $blocked->moves($now);

    expect($moves)->toContain('air')->toHaveCount(4)
        ->and($blocked->ifPositive->chanceOf('air'))->toBeGreaterThan($now->chanceOf('air'))
        ->and($blocked->ifNegative->chanceOf('air'))->toBeLessThan($now->chanceOf('air'));
});

it('expects of a test, over both results, just what is thought now', function () use ($situation) {
    $now = Diagnosis::of($situation, new Evidence(['judder', 'towing']));
    foreach ($now->nextTests() as $next) {
        foreach ($now->chances as $cause => $chance) {
            $mean =
                $next->chanceOfPositive * $next->ifPositive->chanceOf($cause) +
                (1 - $next->chanceOfPositive) * $next->ifNegative->chanceOf($cause);
            expect($mean)->toEqualWithDelta($chance, 1e-9);
        }
    }
});
