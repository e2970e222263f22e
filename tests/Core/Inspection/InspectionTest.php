<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Inspection\Conditions;
use Spindle\Inspection\Disc\DiscWear;
use Spindle\Inspection\Flywheel\FlywheelCut;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;

// Common practice, no source: 8.3 mm new, 7.3 mm now, 1.0 mm usable a side is half worn.
it('calls a disc half worn where the trade does', function () {
    $wear = DiscWear::of(Length::mm(8.3), [Length::mm(7.4), Length::mm(7.3), Length::mm(7.5)], Length::mm(2.0));

    expect($wear->share()->value)->toEqualWithDelta(0.5, 1e-9)
        ->and($wear->used->value)->toEqualWithDelta(1.0, 1e-9)
        ->and($wear->remaining()->value)->toEqualWithDelta(1.0, 1e-9);
});

// Common practice, no source: 20 % used at 40 000 means about 200 000 in all on the same use.
it('foresees the whole life from a part of it', function () {
    $wear = DiscWear::of(Length::mm(8.4), [Length::mm(8.0)], Length::mm(2.0));

    expect($wear->remainingLife(Distance::km(40000))?->value)->toEqualWithDelta(160000, 1e-6)
        ->and($wear->remainingLife(Duration::hours(500))?->value)->toEqualWithDelta(2000, 1e-6);
});

it('foresees nothing while no wear shows', function () {
    expect(DiscWear::of(Length::mm(8.4), [Length::mm(8.4)], Length::mm(2))->remainingLife(Distance::km(10)))->toBeNull();
});

it('wants usable lining', fn () => DiscWear::of(Length::mm(8), [Length::mm(7)], Length::mm(0)))->throws(DomainException::class);

// Common practice, no source: 0.25 in thinner is 0.5 in at the end of a 2:1 fork and 0.75 in at 3:1.
it('carries a cut to the end of the fork', function (float $ratio, float $inches) {
    expect(FlywheelCut::forkEndShift(Length::inch(0.25), Ratio::of($ratio))->as('in'))->toEqualWithDelta($inches, 1e-12);
})->with([[2, 0.5], [3, 0.75]]);

it('takes the cut off the thickness', function () {
    expect((new FlywheelCut(Length::mm(28.4), Length::mm(0.6)))->thicknessAfter()->value)->toEqualWithDelta(27.8, 1e-12);
});

it('gives every condition a consequence', function (string $part) {
    $conditions = Conditions::on($part, Subjects::dictionary());
    expect($conditions?->all())->not->toBe([]);
    foreach ($conditions?->all() ?? [] as $condition) {
        expect($condition->consequence)->not->toBe('')->and($conditions?->find($condition->word))->toEqual($condition);
    }
})->with(['disc', 'cover', 'flywheel', 'pilot', 'bearing']);

// Common practice, no source: oil on a lining rejects the disc outright, and sends one looking for the leak.
it('rejects an oily disc and asks for the leak', function () {
    $disc = Conditions::on('disc', Subjects::dictionary());
    $oil = $disc?->find('oil');

    expect($oil?->verdict)->toBe(Verdict::Out)->and($oil?->consequence)->toContain('leak')
        ->and($disc?->find('unheard of'))->toBeNull()->and(Conditions::on('sunroof', Subjects::dictionary()))->toBeNull();
});
