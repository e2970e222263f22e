<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Inspection\Conditions;
use Spindle\Sheet\FaceMark;

it('reads a mark as a technician writes it', function (string $written, string $kind, string $clock, float $radius) {
    $mark = FaceMark::read($written);

    expect($mark->kind)->toBe($kind)->and($mark->clock())->toBe($clock)->and($mark->radius->value)->toEqualWithDelta($radius, 1e-9);
})->with([
    ['heat_spot 4:30 105 mm', 'heat_spot', '4:30', 105.0],
    ['crack 12 4 in', 'crack', '12', 101.6],
    ['open_crack 12:00 98', 'open_crack', '12', 98.0],
    ['  scoring  1:05   88,5 mm', 'scoring', '1:05', 88.5],
]);

it('stands where the clock says, clockwise from twelve', function (string $clock, float $turn) {
    expect(FaceMark::read("crack {$clock} 100 mm")->angle())->toEqualWithDelta($turn * 2 * M_PI, 1e-12);
})->with([['12', 0.0], ['3', 0.25], ['6:00', 0.5], ['7:30', 0.625], ['11:59', 719 / 720]]);

it('refuses what is no mark and says which part of it', function (string $written, string $message) {
    expect(fn () => FaceMark::read($written))->toThrow(DomainException::class, $message);
})->with([
    ['', 'what it is, its clock position'],
    ['heat_spot', 'what it is, its clock position'],
    ['rust 3 100 mm', 'no mark of a face'],
    ['crack 13 100 mm', 'no clock position'],
    ['crack 0 100 mm', 'no clock position'],
    ['crack 4:75 100 mm', 'no clock position'],
    ['crack 4 100 Nm', 'distance from the centre'],
    ['crack 4 far', 'distance from the centre'],
    ['crack 4 0 mm', 'between 0 and 300'],
    ['crack 4 10 m', 'between 0 and 300'],
]);

it('knows for each mark the condition that decides', function () {
    foreach (array_keys(FaceMark::kinds()) as $kind) {
        expect(Conditions::on('flywheel', Subjects::dictionary())?->find(FaceMark::read("{$kind} 3 90 mm")->condition()))->not->toBeNull();
    }
});
