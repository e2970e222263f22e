<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Planning\JobPlan;
use Spindle\Planning\PlanAdvice;
use Spindle\Planning\PlannedTask;
use Spindle\Planning\PlanningSentences;
use Spindle\Planning\Task;
use Spindle\Planning\ThreePoint;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

use function Eris\Generator\choose;

require_once dirname(__DIR__, 2).'/Support/plans.php';

uses(Eris\TestTrait::class);

/* A job laid over the shop's hours, by hand beside each; hours by task are defaults from memory. */

/** @return list<string> tasks that decide the end */
function deciding(JobPlan $plan): array
{
    return array_map(static fn (PlannedTask $t): string => $t->task->value, $plan->critical());
}

it('takes the hours of the class and the layout', function (array $vehicle, array $plan, float $hours) {
    $sum = array_sum(array_map(static fn (ThreePoint $t): float => $t->likeliest, JobPlan::hours(planned($plan, $vehicle))));

    expect($sum)->toEqualWithDelta($hours, 1e-9);
})->with([
    'car, front' => [['class' => 'car'], [], 14.4], 'car, rear' => [['class' => 'car'], ['layout' => 'rear'], 9.9],
    'car, rear by its wheels' => [['class' => 'car', 'drive' => 'rear'], [], 9.9], 'van' => [['class' => 'van'], [], 11.9],
    'truck' => [['class' => 'truck'], [], 18.1], 'tractor' => [['class' => 'tractor'], [], 18.5],
    'tractor with a flywheel to grind' => [['class' => 'tractor'], ['machining_days' => 1], 19.2],
    'with hours of its own' => [['class' => 'car'], ['hours' => ['access' => '6 h']], 15.9],
]);

it('sums the work by the three-point rule', function () {
    // (0.8 + 4 + 1.6) ÷ 6 of 14.4; standard deviation 0.8 ÷ 6 of the root of the sum of squares.
    $a = Assessment::of(planned());
    $squares = 0.7 ** 2 + 4.5 ** 2 + 0.8 ** 2 + 0.3 ** 2 + 0.3 ** 2 + 1.5 ** 2 + 5.0 ** 2 + 0.6 ** 2 + 0.7 ** 2;

    expect($a->figure('plan.work_hours'))->toEqualWithDelta(14.4 * 6.4 / 6, 1e-6)
        ->and($a->figure('plan.work_hours_sd'))->toEqualWithDelta(0.8 / 6 * sqrt($squares), 1e-6);
});

it('lays the tasks over the day, the night and the delivery', function () {
    $plan = plan(['delivery_days' => 2]);
    $at = array_combine(array_map(static fn (PlannedTask $t): string => $t->task->value, $plan->tasks),
        array_map(static fn (PlannedTask $t): string => $t->start->format('D H:i').' '.$t->end->format('D H:i'), $plan->tasks));

    // 0.7, 4.5 over the dinner hour, 0.8, 0.3: ordered Monday 15:18; there Wednesday 15:18.
    expect($at)->toBe(['checks' => 'Mon 08:00 Mon 08:42', 'access' => 'Mon 08:42 Mon 14:12', 'inspection' => 'Mon 14:12 Mon 15:00',
        'ordering' => 'Mon 15:00 Mon 15:18', 'bench' => 'Wed 15:18 Wed 15:36', 'fitting' => 'Wed 15:36 Thu 08:06',
        'closing' => 'Thu 08:06 Thu 14:06', 'setting' => 'Thu 14:06 Thu 14:42', 'proving' => 'Thu 14:42 Thu 15:24'])
        // Tasks and delivery take longer oftener than shorter: half are done later than this, and nine in ten later still.
        ->and($plan->likely)->toBeGreaterThan($plan->tasks[8]->end)->and($plan->safe)->toBeGreaterThan($plan->likely);
});

it('leaves what runs beside the delivery to spare', function () {
    $short = plan(['machining_days' => 1, 'delivery_days' => 4]);
    $long = plan(['machining_days' => 6, 'delivery_days' => 1]);

    // While parts take four days the flywheel may be a little later; while the machinist takes six, the parts may.
    expect(deciding($short))->toContain('ordering', 'bench', 'fitting')->not->toContain('machining')
        ->and(deciding($long))->toContain('machining', 'fitting')->not->toContain('bench')
        ->and($long->likely)->toBeGreaterThan($short->likely);
});

it('plans only what the kind of job has', function () {
    $tasks = static fn (JobSheet $s): array => array_column(Task::of($s), 'value');

    expect($tasks(planned(more: ['readings' => ['triage.kind' => 'bleed']])))->toBe(['checks', 'setting', 'proving'])
        ->and($tasks(planned(more: ['readings' => ['triage.kind' => 'not_the_clutch']])))->toBe(['checks'])
        ->and($tasks(planned()))->not->toContain('machining')
        ->and($tasks(planned(['machining_days' => 1])))->toContain('machining');
});

