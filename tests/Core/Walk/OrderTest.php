<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Instrument;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Place;
use Spindle\Walk\Order;
use Spindle\Walk\Phase;
use Spindle\Walk\Step;
use Spindle\Walk\Walk;
use Tests\Support\CompleteJobs;

/** @return list<JobSheet> jobs with much still to be taken: those of the demonstration, and complete ones of which most was taken away */
function openJobs(): array
{
    $documents = array_map(
        static fn (string $file): string => (string) file_get_contents($file),
        (array) glob(dirname(__DIR__, 3).'/database/demo/[0-9]*.json'),
    );
    foreach (CompleteJobs::all() as $job) {
        $kept = array_intersect_key($job, ['vehicle' => 1, 'complaint' => 1, 'units' => 1]);
        $documents[] = (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$kept]);
    }
    $sheets = array_map(
        static fn (string $json): JobSheet => JobSheet::of(Document::ofJson($json), Subjects::dictionary()), $documents,
    );

    return array_values(array_filter($sheets, static fn (JobSheet $s): bool => walkOf($s)->steps !== []));
}

function walkOf(JobSheet $sheet): Walk
{
    return Walk::of($sheet, Assessment::of($sheet));
}

/**
 * The least changes of place and instrument there can be, by trying every order of the stops of each phase (Held and Karp's dynamic
 * programming over subsets), one phase after the other; nothing of the rule that is tried is used.
 *
 * @param  list<Step>  $steps
 */
function fewestChanges(array $steps): int
{
    $phases = [];
    foreach ($steps as $step) {
        if (! $step->isLast) {
            $stop = ($step->place->value ?? '').'|'.($step->instrument->value ?? '');
            $phases[$step->phase->value][$stop] = [$step->place, $step->instrument];
        }
    }
    ksort($phases);
    $from = ['|' => [0, null, null]];
    foreach ($phases as $stops) {
        $stops = array_values($stops);
        $masks = [0 => $from];
        for ($mask = 0; $mask < 2 ** count($stops); $mask++) {
            foreach ($masks[$mask] ?? [] as [$cost, $place, $hand]) {
                foreach ($stops as $i => [$there, $with]) {
                    if (($mask >> $i & 1) === 1) {
                        continue;
                    }
                    $sum = $cost + (int) ($there !== null && $place !== null && $there !== $place)
                        + (int) ($with !== null && $hand !== null && $with !== $hand);
                    [$at, $holding] = [$there ?? $place, $with ?? $hand];
                    $state = ($at->value ?? '').'|'.($holding->value ?? '');
                    $best = $masks[$mask | 1 << $i][$state][0] ?? PHP_INT_MAX;
                    if ($sum < $best) {
                        $masks[$mask | 1 << $i][$state] = [$sum, $at, $holding];
                    }
                }
            }
        }
        $from = $masks[2 ** count($stops) - 1];
    }

    return min(array_column($from, 0));
}

it('goes through twenty jobs with at most two changes more than the best of all orders', function (): void {
    $jobs = openJobs();
    expect(count($jobs))->toBeGreaterThanOrEqual(20);
    $more = array_map(static fn (JobSheet $s): int => Order::changes(...walkOf($s)->steps) - fewestChanges(walkOf($s)->steps), $jobs);
    expect(max($more))->toBeLessThanOrEqual(2)->and(min($more))->toBeGreaterThanOrEqual(0);
});

it('finds the best order of a few stops that a person can check by hand', function (): void {
    $key = static fn (string $k): Step => Step::of(Subjects::dictionary()->get($k), true);
    // In the cab with the rule, under the vehicle with feelers, in the cab again: the cab is done in one go.
    $steps = [$key('release.free_play'), $key('release.air_gap_measured'), $key('release.pedal_travel')];
    expect(array_map(static fn (Step $s): string => $s->key, Order::of($steps)))
        ->toBe(['release.free_play', 'release.pedal_travel', 'release.air_gap_measured'])
        ->and(Order::changes(...$steps))->toBe(4)->and(Order::changes(...Order::of($steps)))->toBe(2);
});

