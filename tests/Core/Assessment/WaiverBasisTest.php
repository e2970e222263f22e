<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Finding;
use Spindle\Sheet\ConcessionBasis;
use Tests\Support\CompleteJobs;

/** @param  array<string, mixed>  $more */
function carWith(array $more): array
{
    return CompleteJobs::with(CompleteJobs::all()['car, slave, new clutch'], $more);
}

/** The finding of a job with a waiver for it that was given on another. */
function passing(string $finding, array $given, array $now): Finding
{
    $sheet = CompleteJobs::sheet($given);
    $found = Assessment::of($sheet)->find($finding) ?? throw new LogicException($finding);
    $waiver = ['reason' => 'Customer agreed', 'by' => 'x', 'for' => $found->verdict->value, 'basis' => ConcessionBasis::of($found, $sheet)];

    return Assessment::of(CompleteJobs::sheet([...$now, 'waivers' => [$finding => $waiver]]))->find($finding)
        ?? throw new LogicException($finding);
}

it('lets pass what it was given for, and nothing else', function (string $finding, array $given, array $now, bool $passes) {
    expect(passing($finding, carWith($given), carWith($now))->isWaived())->toBe($passes);
})->with([
    'the same' => ['flywheel.flatness', ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']]],
        ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']]], true],
    'the same in another unit' => ['flywheel.thickness', ['readings' => ['flywheel.thickness' => '23.9 mm']],
        ['readings' => ['flywheel.thickness' => '2.39 cm']], true],
    'another value' => ['flywheel.flatness', ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']]],
        ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.4 mm', '0.2 mm']]], false],
    'what is missing' => ['why.owed_causes', ['readings' => ['why.causes' => null]], ['readings' => ['why.causes' => null]], true],
    'a flywheel, whatever the kit' => ['flywheel.flatness', ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']]],
        ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']], 'kit' => ['number' => 'OTHER']], true],
    'this kit' => ['capacity.margin', ['engine' => ['peak_torque' => '230 Nm']], ['engine' => ['peak_torque' => '230 Nm']], true],
    'another kit of the same figures' => ['capacity.margin', ['engine' => ['peak_torque' => '230 Nm']],
        ['engine' => ['peak_torque' => '230 Nm'], 'kit' => ['number' => 'OTHER']], false],
    'a stronger engine' => ['capacity.margin', ['engine' => ['peak_torque' => '230 Nm']], ['engine' => ['peak_torque' => '250 Nm']], false],
    'a step of the fitting with another kit' => ['fastening.owed_gap', ['fastening' => ['cover' => ['gap' => null]]],
        ['fastening' => ['cover' => ['gap' => null]], 'kit' => ['name' => 'Another']], false],
]);

it('holds of a part that was measured anew for what was measured then', function (string $again, bool $passes) {
    $left = static fn (string $flat): array => carWith(['as_left' => ['flywheel.flatness' => [$flat, $flat, $flat],
        'flywheel.face_runout' => ['0.03 mm'], 'flywheel.thickness' => '24.9 mm', 'flywheel.conditions' => ['none']]]);

    expect(passing('flywheel.flatness', $left('0.2 mm'), $left($again))->isWaived())->toBe($passes);
})->with([['0.2 mm', true], ['0.3 mm', false]]);

it('holds as before where what it was given for was never written down', function () {
    $flat = ['readings' => ['flywheel.flatness' => ['0.2 mm', '0.2 mm', '0.2 mm']]];
    $document = [...carWith($flat), 'waivers' => ['flywheel.flatness' => ['reason' => 'Said so in 2024', 'for' => 'out']]];

    expect(Assessment::of(CompleteJobs::sheet($document))->find('flywheel.flatness')?->isWaived())->toBeTrue();
});
