<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Limit\Limit;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Quantity;
use Spindle\Vehicle\VehicleClass;

/*
 * The whole table of built-in limits once more, typed in by hand, so that a slip of a digit in either place shows. Figures
 * are common practice without a source or defaults from memory, as the mark says; they are not measurements.
 */
const CAR = VehicleClass::Car;
const TRUCK = VehicleClass::Truck;
const TRACTOR = VehicleClass::Tractor;
const MEMORY = Provenance::FromMemory;
const TRADE = Provenance::CommonPractice;

dataset('limits', [
    // name, class, least, greatest, watch below, watch from, mark
    ['disc.rivet_depth', CAR, 0.3, null, 0.5, null, MEMORY],
    ['disc.rivet_depth', TRACTOR, 0.3, null, 0.5, null, MEMORY],
    ['wear.percent', CAR, null, 0.80, null, 0.50, MEMORY],
    ['disc.runout', CAR, null, 0.5, null, null, MEMORY],
    ['disc.runout', VehicleClass::Van, null, 0.5, null, null, MEMORY],
    ['disc.runout', TRUCK, null, 0.8, null, null, MEMORY],
    ['disc.runout', TRACTOR, null, 0.8, null, null, MEMORY],
    ['disc.hub_play', CAR, null, 0.4, null, null, MEMORY],
    ['disc.reading_spread', CAR, null, null, null, 0.5, MEMORY],
    ['disc.wear_difference', CAR, null, null, null, 0.4, MEMORY],
    ['cover.flatness', CAR, null, 0.15, null, null, MEMORY],
    ['cover.flatness', TRUCK, null, 0.25, null, null, MEMORY],
    ['cover.flatness', TRACTOR, null, 0.25, null, null, MEMORY],
    ['cover.finger_wear', CAR, null, 0.5, null, null, MEMORY],
    ['cover.finger_evenness', CAR, null, 0.7, null, null, MEMORY],
    ['cover.lever_evenness', TRACTOR, null, 0.4, null, null, MEMORY],
    ['cover.clamp_load_percent', CAR, 0.90, null, null, null, MEMORY],
    ['cover.spring_evenness', TRUCK, null, 1.0, null, null, MEMORY],
    ['fork.clamp_load_percent', CAR, null, null, null, 1.30, MEMORY],
    ['flywheel.face_runout_share', CAR, null, 0.0005, null, null, MEMORY],
    ['flywheel.flatness', CAR, null, 0.10, null, null, MEMORY],
    ['pilot.play', CAR, 0.01, 0.25, null, 0.15, MEMORY],
    ['pilot.slip_fit', CAR, null, 0.08, null, null, MEMORY],
    ['intermediate.pin_clearance', TRUCK, 0.15, null, null, null, TRADE],
    ['intermediate.pin_wear', TRUCK, null, 0.60, null, 0.35, MEMORY],
    ['intermediate.pin_evenness', TRUCK, null, 0.25, null, 0.10, MEMORY],
    ['two_stage.lever_evenness', TRACTOR, null, 0.4, null, null, MEMORY],
    ['two_stage.bolt_gap', TRACTOR, 1.8, 2.2, null, null, MEMORY],
    ['two_stage.first_release_percent', TRACTOR, 0.45, 0.55, null, null, TRADE],
    ['two_stage.air_gap_face', TRACTOR, 0.4, null, null, null, MEMORY],
    ['capacity.margin_tolerance', CAR, 0.95, null, null, null, MEMORY],
    ['capacity.floor_margin', CAR, 1.05, null, null, null, MEMORY],
    ['release.clearance', CAR, 2.5, 5.1, null, null, MEMORY],
    ['release.clearance_spread', CAR, null, 0.5, null, null, MEMORY],
    ['release.air_gap_face', CAR, 0.4, null, 0.5, 0.8, TRADE],
    ['release.take_up_percent', CAR, 0.30, 0.70, null, null, TRADE],
    ['fastening.gap_spread', CAR, null, 0.3, null, null, MEMORY],
    ['housing.bore_runout', CAR, null, 0.13, null, null, MEMORY],
    ['housing.face_runout', CAR, null, 0.13, null, null, MEMORY],
    ['prove.recheck_after', CAR, null, 500.0, null, null, TRADE],
    ['prove.recheck_hours', TRACTOR, null, 20.0, null, null, TRADE],
    ['release.lost_share', CAR, null, 0.15, null, 0.08, MEMORY],
    ['release.pedal_force', CAR, null, 180.0, null, 120.0, MEMORY],
    ['release.pedal_force', TRUCK, null, 250.0, null, 200.0, MEMORY],
    ['release.free_play', CAR, 5.0, 15.0, null, null, TRADE],
    ['release.free_play', TRACTOR, 20.0, 30.0, null, null, MEMORY],
    ['release.free_play', TRUCK, 38.0, 64.0, null, null, TRADE],
    ['release.free_play_in_contact', CAR, 1.0, 5.0, null, null, MEMORY],
    ['release.wear_budget', CAR, 0.3, null, null, null, MEMORY],
    ['truck.bearing_gap', TRUCK, 12.2, 14.3, null, null, TRADE],
    ['truck.fork_play', TRUCK, 2.5, 4.0, null, null, TRADE],
    ['truck.free_pedal', TRUCK, 38.0, 64.0, null, null, TRADE],
    ['truck.brake_squeeze', TRUCK, null, 25.0, null, null, MEMORY],
]);

