<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Quantity\Units;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\Kind;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;

it('reads a bare number in the unit the form shows, and in the base unit from a file', function () {
    $field = Subjects::dictionary()->get('flywheel.thickness');

    expect(FieldReader::entry($field, '1.031', 'x', Units::named('in'))->quantity->value)->toEqualWithDelta(26.1874, 1e-9)
        ->and(FieldReader::entry($field, '26.2', 'x')->quantity->value)->toBe(26.2)
        ->and(FieldReader::entry($field, 26.2, 'x')->quantity->value)->toBe(26.2)
        ->and(FieldReader::entry($field, 26, 'x')->quantity->value)->toBe(26.0);
});

it('shows shares in per cent, lever ratios plain and lengths by the system', function (string $key, UnitSystem $system, string $unit) {
    expect(Subjects::dictionary()->get($key)->defaultUnit($system)?->symbol)->toBe($unit);
})->with([
    ['engine.uplift', UnitSystem::Metric, '%'],
    ['engine.uplift', UnitSystem::Inch, '%'],
    ['release.pedal_ratio', UnitSystem::Metric, ''],
    ['disc.thickness', UnitSystem::Metric, 'mm'],
    ['disc.thickness', UnitSystem::Inch, 'in'],
    ['engine.peak_torque', UnitSystem::Inch, 'lbf·ft'],
    ['engine.power', UnitSystem::Metric, 'kW'],
    ['distance_since_fitted', UnitSystem::Inch, 'mi'],
    ['flywheel.free_play', UnitSystem::Metric, '°'],
    ['open.labour', UnitSystem::Metric, 'h'],
]);

it('reads words, lists of words and flags', function () {
    expect(FieldReader::words(Subjects::dictionary()->get('vehicle.class'), 'truck', 'x'))->toBe(['truck'])
        ->and(FieldReader::words(Subjects::dictionary()->get('disc.conditions'), ['oil', 'cracks', 'oil'], 'x'))->toBe(['oil', 'cracks'])
        ->and(FieldReader::words(Subjects::dictionary()->get('disc.conditions'), 'oil', 'x'))->toBe(['oil'])
        ->and(FieldReader::words(Subjects::dictionary()->get('release.light_contact'), true, 'x'))->toBe(['yes'])
        ->and(FieldReader::words(Subjects::dictionary()->get('release.light_contact'), false, 'x'))->toBe(['no']);
});

it('refuses words of another field', function (string $key, mixed $given) {
    FieldReader::words(Subjects::dictionary()->get($key), $given, 'here');
})->with([
    ['vehicle.class', 'boat'],
    ['vehicle.class', ['truck']],
    ['disc.conditions', ['oil', 7]],
    ['release.light_contact', 'yes'],
    ['triage.t_slip', 'perhaps'],
])->throws(SheetError::class, 'here');

it('reads a curve as people write it', function (string $typed) {
    $points = FieldReader::curve(Subjects::dictionary()->get('engine.curve'), FieldReader::curveLines($typed), 'x');

    expect($points)->toHaveCount(2)
        ->and($points[0][0]->value)->toBe(1500.0)
        ->and($points[1][1]->value)->toEqualWithDelta(270.0, 1e-9);
})->with([
    "1500 rpm, 230 Nm\n1900 rpm, 270 Nm",
    "1500; 230\n1900; 270",
    "1500\t230\r\n1900\t270",
    "1500 rpm: 230 Nm\n1900 rpm: 270 Nm\n",
]);

it('refuses a curve that is none, and says which point', function (string $typed, string $place) {
    FieldReader::curve(Subjects::dictionary()->get('engine.curve'), FieldReader::curveLines($typed), 'curve');
})->with([
    ["1500 rpm, 230 Nm\n1900 rpm", 'curve[1][1]'],
    ['fast, 230 Nm', 'curve[0][0]'],
    ['1500 rpm, 230 kN', 'curve[0][1]'],
])->throws(SheetError::class, 'curve[');

