<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Spindle\Assessment\Cautions;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\Schema;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

it('gives back everything it was given, known or not', function () {
    $json =
        '{"format":"jade-spindle/job-sheet","version":1,"ours":{"a":[],"b":{},"c":1.0},'.
        '"readings":{"disc.thickness":["7.3 mm",7.25]},"engine":{"colour":null}}';

    expect(Document::ofJson($json)->toJson(false))->toBe($json);
});

it('changes one place and leaves the original alone', function () {
    $first = Document::blank()->with(['readings', 'disc.thickness'], '7.3 mm');
    $second = $first->with(['readings', 'disc.thickness'], '7.2 mm')->with(['duty'], 'town');

    expect($first->get(['readings', 'disc.thickness']))->toBe('7.3 mm')
        ->and($second->get(['readings', 'disc.thickness']))->toBe('7.2 mm')
        ->and($second->with(['duty'], null)->get(['duty']))->toBeNull();
});

it('accepts by its schema what the core accepts', function (string $file) {
    $json = (string) file_get_contents($file);
    sheetOfJson($json);

    expect(
        (new Validator())->validate(json_decode($json), (string) json_encode(Schema::ofSheet(Subjects::dictionary())))->isValid(),
    )->toBeTrue();
})->with(glob(dirname(__DIR__, 3).'/database/demo/[0-9]*.json') ?: []);

it('refuses in the core what its schema refuses', function (string $members) {
    $json = '{"format":"jade-spindle/job-sheet","version":1,'.$members.'}';

    expect((new Validator())->validate(json_decode($json), (string) json_encode(Schema::ofSheet(Subjects::dictionary())))->isValid())
        ->toBeFalse()
        ->and(fn () => sheetOfJson($json))
        ->toThrow(SheetError::class);
})->with([
    '"engine":7',
    '"engine":{"peak_torque":true}',
    '"duty":"racing"',
    '"readings":{"disc.thickness":[]}',
    '"kits":{}',
    '"limits":{"flywheel.flatness":{"source":"rumour","max":1}}',
    '"units":"furlong"',
    '"release":{"light_contact":"yes"}',
    '"instruments":{"disc.thickness":"eye"}',
    '"waivers":{"disc.wear":{}}',
    '"engine":{"curve":[[1]]}',
]);

it('cautions where the work can hurt somebody', function () {
    $all = static fn (Station $s, VehicleClass $c): string => implode(' ', Cautions::at($s, $c));

    expect($all(Station::Strip, VehicleClass::Car))->toContain('asbestos')->not->toContain('lifting device')
        ->and($all(Station::Strip, VehicleClass::Truck))->toContain('lifting device')
        ->and($all(Station::Set, VehicleClass::Truck))->toContain('inspection hole')
        ->and($all(Station::Set, VehicleClass::Tractor))->toContain('take-off guarded')
        ->and($all(Station::Intake, VehicleClass::Tractor))->toContain('stands')
        ->and(Cautions::at(Station::Record, VehicleClass::Car))->toBe([]);
});

it('warns of fluid where there is some, and of hands at the linkage where there is none', function () {
    $set = static fn (?Actuation $a): string => implode(' ', Cautions::at(Station::Set, VehicleClass::Car, $a));

    expect($set(Actuation::Cable))->toContain('hands are at lever')->not->toContain('fluid')->not->toContain('piston')
        ->and($set(Actuation::Rod))->not->toContain('fluid')
        ->and($set(Actuation::Slave))->toContain('fluid')
        ->and($set(null))->toContain('fluid');
});
