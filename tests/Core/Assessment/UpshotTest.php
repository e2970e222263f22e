<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Assessment\Upshot;
use Spindle\Limit\Verdict;
use Spindle\Limit\WhoMayPass;
use Spindle\Planning\PlanningFields;
use Spindle\Planning\Task;
use Spindle\Sheet\Document;

/*
 * What a job came to, as values for whoever looks at many jobs. Numbers by hand.
 */

/** @param  array<string, mixed>  $said  by reading */
function upshot(array $said): Upshot
{
    $document = Document::blank();
    foreach ($said as $key => $value) {
        $document = $document->with(Subjects::dictionary()->get($key)->path(), $value);
    }
    $sheet = sheetOfDocument($document);

    return Upshot::of($sheet, Assessment::of($sheet));
}

it('leaves out what is not known', function () {
    $none = upshot([]);

    expect([$none->meter(), $none->since(), $none->checkAt(), $none->worn(), $none->usable(), $none->planned()])->each->toBeNull()
        ->and([$none->hours(), $none->marks(), $none->out(), $none->figures(), $none->kit()])->toBe([[], [], [], [], '']);
});

it('reads a tractor by its hours and everything else by the distance', function () {
    $said = ['odometer' => '90000 km', 'hour_meter' => '4100 h', 'distance_since_fitted' => '60000 km', 'time_since_fitted' => '1500 h',
        'prove.recheck.after' => '1000 km', 'prove.recheck.hours' => '50 h'];
    $of = static function (string $class) use ($said): array {
        $u = upshot([...$said, 'vehicle.class' => $class]);

        return [$u->meter(), $u->since(), $u->checkAt()];
    };

    expect($of('car'))->toBe([90_000.0, 60_000.0, 91_000.0])->and($of('tractor'))->toBe([4100.0, 1500.0, 4150.0]);
});

it('doubles the lining of one side, and adds two', function () {
    $usable = static fn (array $sides): ?float => upshot(['disc.usable_per_side' => $sides])->usable();

    expect($usable(['1.1 mm']))->toEqualWithDelta(2.2, 1e-9)->and($usable(['1.1 mm', '0.9 mm']))->toEqualWithDelta(2.0, 1e-9);
});

it('names what met its limit, with the figure and the bound it was held against', function () {
    $u = upshot(['vehicle.class' => 'car', 'flywheel.face_runout' => '0.31 mm', 'flywheel.measuring_diameter' => '300 mm']);

    expect($u->marks()['flywheel.face_runout'])->toBe(Verdict::Out->value)->and($u->out())->toHaveKey('flywheel.face_runout')
        ->and($u->figures()['flywheel.face_runout']['value'])->toEqualWithDelta(0.31, 1e-9)
        ->and($u->figures()['flywheel.face_runout']['max'])->toBeLessThan(0.31);
});

it('counts the hours of a task however often the clock ran', function () {
    $u = upshot([PlanningFields::taken(Task::Access) => ['1.5 h', '2 h']]);

    expect($u->hours())->toBe(['access' => 3.5]);
});

it('lets what is out pass by the lead alone, or by two where the shop wants a second look', function () {
    $lead = new WhoMayPass(true, false);
    $one = new WhoMayPass(false, false);
    $two = new WhoMayPass(false, true);

    expect($lead->alone(Verdict::Out))->toBeTrue()->and($one->alone(Verdict::Out))->toBeFalse()->and($two->alone(Verdict::Out))->toBeFalse()
        ->and($one->alone(Verdict::Unmeasured))->toBeTrue()->and($one->alone(Verdict::Near))->toBeTrue()
        ->and($lead->agree(isOwn: false, isStated: true))->toBeTrue()
        ->and($lead->agree(isOwn: true, isStated: false))->toBeFalse()
        ->and($one->agree(isOwn: false, isStated: false))->toBeFalse()
        ->and($two->agree(isOwn: false, isStated: false))->toBeTrue()
        ->and($two->agree(isOwn: false, isStated: true))->toBeFalse();
});
