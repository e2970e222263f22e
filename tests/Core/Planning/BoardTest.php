<?php

declare(strict_types=1);

use Spindle\Planning\Clashes;
use Spindle\Planning\HelperCalls;
use Spindle\Planning\Hold;
use Spindle\Planning\Proposal;
use Spindle\Planning\Slot;
use Spindle\Planning\Task;
use Spindle\Planning\ToLay;
use Spindle\Planning\Waits;
use Spindle\Planning\WorkCalendar;
use Spindle\Planning\WorkLeft;
use Spindle\Sheet\JobSheet;

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
function proposal(array $laid = [], array $people = [1, 2], array $places = ['lift', 'stands'], array $gone = []): Proposal
{
    return new Proposal(WorkCalendar::read((object) ['zone' => 'Europe/Lisbon']), $people, $places, $laid, $gone);
}

/** @return array{JobSheet, Waits} of a car whose plan says so much */
function waiting(array $plan): array
{
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car'],
        'calendar' => ['zone' => 'Europe/Lisbon'], 'plan' => (object) $plan]));

    return [$sheet, Waits::of($sheet, WorkCalendar::of($sheet), at('25 08:00'))];
}

/** A job that waits as its plan says, with hours by task. */
function toLay(int $job, array $hours, array $plan = []): ToLay
{
    return new ToLay($job, $hours, waiting($plan)[1]);
}

/** A whole job of a car: eleven hours on the vehicle, and what it waits for. */
function wholeJob(int $job, array $plan = []): ToLay
{
    [$sheet, $waits] = waiting($plan);

    return ToLay::of($job, WorkLeft::of($sheet), $waits);
}

/** @param  list<Slot>  $slots */
function laidAs(array $slots): array
{
    return array_map(
        static fn (Slot $s): string => "{$s->job} {$s->task->value} {$s->person} {$s->place} {$s->start->format('d H:i')}", $slots,
    );
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
    $hours = ['checks' => 1.0, 'access' => 3.0];
    $slots = proposal()->of([toLay(7, $hours), toLay(8, $hours)], at('25 08:00'));

    expect(laidAs($slots))->toBe(['7 checks 1 lift 25 08:00', '7 access 1 lift 25 09:00',
        '8 checks 2 stands 25 08:00', '8 access 2 stands 25 09:00']);
});

it('lets a vehicle that is apart keep its place until it is done', function () {
    // The first waits three days for parts; with one place the other cannot be taken apart meanwhile.
    $slots = proposal(places: ['lift'])->of([
        toLay(1, ['access' => 4.0, 'bench' => 0.5, 'closing' => 1.5], ['parts_on' => '2026-11-30']), toLay(2, ['access' => 4.0]),
    ], at('25 08:00'));

    expect(laidAs($slots))->toBe([
        '1 access 1 lift 25 08:00', '1 bench 1  30 08:00', '1 closing 1 lift 30 08:30', '2 access 1 lift 30 10:00',
    ]);
});

it('waits for a delivery from when it was ordered on the board, not from when a plan had it ordered', function () {
    // The only hands are taken all Wednesday: checked, opened and ordered on Thursday by 15:18, and two days later on Saturday, which is
    // closed: Monday at eight.
    $laid = [slot(9, Task::Fitting, '25 08:00', '25 17:00', 1, 'stands')];
    $slots = proposal($laid, [1])->of([wholeJob(1, ['delivery_days' => 2])], at('25 08:00'));
    $by = array_combine(array_map(static fn (Slot $s): string => $s->task->value, $slots), $slots);

    expect($by['ordering']->end->format('d H:i'))->toBe('26 15:18')->and($by['bench']->start->format('d H:i'))->toBe('30 08:00')
        ->and($by['closing']->place)->toBe($by['access']->place);
});

it('takes parts that come the same day', function () {
    $slots = proposal(people: [1])->of([wholeJob(1, ['delivery_days' => 0])], at('25 08:00'));

    expect(laidAs($slots)[4])->toBe('1 bench 1  25 15:18');
});