it('never promises earlier when a wait grows or a task takes longer', function () {
    $this->limitTo(25)->forAll(choose(0, 9), choose(0, 9), choose(0, 9 * 1440), choose(0, 3))
        ->then(function (int $delivery, int $machining, int $minutes, int $more): void {
            $from = (new DateTimeImmutable('2026-03-23 06:00', new DateTimeZone('Europe/Lisbon')))->modify("+{$minutes} minutes")
                ->format('Y-m-d H:i');
            $of = static fn (int $d, int $m, float $hours): JobPlan => plan(
                ['delivery_days' => $d === 0 ? 1 : $d, ...($m === 0 ? [] : ['machining_days' => $m]),
                    'hours' => ['fitting' => "{$hours} h"]],
                $from,
            );
            $base = $of($delivery, $machining, 1.5);
            foreach ([$of($delivery + 1 + $more, $machining, 1.5), $of($delivery, $machining + 1 + $more, 1.5),
                $of($delivery, $machining, 1.5 + $more / 2)] as $longer) {
                expect($longer->likely)->toBeGreaterThanOrEqual($base->likely)->and($longer->safe)->toBeGreaterThanOrEqual($base->safe);
            }
            expect($base->safe)->toBeGreaterThanOrEqual($base->likely);
        });
});

it('goes by the shop\'s own hours, and by those of the job before them', function () {
    $own = ['access' => ThreePoint::of(3.0, 5.5, 9.0)];

    expect(JobPlan::hours(planned(), $own)['access']->longest)->toBe(9.0)
        ->and(JobPlan::hours(planned(['hours' => ['access' => '4 h']]), $own)['access']->likeliest)->toEqualWithDelta(4.0, 1e-9);
});

it('has a flywheel at the machinist from the day it went, late where it is not back', function () {
    $at = static fn (array $more, string $from): JobPlan => plan(['done' => ['checks', 'access', 'inspection', 'ordering', 'bench'],
        'out_on' => '2026-11-23', ...$more], $from);
    $fitting = static fn (JobPlan $plan): string => $plan->tasks[0]->task->value.' '.$plan->tasks[0]->start->format('D H:i');

    // Out on Monday for three working days: on Tuesday at eight two are left, on Thursday none; unsaid it is one.
    expect($fitting($at(['machining_days' => 3], '2026-11-24 08:00')))->toBe('fitting Thu 08:00')
        ->and($at(['machining_days' => 3], '2026-11-24 08:00')->lateFrom)->toBeNull()
        ->and($fitting($at([], '2026-11-24 08:00')))->toBe('fitting Tue 08:00')
        // On Friday nobody knows when it comes; the plan has it back at once and says so.
        ->and($at(['machining_days' => 3], '2026-11-27 08:00')->lateFrom?->format('D j'))->toBe('Thu 26')
        // He says another day, and it is here.
        ->and($fitting($at(['machining_days' => 3, 'back_on' => '2026-11-30'], '2026-11-27 08:00')))->toBe('fitting Mon 08:00')
        ->and($at(['machining_days' => 3, 'back_on' => '2026-11-30'], '2026-11-27 08:00')->lateFrom)->toBeNull()
        ->and($fitting($at(['machining_days' => 3, 'returned_on' => '2026-11-24'], '2026-11-24 13:00')))->toBe('fitting Tue 13:00')
        ->and($at(['machining_days' => 3, 'returned_on' => '2026-11-24'], '2026-11-27 08:00')->lateFrom)->toBeNull();
});

it('counts only what is left of the machinist’s time into the promise', function () {
    $plan = static fn (string $out): JobPlan => plan(['done' => ['checks', 'access', 'inspection', 'ordering', 'bench'],
        'machining_days' => 4, 'out_on' => $out], '2026-11-27 08:00');

    expect($plan('2026-11-24')->safe)->toBeLessThan($plan('2026-11-26')->safe)
        ->and($plan('2026-11-24')->safe)->toBeGreaterThan($plan('2026-11-24')->likely);
});

it('says that a flywheel is late and sends nobody to book it twice', function () {
    $sheet = planned(['machining_days' => 1, 'out_on' => '2026-11-23'], more: ['readings' => ['flywheel.conditions' => ['heat_spots']]]);
    $plan = JobPlan::of($sheet, new DateTimeImmutable('2026-11-26 08:00', new DateTimeZone('Europe/Lisbon')));
    $said = implode(' ', array_map(static fn ($s): string => $s->in(new Display), PlanAdvice::of($sheet, $plan)));

    expect($said)->toContain('was to be back from the machinist on Tue 24 Nov')->not->toContain('book the machinist');
});

it('calls the way in by what is done on this vehicle: a tractor is split, of all others the gearbox comes out', function (
    string $class, string $in, string $back,
) {
    $class = VehicleClass::from($class);

    expect(Task::Access->label($class))->toBe($in)->and(Task::Closing->label($class))->toBe($back)
        ->and(PlanningSentences::helper(Task::Access, new DateTimeImmutable('2026-11-24 15:02'), $class)->in(metric()))
        ->toContain('at the end of '.lcfirst($in).', about Tue 15:02');
})->with([
    ['car', 'Gearbox out', 'Gearbox back'], ['van', 'Gearbox out', 'Gearbox back'], ['truck', 'Gearbox out', 'Gearbox back'],
    ['tractor', 'Splitting the tractor', 'Joining the tractor'],
]);