it('begins where the person stands', function (): void {
    $key = static fn (string $k): Step => Step::of(Subjects::dictionary()->get($k), true);
    $steps = [$key('release.free_play'), $key('release.air_gap_measured')];
    expect(Order::of($steps, Place::UnderVehicle)[0]->key)->toBe('release.air_gap_measured')
        ->and(Order::of($steps, Place::Cab, Instrument::SteelRule)[0]->key)->toBe('release.free_play');
});

it('never puts what is done later before what it rests on', function (): void {
    foreach (openJobs() as $sheet) {
        $phases = array_map(static fn (Step $s): int => $s->phase->value, walkOf($sheet)->steps);
        $sorted = $phases;
        sort($sorted);
        expect($phases)->toBe($sorted);
    }
});

it('says what a job comes to, and why it failed, after what that rests on', function (): void {
    foreach (openJobs() as $sheet) {
        $last = [];
        foreach (walkOf($sheet)->steps as $step) {
            expect($step->isLast || ! isset($last[$step->phase->value]))->toBeTrue();
            $last += $step->isLast ? [$step->phase->value => true] : [];
        }
    }
});

it('takes what is read at the open housing before the gearbox goes on', function (): void {
    expect(Phase::of(Subjects::dictionary()->get('release.depth_to_fingers')))->toBe(Phase::Inside)
        ->and(Phase::of(Subjects::dictionary()->get('release.free_play')))->toBe(Phase::Set)
        ->and(Phase::of(Subjects::dictionary()->get('two_stage.lever_heights')))->toBe(Phase::Set);
});

it('fits in the order of the trade, whatever is in the hand', function (string $first, string $then): void {
    // Complete jobs of which the work was taken away, once it is known how many bolts there are.
    $bolts = ['flywheel' => ['bolts' => 8, 'torque' => '60 N·m'], 'cover' => ['bolts' => 6, 'torque' => '25 N·m']];
    $found = 0;
    foreach (CompleteJobs::all() as $job) {
        $kept = [...array_intersect_key($job, ['vehicle' => 1, 'complaint' => 1, 'units' => 1]), 'fastening' => $bolts];
        $sheet = JobSheet::of(Document::ofJson((string) json_encode(
            ['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$kept],
        )), Subjects::dictionary());
        $keys = array_flip(walkOf($sheet)->keys());
        if (isset($keys[$first], $keys[$then])) {
            $found++;
            expect($keys[$first])->toBeLessThan($keys[$then]);
        }
    }
    expect($found)->toBeGreaterThan(0);
})->with([
    ['fit.seals', 'fastening.flywheel.done_hand'], ['fastening.flywheel.done_hand', 'fit.degreased'], ['fit.degreased', 'fit.disc'],
    ['fit.pins', 'fit.intermediate'], ['fit.disc', 'fit.cover'], ['fit.cover', 'fastening.cover.done_hand'],
    ['fastening.cover.done_hand', 'fastening.cover.gap'], ['fastening.cover.done_hand', 'fastening.cover.tool_slides'],
    ['fastening.cover.gap', 'fit.cover_bolts'], ['fastening.cover.tool_slides', 'fit.tool_out'], ['fit.cover_bolts', 'fit.tool_out'],
    ['fit.tool_out', 'fit.fingers'], ['fit.grease', 'fit.gearbox'], ['fit.gearbox', 'fit.housing_bolts'],
    ['fit.around', 'release.air_gap_measured'],
])->note('Order of the trade: common practice, no source.');

it('puts the rounds after the cover is seated behind what is looked at while it is', function (): void {
    $phase = static fn (string $key): int => Phase::of(Subjects::dictionary()->get($key))->value;
    expect($phase('fastening.cover.done_seat'))->toBeLessThan($phase('fastening.cover.gap'))
        ->and($phase('fastening.cover.gap'))->toBeLessThan($phase('fastening.cover.done_half'))
        ->and($phase('fit.pin_clearance'))->toBe($phase('fit.intermediate'))
        ->and($phase('fit.finger_heights'))->toBe($phase('fit.fingers'))
        ->and($phase('fit.bearing_slides'))->toBe($phase('fit.bearing'))
        ->and($phase('housing.bore_dial'))->toBeLessThan($phase('fit.disc'));
});