it('lays no second vehicle where one stands in pieces and nobody has said when it is joined again', function () {
    $laid = [slot(5, Task::Access, '20 08:00', '20 12:00', 1, 'lift')];

    expect(proposal($laid, [1], ['lift'])->of([wholeJob(6)], at('25 08:00')))->toBe([])
        // Nor before one that comes onto it tomorrow, as long as its own parts are awaited.
        ->and(laidAs(proposal([slot(5, Task::Checks, '26 08:00', '26 09:00', 2, 'lift')], [1], ['lift'])
            ->of([wholeJob(6, ['delivery_days' => 3])], at('25 08:00')))[0])->toBe('6 checks 1 lift 26 09:00')
        // On the other place it may, and where the first is gone.
        ->and(laidAs(proposal($laid, [1])->of([wholeJob(6)], at('25 08:00')))[1])->toBe('6 access 1 stands 25 08:42')
        ->and(laidAs(proposal($laid, [1], ['lift'], [5])->of([wholeJob(6)], at('25 08:00')))[1])->toBe('6 access 1 lift 25 08:42')
        // The one in pieces goes on where it stands.
        ->and(laidAs(proposal($laid, [1])->of([toLay(5, ['fitting' => 1.0, 'closing' => 2.0])], at('25 08:00'))))
        ->toBe(['5 fitting 1 lift 25 08:00', '5 closing 1 lift 25 09:00']);
});

it('says what is laid where another stands in pieces, though nobody works on that', function () {
    $apart = slot(5, Task::Access, '20 08:00', '20 12:00', 1, 'lift');
    $second = slot(6, Task::Access, '25 08:00', '25 12:00', 2, 'lift');
    $joined = slot(5, Task::Closing, '24 08:00', '24 12:00', 1, 'lift');
    $why = static fn (array $slots, array $all, array $gone = []): array => array_column(Clashes::of($slots, Hold::of($all, $gone)), 2);

    expect($why([$second], [$apart, $second]))->toBe(['where another stands in pieces'])
        ->and($why([$second], [$apart, $joined, $second]))->toBe([])
        ->and($why([$second], [$apart, $second], [5]))->toBe([])
        // Its own next task on another place: it would have to be carried there.
        ->and($why([slot(5, Task::Fitting, '23 08:00', '23 12:00', 1, 'stands')], [$apart, $joined]))
        ->toBe(['in pieces, and it stands on lift'])
        // Set in the yard, once it is joined.
        ->and($why([slot(5, Task::Setting, '24 13:00', '24 14:00', 1, 'stands')], [$apart, $joined]))->toBe([]);
});

it('leaves what lies there where it is', function () {
    $laid = [slot(5, Task::Access, '25 08:00', '25 12:00', 1, 'lift')];
    $slots = proposal($laid, [1])->of([toLay(5, ['access' => 4.0, 'inspection' => 1.0]), toLay(6, ['checks' => 1.0])], at('25 08:00'));

    expect(array_map(static fn (Slot $s): string => "{$s->job} {$s->task->value} {$s->start->format('H:i')}", $slots))
        ->toBe(['5 inspection 13:00', '6 checks 14:00']);
});

it('never proposes a clash, whatever is to be done', function () {
    $this->limitTo(40)->forAll(vector(5, choose(1, 6)), vector(5, choose(0, 3)), choose(1, 3), choose(1, 3))
        ->then(function (array $hours, array $waits, int $people, int $places): void {
            $jobs = [];
            foreach ($hours as $i => $h) {
                $jobs[] = toLay($i + 1, ['checks' => 0.5, 'access' => (float) $h, 'ordering' => 0.3, 'bench' => 0.5, 'closing' => 1.5],
                    $waits[$i] === 0 ? [] : ['parts_on' => '2026-11-'.(25 + $waits[$i])]);
            }
            $slots = proposal([], range(1, $people), array_slice(['lift', 'stands', 'yard'], 0, $places))->of($jobs, at('25 08:00'));

            expect(Clashes::of($slots, Hold::of($slots)))->toBe([])->and($slots)->toHaveCount(25);
        });
});

it('says when a helper is wanted, and what can be done in one go', function () {
    $calls = HelperCalls::of([
        slot(2, Task::Closing, '25 12:00', '25 16:00', 2, 'stands'), slot(1, Task::Access, '25 08:00', '25 12:00'),
        slot(3, Task::Bench, '25 08:00', '25 08:30', 2, ''), slot(4, Task::Setting, '25 15:00', '25 15:30', 1, 'yard'),
    ], WorkCalendar::read(null));

    // At the end of the one, twenty minutes before noon; at the start of the other, at noon: one walk. The third is three hours later.
    expect(array_map(static fn (HelperCalls $c): string => "{$c->slot->job} {$c->at->format('H:i')} {$c->minutes} "
        .($c->isNearTheLast ? 'together' : 'alone'), $calls))
        ->toBe(['1 11:40 20 alone', '2 12:00 20 together', '4 15:00 25 alone']);
});

it('calls nobody before the doors open', function () {
    // It ends ten minutes after eight, and its helper of twenty minutes is there from eight.
    $calls = HelperCalls::of([slot(1, Task::Access, '25 13:00', '26 08:10')], WorkCalendar::read(null));
    expect($calls[0]->at->format('d H:i'))->toBe('26 08:00');
});
