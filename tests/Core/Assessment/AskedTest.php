<?php

declare(strict_types=1);

use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\JobSheet;

/** @param  array<string, string>  $vehicle */
function vehicleOf(array $vehicle): JobSheet
{
    return sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => (object) $vehicle]));
}

it('asks by class, build, actuation and flywheel, and says why not', function (array $vehicle, string $key, string $why) {
    expect(Subjects::dictionary()->whyNotAsked($key, vehicleOf($vehicle)))->toBe($why);
})->with([
    [['class' => 'tractor'], 'vehicle.rotation', ''],
    [['class' => 'car'], 'vehicle.rotation', 'only tractors have it'],
    [['class' => 'truck'], 'vehicle.adjusting', ''],
    [['class' => 'tractor'], 'vehicle.adjusting', 'only trucks have it'],
    [['class' => 'tractor'], 'odometer', 'a tractor counts hours'],
    [['class' => 'truck'], 'odometer', ''],
    [['class' => 'van'], 'hour_meter', 'cars and vans count distance'],
    [['class' => 'truck'], 'hour_meter', ''],
    [['class' => 'tractor', 'take_off' => 'none'], 'vehicle.take_off_speed', 'it has no take-off'],
    [['class' => 'tractor', 'take_off' => 'clutch'], 'vehicle.take_off_speed', ''],
    [['class' => 'tractor', 'stages' => 'two'], 'two_stage.lever_heights', ''],
    [['class' => 'tractor', 'stages' => 'single'], 'two_stage.lever_heights', 'the clutch has a single stage'],
    [['class' => 'tractor'], 'two_stage.lever_heights', 'the clutch has a single stage'],
    [['class' => 'car'], 'two_stage.lever_heights', 'only tractors have it'],
    [['class' => 'truck', 'actuation' => 'pull', 'discs' => 'two'], 'disc2.thickness', ''],
    // Whether there are one or two is asked of every truck, and never assumed.
    [['class' => 'truck', 'actuation' => 'pull'], 'disc2.thickness', 'the clutch has one disc'],
    [['class' => 'truck', 'actuation' => 'slave', 'assistance' => 'air'], 'release.booster_stroke', ''],
    [['class' => 'truck', 'actuation' => 'slave', 'assistance' => 'air'], 'release.master_bore',
        'behind a booster the bores say neither travel nor force'],
    [['class' => 'truck', 'actuation' => 'slave'], 'release.booster_stroke', 'nothing helps the foot'],
    [['class' => 'truck', 'actuation' => 'pull'], 'vehicle.assistance', 'the linkage works without'],
    [['class' => 'truck', 'actuation' => 'pull', 'discs' => 'one'], 'disc2.thickness', 'the clutch has one disc'],
    [['class' => 'truck', 'actuation' => 'slave', 'discs' => 'two'], 'disc2.thickness', ''],
    [['class' => 'truck', 'actuation' => 'slave'], 'disc2.thickness', 'the clutch has one disc'],
    [['class' => 'car'], 'disc2.thickness', 'the clutch has one disc'],
    [['class' => 'truck', 'actuation' => 'pull'], 'truck.brake', ''],
    [['class' => 'truck', 'actuation' => 'slave'], 'truck.brake', 'a clutch brake belongs to a pull-type clutch'],
    [['class' => 'truck', 'actuation' => 'pull', 'discs' => 'two'], 'intermediate.flatness', ''],
    [['class' => 'car', 'pilot' => 'none'], 'pilot.play', 'this engine has no pilot'],
    [['class' => 'car', 'pilot' => 'none'], 'open.pilot_price', 'this engine has no pilot'],
    [['class' => 'car', 'pilot' => 'crankshaft'], 'pilot.play', ''],
    [['class' => 'car', 'actuation' => 'concentric'], 'fork.conditions', 'a concentric bearing has neither fork nor sleeve'],
    [['class' => 'car', 'actuation' => 'concentric'], 'open.fork_state', 'a concentric bearing has neither fork nor sleeve'],
    [['class' => 'car', 'actuation' => 'cable'], 'open.slave_price', 'the actuation has no slave cylinder'],
    [['class' => 'car', 'actuation' => 'slave'], 'open.slave_price', ''],
    [['class' => 'car', 'actuation' => 'cable'], 'hydraulics.blocked_travel', 'the actuation is not hydraulic'],
    [['class' => 'tractor'], 'open.shaft_seal_price', 'the shaft goes back to the gearbox; there is no seal to leak'],
    [['class' => 'tractor'], 'open.rear_seal_price', ''],
    [['class' => 'car', 'flywheel' => 'dual_mass'], 'flywheel.machined', 'a dual-mass flywheel is never machined'],
    [['class' => 'car', 'flywheel' => 'solid'], 'flywheel.rock', 'only a dual-mass flywheel has it'],
    [['class' => 'truck', 'flywheel' => 'pot'], 'flywheel.pot_depth', ''],
    [['class' => 'truck', 'flywheel' => 'solid'], 'flywheel.pot_depth', 'only a pot-type flywheel has it'],
    [['class' => 'car'], 'cover.spring_lengths', 'cars and vans have a diaphragm'],
    [['class' => 'tractor'], 'cover.spring_lengths', ''],
    [['class' => 'tractor'], 'open.labour', ''],
]);