function practice(string $name, VehicleClass $class): Limit
{
    return Subjects::dictionary()->practice->find($name, $class) ?? throw new LogicException("no limit {$name}");
}

it('holds the figure the trade goes by', function (
    string $name,
    VehicleClass $class,
    ?float $min,
    ?float $max,
    ?float $below,
    ?float $from,
    Provenance $mark,
) {
    $limit = practice($name, $class);

    expect($limit->min?->value)
        ->toBe($min)
        ->and($limit->max?->value)
        ->toBe($max)
        ->and($limit->watchMin?->value)
        ->toBe($below)
        ->and($limit->watchMax?->value)
        ->toBe($from)
        ->and($limit->mark)
        ->toBe($mark);
})->with('limits');

it('leaves no built-in limit out of that list', function () {
    $listed = [
        'disc.rivet_depth',
        'wear.percent',
        'disc.runout',
        'disc.hub_play',
        'disc.wear_difference',
        'disc.wear_disagreement',
        'cover.flatness',
        'cover.finger_wear',
        'cover.finger_evenness',
        'cover.lever_evenness',
        'disc.reading_spread',
        'cover.clamp_load_percent',
        'cover.spring_evenness',
        'fork.clamp_load_percent',
        'flywheel.face_runout_share',
        'flywheel.flatness',
        'pilot.play',
        'pilot.slip_fit',
        'intermediate.pin_clearance',
        'intermediate.pin_wear',
        'intermediate.pin_evenness',
        'two_stage.lever_evenness',
        'two_stage.bolt_gap',
        'two_stage.first_release_percent',
        'two_stage.air_gap_face',
        'truck.brake_squeeze',
        'capacity.margin_tolerance',
        'capacity.floor_margin',
        'release.clearance',
        'release.clearance_spread',
        'release.air_gap_face',
        'release.take_up_percent',
        'release.lost_share',
        'prove.recheck_after',
        'prove.recheck_hours',
        'fastening.gap_spread',
        'housing.bore_runout',
        'housing.face_runout',
        'release.pedal_force',
        'release.free_play',
        'release.free_play_in_contact',
        'release.wear_budget',
        'truck.bearing_gap',
        'truck.fork_play',
        'truck.free_pedal',
    ];
    $built = array_values(array_unique(array_map(static fn ($row): string => $row->name, Subjects::dictionary()->practice->rows)));

    expect($built)->toEqualCanonicalizing($listed);
});

it('judges just inside, near and just outside each edge', function (string $name, VehicleClass $class, ?float $min, ?float $max) {
    $limit = practice($name, $class);
    $of = ($limit->min ?? ($limit->max ?? $limit->watchMax))::of(...);
    foreach ([[$min, 1.0], [$max, -1.0]] as [$edge, $inwards]) {
        if ($edge === null) {
            expect($limit->min ?? ($limit->max ?? ($limit->watchMin ?? $limit->watchMax)))->not->toBeNull();

            continue;
        }
        $doubt = 0.01 * $edge;
        $judge = static fn (float $steps): Verdict => $limit->judge($of($edge + $inwards * $steps * $doubt), $of($doubt));
        $isWatched = static fn (Quantity $q): bool => ($limit->watchMin !== null && $q->value < $limit->watchMin->value) ||
            ($limit->watchMax !== null && $q->value >= $limit->watchMax->value);

        expect($judge(1.5))
            ->toBe($isWatched($of($edge + $inwards * 1.5 * $doubt)) ? Verdict::Near : Verdict::Within, "{$name} inside {$edge}")
            ->and($judge(0.5))
            ->toBe(Verdict::Near, "{$name} near {$edge}, inside")
            ->and($judge(-1.5))
            ->toBe(Verdict::Out, "{$name} outside {$edge}");
        if (! $limit->edgeIsOut) {
            expect($judge(-0.5))->toBe(Verdict::Near, "{$name} near {$edge}, outside");
        }
    }
})->with('limits');

it('names every limit as the trade does, once', function () {
    foreach (Subjects::dictionary()->practice->rows as $row) {
        $isReading = Subjects::dictionary()->find($row->name) !== null;
        expect($row->label !== '')
            ->toBe(! $isReading, $row->name)
            ->and(Subjects::dictionary()->nameOfLimit($row->name))
            ->not->toBe($row->name);
    }
});
