<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\SheetError;

/** A sheet with something put into it. */
function sheetWith(string $members): string
{
    return '{"format":"jade-spindle/job-sheet","version":1'.($members === '' ? '' : ','.$members).'}';
}

it('refuses what is no job sheet, and says where', function (string $json, string $message) {
    expect(fn () => sheetOfJson($json))->toThrow(SheetError::class, $message);
})->with([
    'empty' => ['', 'the file is empty'],
    'blank' => ["  \n", 'the file is empty'],
    'not JSON' => ['{"format":', 'the file is not JSON'],
    'a list' => ['[]', 'the file: an object is expected'],
    'a number' => ['7', 'the file: an object is expected'],
    'null' => ['null', 'the file: an object is expected'],
    'other format' => ['{"format":"other","version":1}', 'format: the text jade-spindle/job-sheet is expected'],
    'other version' => ['{"format":"jade-spindle/job-sheet","version":2}', 'version: the number 1 is expected'],
    'broken encoding' => ["{\"format\":\"jade-spindle/job-sheet\",\"version\":1,\"x\":\"\xff\"}", 'not in UTF-8'],
    'deep nesting' => [sheetWith('"x":'.str_repeat('[', 60).str_repeat(']', 60)), 'nested deeper than 32'],
    'NaN' => [sheetWith('"engine":{"peak_torque":NaN}'), 'not JSON'],
    'NaN as text' => [sheetWith('"engine":{"peak_torque":"NaN"}'), 'engine.peak_torque: “NaN” is not a number'],
    'endless' => [sheetWith('"engine":{"peak_torque":1e999}'), 'engine.peak_torque: the number is too large'],
    'section of the wrong type' => [sheetWith('"engine":[1]'), 'engine: an object is expected, found a list'],
    'readings of the wrong type' => [sheetWith('"readings":7'), 'readings: an object is expected, found the number 7'],
    'quantity of the wrong type' => [
        sheetWith('"engine":{"peak_torque":true}'),
        'engine.peak_torque: a torque as text or number is expected, found true',
    ],
    'object for a quantity' => [
        sheetWith('"engine":{"peak_torque":{}}'),
        'engine.peak_torque: a torque as text or number is expected, found an object',
    ],
    'wrong dimension' => [
        sheetWith('"readings":{"disc.thickness":"30 psi"}'),
        'readings.disc.thickness: “30 psi” was read as a pressure; a length is expected',
    ],
    'wrong dimension in a list' => [
        sheetWith('"readings":{"disc.thickness":["7.4 mm","5 N"]}'),
        'readings.disc.thickness[1]: “5 N” was read as a force',
    ],
    'empty list' => [sheetWith('"readings":{"disc.thickness":[]}'), 'readings.disc.thickness: the list is empty'],
    'list for one value' => [sheetWith('"engine":{"peak_torque":[200,210]}'), 'engine.peak_torque: one value is expected, found a list'],
    'absurd size' => [sheetWith('"readings":{"disc.thickness":"7.3 m"}'), 'cannot be right; expected between'],
    'negative' => [sheetWith('"readings":{"disc.thickness":"-7.3 mm"}'), 'cannot be right'],
    'zero ratio' => [sheetWith('"release":{"pedal_ratio":0}'), 'release.pedal_ratio: 0 cannot be right; expected between 0.2'],
    'zero gear' => [sheetWith('"launch":{"ratio":"0"}'), 'launch.ratio'],
    'inner above outer' => [
        sheetWith('"kit":{"lining_outer":"160 mm","lining_inner":"240 mm"}'),
        'kit.lining_inner: the inner diameter of a lining lies between 0 and the outer',
    ],
    'inner above outer in a list of kits' => [sheetWith('"kits":[{},{"lining_outer":160,"lining_inner":240}]'), 'kits[1].lining_inner'],
    'annular slave inside out' => [sheetWith('"release":{"slave_outer":30,"slave_inner":40}'), 'release.slave_inner'],
    'unknown word' => [sheetWith('"duty":"racing"'), 'duty: one of town, delivery'],
    'word of the wrong type' => [sheetWith('"vehicle":{"class":4}'), 'vehicle.class: a word is expected'],
    'half a disc' => [sheetWith('"kit":{"discs":1.5}'), 'kit.discs: a whole number'],
    'curve that is none' => [sheetWith('"engine":{"curve":[[1500]]}'), 'engine.curve[0]: a pair [speed, torque] is expected'],
    'curve with a wrong unit' => [sheetWith('"engine":{"curve":[["1500 rpm","9 kN"]]}'), 'engine.curve[0][1]'],
    'limit without a source' => [
        sheetWith('"limits":{"flywheel.flatness":{"max":"0.1 mm"}}'),
        'limits.flywheel.flatness.source: one of maker, shop, practice',
    ],
    'limit without a figure' => [
        sheetWith('"limits":{"flywheel.flatness":{"source":"maker"}}'),
        'limits.flywheel.flatness: a limit needs',
    ],
    'limit inside out' => [
        sheetWith('"limits":{"release.free_play":{"min":"9 mm","max":"4 mm","source":"shop"}}'),
        'the least value is above the greatest',
    ],
    'limit of the wrong dimension' => [
        sheetWith('"limits":{"flywheel.flatness":{"max":"3 bar","source":"maker"}}'),
        'limits.flywheel.flatness.max',
    ],
    'unknown instrument' => [sheetWith('"instruments":{"disc.thickness":"eye"}'), 'instruments.disc.thickness'],
    'waiver without a reason' => [sheetWith('"waivers":{"disc.wear":{"reason":" "}}'), 'waivers.disc.wear.reason'],
    'units of no kind' => [sheetWith('"units":"imperial-ish"'), 'units: metric or inch'],
    'flag of the wrong type' => [sheetWith('"release":{"light_contact":"maybe"}'), 'release.light_contact: true or false'],
    'ambiguous number' => [sheetWith('"readings":{"open.rate":"1,250"}'), 'two ways'],
]);

