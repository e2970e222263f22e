<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Planning\JobPlan;
use Spindle\Planning\PlannedTask;
use Spindle\Planning\Task;
use Spindle\Planning\ThreePoint;
use Spindle\Sheet\JobSheet;

use function Eris\Generator\choose;

uses(Eris\TestTrait::class);

/* A job laid over the shop's hours, by hand beside each; hours by task are defaults from memory. */

function planned(array $plan = [], array $vehicle = ['class' => 'car', 'actuation' => 'cable'], array $more = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle, 'plan' => (object) $plan,
        'calendar' => ['zone' => 'Europe/Lisbon'],
    ], $more)));
}

function plan(array $plan = [], string $from = '2026-11-23 08:00', array $vehicle = ['class' => 'car', 'actuation' => 'cable']): JobPlan
{
    return JobPlan::of(planned($plan, $vehicle), new DateTimeImmutable($from, new DateTimeZone('Europe/Lisbon')));
}

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
        ->and($plan->likely->format('D Y-m-d H:i'))->toBe('Thu 2026-11-26 15:24')
        // A fifteenth more of each: ordered 15:43, 8.64 h from Wednesday 15:43 to Thursday 16:21; and 1.2816 × 0.940 h.
        ->and($plan->safe->format('D H:i'))->toBe('Fri 08:33');
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
    $this->limitTo(60)->forAll(choose(0, 9), choose(0, 9), choose(0, 9 * 1440), choose(0, 3))
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
