<?php

declare(strict_types=1);

use Spindle\Planning\Clashes;
use Spindle\Planning\HelperCalls;
use Spindle\Planning\Proposal;
use Spindle\Planning\Slot;
use Spindle\Planning\Task;
use Spindle\Planning\WorkCalendar;

use function Eris\Generator\choose;
use function Eris\Generator\vector;

uses(Eris\TestTrait::class);

/* What lies on the board cannot clash when it was proposed, and is said to when it was laid so by hand. */

function at(string $time): DateTimeImmutable
{
    return new DateTimeImmutable("2026-11-{$time}", new DateTimeZone('Europe/Lisbon'));
}

function slot(int $job, Task $task, string $from, string $to, ?int $person = 1, string $place = 'lift'): Slot
{
    return new Slot($job, $task, $person, $place, at($from), at($to));
}

/** @param  list<Slot>  $laid */
function proposal(array $laid = [], array $people = [1, 2], array $places = ['lift', 'stands']): Proposal
{
    return new Proposal(WorkCalendar::read((object) ['zone' => 'Europe/Lisbon']), $people, $places, $laid);
}

it('says what clashes', function (Slot $one, Slot $other, string $why) {
    $clashes = Clashes::of([$one, $other]);

    expect($clashes === [] ? '' : $clashes[0][2])->toBe($why);
})->with([
    'same hands' => [slot(1, Task::Access, '25 08:00', '25 12:00'), slot(2, Task::Fitting, '25 11:00', '25 13:00', 1, 'stands'),
        'in the same hands'],
    'same place' => [slot(1, Task::Access, '25 08:00', '25 12:00'), slot(2, Task::Fitting, '25 11:00', '25 13:00', 2), 'on the same place'],
    'one after the other' => [slot(1, Task::Access, '25 08:00', '25 12:00'), slot(2, Task::Fitting, '25 12:00', '25 13:00'), ''],
    'another place, other hands' => [slot(1, Task::Access, '25 08:00', '25 12:00'),
        slot(2, Task::Access, '25 08:00', '25 12:00', 2, 'stands'), ''],
    'out of order' => [slot(1, Task::Fitting, '25 08:00', '25 10:00'), slot(1, Task::Access, '25 13:00', '25 15:00', 2),
        'of one job, and not in order'],
    'the office needs no place' => [slot(1, Task::Ordering, '25 08:00', '25 09:00', 1, 'lift'),
        slot(2, Task::Access, '25 08:00', '25 12:00', 2), ''],
]);

it('lays the first job first and uses both pairs of hands', function () {
    $tasks = [[Task::Checks, 1.0, null], [Task::Access, 3.0, null]];
    $slots = proposal()->of([7 => $tasks, 8 => $tasks], at('25 08:00'));

    $said = static fn (Slot $s): string => "{$s->job} {$s->task->value} {$s->person} {$s->place} {$s->start->format('H:i')}";

    expect(array_map($said, $slots))->toBe(['7 checks 1 lift 08:00', '7 access 1 lift 09:00',
        '8 checks 2 stands 08:00', '8 access 2 stands 09:00']);
});

it('lets a vehicle that is apart keep its place until it is done', function () {
    // The first waits three days for parts; with one place the other cannot be taken apart meanwhile.
    $slots = proposal(places: ['lift'])->of([
        1 => [[Task::Access, 4.0, null], [Task::Fitting, 2.0, at('30 08:00')]], 2 => [[Task::Access, 4.0, null]],
    ], at('25 08:00'));

    expect($slots[2]->start->format('d H:i'))->toBe('30 10:00');
});

it('leaves what lies there where it is', function () {
    $laid = [slot(5, Task::Access, '25 08:00', '25 12:00', 1, 'lift')];
    $slots = proposal($laid, [1])->of([5 => [[Task::Access, 4.0, null], [Task::Inspection, 1.0, null]], 6 => [[Task::Checks, 1.0, null]]],
        at('25 08:00'));

    expect(array_map(static fn (Slot $s): string => "{$s->job} {$s->task->value} {$s->start->format('H:i')}", $slots))
        ->toBe(['5 inspection 13:00', '6 checks 14:00']);
});

it('never proposes a clash, whatever is to be done', function () {
    $this->limitTo(40)->forAll(vector(5, choose(1, 6)), vector(5, choose(0, 3)), choose(1, 3), choose(1, 3))
        ->then(function (array $hours, array $waits, int $people, int $places): void {
            $jobs = [];
            foreach ($hours as $i => $h) {
                $jobs[$i + 1] = [[Task::Checks, 0.5, null], [Task::Access, (float) $h, null], [Task::Ordering, 0.3, null],
                    [Task::Fitting, 1.5, $waits[$i] === 0 ? null : at((string) (25 + $waits[$i]).' 08:00')]];
            }
            $slots = proposal([], range(1, $people), array_slice(['lift', 'stands', 'yard'], 0, $places))->of($jobs, at('25 08:00'));

            expect(Clashes::of($slots))->toBe([])->and($slots)->toHaveCount(20);
        });
});

it('says when a helper is wanted, and what can be done in one go', function () {
    $calls = HelperCalls::of([
        slot(2, Task::Closing, '25 12:00', '25 16:00', 2, 'stands'), slot(1, Task::Access, '25 08:00', '25 12:00'),
        slot(3, Task::Bench, '25 08:00', '25 08:30', 2, ''), slot(4, Task::Setting, '25 15:00', '25 15:30', 1, 'yard'),
    ]);

    // At the end of the one, twenty minutes before noon; at the start of the other, at noon: one walk. The third is three hours later.
    expect(array_map(static fn (HelperCalls $c): string => "{$c->slot->job} {$c->at->format('H:i')} {$c->minutes} "
        .($c->isNearTheLast ? 'together' : 'alone'), $calls))
        ->toBe(['1 11:40 20 alone', '2 12:00 20 together', '4 15:00 25 alone']);
});