it('refuses a text that is too long, and takes a number as text', function () {
    expect(FieldReader::text(148.0, 'price'))->toBe('148')->and(FieldReader::text('on the shelf', 'x'))->toBe('on the shelf');
    FieldReader::text(str_repeat('x', FieldReader::LONGEST_TEXT + 1), 'complaint');
})->throws(SheetError::class, 'complaint');

it('gives each field of the dictionary its place in a file', function (string $key, array $path) {
    expect(Subjects::dictionary()->get($key)->path())->toBe($path);
})->with([
    ['duty', ['duty']],
    ['complaint', ['complaint']],
    ['distance_since_fitted', ['readings', 'distance_since_fitted']],
    ['disc.thickness', ['readings', 'disc.thickness']],
    ['engine.peak_torque', ['engine', 'peak_torque']],
    ['kit.clamp_load', ['kit', 'clamp_load']],
    ['release.free_play', ['release', 'free_play']],
    ['release.depth_to_fingers', ['readings', 'release.depth_to_fingers']],
    ['truck.brake', ['readings', 'truck.brake']],
    ['hydraulics.blocked_travel', ['hydraulics', 'blocked_travel']],
    ['triage.signs', ['readings', 'triage.signs']],
]);

it('asks something at every station that measures, and holds no two fields of one place', function () {
    foreach ([Station::Intake, Station::Triage, Station::Demand, Station::Strip, Station::Kit, Station::Set] as $station) {
        expect(Subjects::dictionary()->at($station))->not->toBe([]);
    }
    $places = array_map(static fn ($f): string => implode('/', $f->path()), Subjects::dictionary()->all());
    expect(array_unique($places))->toHaveCount(count($places));
    foreach (Subjects::dictionary()->all() as $field) {
        expect($field->kind === Kind::Word || $field->kind === Kind::Words ? $field->options : ['x'])->not->toBe([], $field->key);
    }
});

it('names fields as a sentence does', function () {
    expect(Subjects::dictionary()->names(['release.free_play', 'release.pedal_ratio', 'kit']))->toBe(
        ['free play at the pad', 'pedal ratio', 'kit'],
    );
});

it('takes of two ways to read a number the one the field can hold, and asks where it can hold both', function (
    string $key,
    string $typed,
    ?float $value,
) {
    $field = Subjects::dictionary()->get($key);
    $read = static fn () => FieldReader::entry($field, $typed, $field->label, $field->defaultUnit(UnitSystem::Metric))->quantity->value;

    $value === null ? expect($read)->toThrow(SheetError::class, 'two ways') : expect($read())->toEqualWithDelta($value, 1e-6);
})->with([
    // 1 lbf·ft = 1.355 817 948 331 4 N·m: NIST SP 811, appendix B.
    'a crank torque is not 1.65 lb ft' => ['engine.peak_torque', '1,650 lb ft', 1650 * 1.3558179483314],
    'a torque with a point' => ['engine.peak_torque', '1.650 Nm', 1650.0],
    'a disc is not 8250 mm thick' => ['disc.thickness_new', '8,250 mm', 8.25],
    'a disc with a point' => ['disc.thickness_new', '8.250 mm', 8.25],
    'a clamp load' => ['kit.clamp_load', '6,200 N', 6200.0],
    'a clamp load in kN' => ['kit.clamp_load', '6.200 kN', 6200.0],
    'a vehicle' => ['launch.vehicle_mass', '1.400 kg', 1400.0],
    'a speed' => ['engine.power_speed', '4.000 rpm', 4000.0],
    'a price can be either' => ['open.rate', '1,250', null],
    'a price can be either, by point' => ['open.rate', '1.250', null],
    'a price with a blank' => ['open.rate', '1 250', 1250.0],
    'neither fits: refused by its band' => ['odometer', '12.345 km', 12_345.0],
]);
