<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Quantity\Length;

uses(TestTrait::class);

/*
 * A dial's readings taken apart. Made-up faces of a known shape, put together from the formula of a plane and of a wave; the
 * same fit is checked against an independent package in tests/Outside.
 */

/**
 * @param  callable(float): float  $height  by angle from twelve, clockwise, radians
 * @param  list<string>  $places
 */
function face(callable $height, array $places = FaceDial::CLOCK): FaceDial
{
    $readings = [];
    foreach ($places as $clock) {
        $readings[$clock] = Length::mm($height(FaceDial::angle($clock)));
    }

    return FaceDial::of($readings);
}

it('finds a flat, tilted face to be all tilt', function () {
    $dial = face(static fn (float $a): float => 0.30 + 0.06 * cos($a - FaceDial::angle('3:00')));

    expect($dial->runout()->value)->toEqualWithDelta(0.12, 1e-12)
        ->and($dial->tilt()->value)->toEqualWithDelta(0.12, 1e-12)
        ->and($dial->wave()->value)->toEqualWithDelta(0.0, 1e-12)
        ->and($dial->highSide())->toBe('3');
});

it('finds a face bent like a saddle to be all wave', function () {
    $dial = face(static fn (float $a): float => 0.05 * cos(2 * $a));

    expect($dial->tilt()->value)
        ->toEqualWithDelta(0.0, 1e-12)
        ->and($dial->wave()->value)
        ->toEqualWithDelta(0.1, 1e-12)
        ->and($dial->runout()->value)
        ->toEqualWithDelta(0.1, 1e-12);
});

it('tells the two apart when both are there', function () {
    $dial = face(static fn (float $a): float => 0.04 * sin($a) + 0.02 * cos(2 * $a));

    expect($dial->tilt()->value)->toEqualWithDelta(0.08, 1e-12)->and($dial->wave()->value)->toEqualWithDelta(0.04, 1e-12);
});

it('manages with a place left out, since each reading keeps its own place', function () {
    $dial = face(static fn (float $a): float => 0.05 * cos($a - FaceDial::angle('7:30')), ['12:00', '1:30', '4:30', '6:00', '10:30']);

    expect($dial->tilt()->value)
        ->toEqualWithDelta(0.1, 1e-12)
        ->and($dial->wave()->value)
        ->toEqualWithDelta(0.0, 1e-12)
        ->and($dial->highSide())
        ->toBe('7:30');
});

it('does not tell tilt from wave with three places, through which a plane always goes', function () {
    $dial = face(static fn (float $a): float => cos(2 * $a), ['12:00', '4:30', '7:30']);

    expect($dial->isFitted())->toBeFalse()->and($dial->runout()->value)->toBeGreaterThan(0.0);
});

it('refuses to judge a face that nobody read', fn () => FaceDial::of([]))->throws(DomainException::class, 'at one place at least');

it('names the high side by the clock', function (string $clock, string $said) {
    expect(face(static fn (float $a): float => 0.01 * cos($a - FaceDial::angle($clock)))->highSide())->toBe($said);
})->with([['12:00', '12'], ['1:30', '1:30'], ['6:00', '6'], ['9:00', '9'], ['10:30', '10:30'], ['11:00', '11']]);

it('is not fooled by where the dial was set to nought, nor by which way the face is turned', function () {
    $this->forAll(Generators::choose(-500, 500), Generators::choose(0, 7), Generators::choose(0, 200), Generators::choose(0, 200))
        ->then(function (int $offset, int $turn, int $tilt, int $wave) {
            $height = static fn (float $a): float => $tilt / 1000 * cos($a) + $wave / 1000 * cos(2 * $a);
            $one = face($height);
            $other = face(static fn (float $a): float => $offset / 1000 + $height($a - $turn * M_PI / 4));

            expect($other->tilt()->value)->toEqualWithDelta($one->tilt()->value, 1e-9)
                ->and($other->wave()->value)->toEqualWithDelta($one->wave()->value, 1e-9)
                ->and($other->runout()->value)->toEqualWithDelta($one->runout()->value, 1e-9);
        });
});

it('leaves deviations that add up to nothing, as a fit by least squares must', function () {
    $left = face(static fn (float $a): float => 0.03 * cos($a) + 0.02 * cos(3 * $a) + 0.1)->deviations();

    expect(array_sum(array_map(static fn (Length $l): float => $l->value, $left)))->toEqualWithDelta(0.0, 1e-12);
});