it('leaves nothing out on account of what is not known', function () {
    $hidden = array_filter(
        array_keys(Subjects::dictionary()->all()),
        static fn (string $key): bool => ! Subjects::dictionary()->isAsked($key, vehicleOf([])),
    );
    $rooms = array_values(array_unique(array_map(static fn (string $key): string => explode('.', $key)[0], $hidden)));

    // Only what a single class has, what needs a second disc, a pot, a dual-mass flywheel or a booster to be there at all, and what
    // another kind of job asks.
    expect($rooms)->toEqualCanonicalizing(
        ['triage', 'vehicle', 'disc2', 'fit', 'flywheel', 'intermediate', 'prove', 'release', 'two_stage', 'truck'],
    );
});

it('lists the parts of each kind of vehicle', function (array $vehicle, array $with, array $without) {
    $parts = array_map(static fn (StripPart $p): string => $p->value, StripPart::on(vehicleOf($vehicle)));

    expect($parts)->toContain(...$with)->not->toContain(...$without);
})->with([
    'car' => [
        ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
        ['disc', 'cover', 'flywheel', 'fork', 'sleeve', 'pilot', 'seals', 'surroundings'],
        ['disc2', 'intermediate', 'truck', 'two_stage'],
    ],
    'concentric' => [['class' => 'van', 'actuation' => 'concentric'], ['disc', 'bearing'], ['fork', 'sleeve']],
    'twin-disc truck' => [['class' => 'truck', 'actuation' => 'pull', 'discs' => 'two'], ['disc2', 'intermediate', 'truck'], ['two_stage']],
    'two-stage tractor' => [
        ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'two'],
        ['disc2', 'two_stage'],
        ['intermediate', 'truck'],
    ],
    'single-plate tractor' => [
        ['class' => 'tractor', 'actuation' => 'rod', 'stages' => 'single'],
        ['disc', 'pilot'],
        ['disc2', 'two_stage', 'intermediate'],
    ],
]);

it('calls the discs by what they do', function (array $vehicle, string $first, string $second) {
    $sheet = vehicleOf($vehicle);

    expect(StripPart::Disc->label($sheet))->toBe($first)->and(StripPart::SecondDisc->label($sheet))->toBe($second);
})->with([
    [['class' => 'tractor', 'stages' => 'two'], 'Travel disc', 'Take-off disc'],
    [['class' => 'truck', 'actuation' => 'pull', 'discs' => 'two'], 'Disc at the flywheel', 'Disc at the cover'],
]);

it('asks for the bores or for the linkage, never for both', function (string $actuation, array $asked) {
    $of = ['linkage_ratio', 'master_bore', 'slave_bore', 'slave_outer', 'slave_inner', 'stroke_loss'];
    $sheet = vehicleOf(['class' => 'car', 'actuation' => $actuation]);

    $is = static fn (string $k): bool => Subjects::dictionary()->isAsked("release.{$k}", $sheet);

    expect(array_values(array_filter($of, $is)))->toBe($asked);
})->with([
    'cable' => ['cable', ['linkage_ratio']],
    'slave' => ['slave', ['master_bore', 'slave_bore', 'stroke_loss']],
    'concentric' => ['concentric', ['master_bore', 'slave_outer', 'slave_inner', 'stroke_loss']],
]);

it('asks what was mended or where it went only of a job that is that', function (string $kind, bool $repaired, bool $referred) {
    $file = ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'readings' => ['triage.kind' => $kind]];
    $sheet = sheetOfJson((string) json_encode($file));

    expect(Subjects::dictionary()->isAsked('triage.repaired', $sheet))->toBe($repaired)
        ->and(Subjects::dictionary()->isAsked('triage.referred', $sheet))->toBe($referred);
})->with([['strip', false, false], ['repair_actuation', true, false], ['not_the_clutch', false, true], ['bleed', false, false]]);
