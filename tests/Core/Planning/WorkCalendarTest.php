<?php

declare(strict_types=1);

use Spindle\Planning\PlanningError;
use Spindle\Planning\WorkCalendar;
use Spindle\Sheet\SheetError;

use function Eris\Generator\choose;

uses(Eris\TestTrait::class);

/*
 * Hours of work over closed days, weekends and the change of summer time. In the zone used here the clocks go forward on 29 March and
 * back on 25 October 2026 (tz database, rules of the European Union).
 */

const SHOP = ['zone' => 'Europe/Lisbon', 'closed' => ['2026-12-25' => 'Christmas', '2026-04-03' => 'Good Friday']];

function calendar(array $more = []): WorkCalendar
{
    return WorkCalendar::read(json_decode((string) json_encode(array_replace_recursive(SHOP, $more))));
}

function lisbon(string $time): DateTimeImmutable
{
    return new DateTimeImmutable($time, new DateTimeZone('Europe/Lisbon'));
}

it('adds hours of work', function (string $from, float $hours, string $to) {
    expect(calendar()->add(lisbon($from), $hours)->format('D Y-m-d H:i'))->toBe($to);
})->with([
    'within a morning' => ['2026-11-25 08:00', 2.5, 'Wed 2026-11-25 10:30'],
    'over the dinner hour' => ['2026-11-25 10:00', 4.0, 'Wed 2026-11-25 15:00'],
    'to the very end of a day' => ['2026-11-25 08:00', 8.0, 'Wed 2026-11-25 17:00'],
    'into the next day' => ['2026-11-25 16:00', 2.0, 'Thu 2026-11-26 09:00'],
    'over a weekend' => ['2026-11-27 16:00', 2.0, 'Mon 2026-11-30 09:00'],
    'before it opens' => ['2026-11-25 03:00', 1.0, 'Wed 2026-11-25 09:00'],
    'on a Sunday' => ['2026-11-29 12:00', 1.0, 'Mon 2026-11-30 09:00'],
    'over Christmas' => ['2026-12-24 16:00', 2.0, 'Mon 2026-12-28 09:00'],
    'over Good Friday and the weekend' => ['2026-04-02 16:00', 2.0, 'Mon 2026-04-06 09:00'],
    'over the change of summer time' => ['2026-03-27 16:00', 2.0, 'Mon 2026-03-30 09:00'],
    'nothing' => ['2026-11-25 18:00', 0.0, 'Thu 2026-11-26 08:00'],
]);

it('waits as long on the clock over the change of summer time, and keeps the time of day', function () {
    // Three days on: the same hour by the clock, an hour less in between in spring, one more in autumn.
    $spring = calendar()->daysLater(lisbon('2026-03-27 10:00'), 3);
    $autumn = calendar()->daysLater(lisbon('2026-10-23 10:00'), 3);

    expect($spring->format('D H:i P'))->toBe('Mon 10:00 +01:00')->and($autumn->format('D H:i P'))->toBe('Mon 10:00 +00:00')
        ->and($spring->getTimestamp() - lisbon('2026-03-27 10:00')->getTimestamp())->toBe(71 * 3600)
        ->and($autumn->getTimestamp() - lisbon('2026-10-23 10:00')->getTimestamp())->toBe(73 * 3600);
});

it('counts an hour less where the shop works through the change', function () {
    $always = calendar(['week' => ['sat' => '00:00-24:00', 'sun' => '00:00-24:00']]);

    // From Saturday noon: 12 hours to midnight, then 03:00 in the night without its missing hour is two more.
    expect($always->add(lisbon('2026-03-28 12:00'), 14.0)->format('H:i'))->toBe('03:00')
        ->and($always->between(lisbon('2026-03-28 12:00'), lisbon('2026-03-29 12:00')))->toEqualWithDelta(23.0, 1e-9);
});

it('counts a supplier\'s days and the shop\'s own', function () {
    expect(calendar()->daysLater(lisbon('2026-11-27 14:00'), 1)->format('D H:i'))->toBe('Mon 08:00')
        ->and(calendar()->daysLater(lisbon('2026-11-25 14:00'), 1)->format('D H:i'))->toBe('Thu 14:00')
        ->and(calendar()->workingDaysLater(lisbon('2026-11-27 14:00'), 1)->format('D H:i'))->toBe('Mon 14:00')
        ->and(calendar()->workingDaysLater(lisbon('2026-12-24 14:00'), 1)->format('D Y-m-d H:i'))->toBe('Mon 2026-12-28 14:00')
        ->and(calendar()->workingDaysLater(lisbon('2026-11-25 14:00'), 0)->format('D H:i'))->toBe('Wed 14:00');
});

it('agrees with counting minute by minute', function () {
    $c = calendar();
    $this->limitTo(40)->forAll(choose(0, 14 * 1440), choose(0, 25 * 60))->then(function (int $start, int $minutes) use ($c): void {
        $from = lisbon('2026-03-20 00:00')->modify("+{$start} minutes");
        $at = $from;
        $isOpen = static function (DateTimeImmutable $t): bool {
            $time = $t->format('H:i');

            return (int) $t->format('N') < 6 && $t->format('m-d') !== '04-03'
                && (($time >= '08:00' && $time < '12:00') || ($time >= '13:00' && $time < '17:00'));
        };
        for ($left = $minutes; $left > 0; $at = $at->modify('+1 minute')) {
            $left -= $isOpen($at) ? 1 : 0;
        }
        if ($minutes > 0) {
            expect($c->add($from, $minutes / 60)->getTimestamp())->toBe($at->getTimestamp())
                ->and($c->between($from, $at))->toEqualWithDelta($minutes / 60, 1e-6);
        }
    });
});

it('says what is wrong with a calendar, and where', function (array $given, string $place) {
    expect(static fn () => WorkCalendar::read(json_decode((string) json_encode($given))))->toThrow(
        fn (SheetError $e) => expect($e->place)->toBe($place),
    );
})->with([
    [['zone' => 'Estuary/Quay'], 'calendar.zone'], [['week' => ['mon' => 'mornings']], 'calendar.week.mon'],
    [['week' => ['mon' => '13:00-17:00 08:00-12:00']], 'calendar.week.mon'], [['week' => ['mon' => '08:00-08:00']], 'calendar.week.mon'],
    [['week' => ['mon' => '25:00-26:00']], 'calendar.week.mon'], [['closed' => ['2026-02-30' => '']], 'calendar.closed.2026-02-30'],
]);

it('does not look for work for ever in a shop that is never open', function () {
    $never = calendar(['week' => array_fill_keys(WorkCalendar::DAYS, 'closed')]);

    expect(static fn () => $never->next(lisbon('2026-11-25 08:00')))->toThrow(PlanningError::class)
        ->and(static fn () => $never->workingDaysLater(lisbon('2026-11-25 08:00'), 1))->toThrow(PlanningError::class);
});