it('takes an empty sheet, which knows nothing', function () {
    expect(sheetOfJson(sheetWith(''))->vehicleClass())->toBeNull();
});

it('takes explicit nulls for unknown, and keeps names it does not know', function () {
    expect(
        sheetOfJson(sheetWith('"engine":{"peak_torque":null,"colour":"green"},"limits":{"sun.shade":{"max":1}}'))->unknownLimits,
    )->toBe(['sun.shade']);
});

it('refuses an object where a field has its answer, and anything else where one holds fields, whichever it is', function () {
    $sheet = static function (array $path, mixed $value): string {
        $document = Document::blank()->with($path, $value);

        return $document->toJson();
    };
    foreach (Subjects::dictionary()->all() as $field) {
        $path = $field->path();
        foreach ([new stdClass, (object) ['x' => 1]] as $object) {
            expect(fn () => sheetOfJson($sheet($path, $object)))->toThrow(SheetError::class, implode('.', $path));
        }
        $above = array_slice($path, 0, -1);
        if ($above !== []) {
            expect(fn () => sheetOfJson($sheet($above, 5)))->toThrow(SheetError::class, implode('.', $above).': an object is expected');
        }
    }
});

it('reads the fields a file holds in the order of the dictionary, however the file has them', function () {
    $sheet = sheetOfJson(sheetWith(
        '"readings":{"flywheel.flatness":["0.05 mm","0.05 mm","0.05 mm"],"disc.thickness":"7.4 mm"},"engine":{"peak_torque":"200 N m"}',
    ));
    $all = array_keys(Subjects::dictionary()->all());

    expect($sheet->values->keys())->toBe(array_values(array_intersect($all, ['flywheel.flatness', 'disc.thickness', 'engine.peak_torque'])))
        ->toHaveCount(3);
});
