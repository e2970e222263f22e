<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\BoltLayout;
use Spindle\Fastening\FasteningError;
use Spindle\Fastening\Grade;
use Spindle\Fastening\ReferenceTorque;
use Spindle\Fastening\Thread;
use Spindle\Fastening\TighteningPlan;
use Spindle\Fastening\TighteningStage;
use Spindle\Limit\Verdict;

function bolted(array $groups, array $more = []): Assessment
{
    return Assessment::of(boltedSheet($groups, $more));
}

function boltedSheet(array $groups, array $more = []): Spindle\Sheet\JobSheet
{
    return sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave'], 'fastening' => (object) [...$groups, ...$more]]));
}

it('goes across a circle, never to a neighbour, each bolt once', function (int $bolts) {
    $order = BoltLayout::Circle->order($bolts);
    $sorted = $order;
    sort($sorted);
    $apart = static function (int $a, int $b) use ($bolts): int {
        $d = abs($a - $b);

        return min($d, $bolts - $d);
    };
    $steps = array_map($apart, array_slice($order, 0, -1), array_slice($order, 1));

    expect($sorted)->toBe(range(1, $bolts))
        // Opposite, or one beside it; of eight and more in pairs, of which the second stands at right angles to the first.
        ->and(min(array_filter($steps, static fn (int $i): bool => $bolts < 8 || $bolts % 2 === 1 || $i % 2 === 0, ARRAY_FILTER_USE_KEY)))
        ->toBeGreaterThanOrEqual(max(1, intdiv($bolts, 2) - 1))
        ->and($bolts < 5 ? 2 : min($steps))->toBeGreaterThanOrEqual(2);
})->with(range(3, 32));

it('goes along a row from the middle outwards', function (int $bolts) {
    $order = BoltLayout::Row->order($bolts);
    $sorted = $order;
    sort($sorted);
    $out = array_map(static fn (int $b): float => abs($b - ($bolts + 1) / 2), $order);

    expect($sorted)->toBe(range(1, $bolts))
        // Never further in than the one before, but for the two of a pair.
        ->and(array_filter(range(1, $bolts - 1), static fn (int $i): bool => $out[$i] < $out[$i - 1] - 1e-9))->toBe([]);
})->with(range(3, 32));

it('knows the usual stars', function () {
    expect(BoltLayout::Circle->order(6))->toBe([1, 4, 2, 5, 3, 6])->and(BoltLayout::Circle->order(4))->toBe([1, 3, 2, 4])
        ->and(BoltLayout::Circle->order(8))->toBe([1, 5, 3, 7, 2, 6, 4, 8])
        ->and(BoltLayout::Circle->order(12))->toBe([1, 7, 4, 10, 2, 8, 5, 11, 3, 9, 6, 12])
        ->and(BoltLayout::Circle->order(5))->toBe([1, 3, 5, 2, 4])->and(BoltLayout::Row->order(5))->toBe([3, 4, 2, 5, 1])
        ->and(fn () => BoltLayout::Circle->order(2))->toThrow(FasteningError::class)
        ->and(fn () => BoltLayout::Row->order(33))->toThrow(FasteningError::class);
});

it('has the stress areas of the standard', function (string $thread, float $area) {
    // ISO 898-1, table of nominal stress areas.
    expect(Thread::read($thread)?->stressArea()->value)->toEqualWithDelta($area, 0.06);
})->with([['M6', 20.1], ['M8', 36.6], ['M8x1.25', 36.6], ['M8x1', 39.2], ['M10', 58.0], ['M12', 84.3], ['M12x1,25', 92.1], ['M14', 115.4],
    ['m16 × 2', 156.7]]);

it('has the stress areas of inch threads', function (string $thread, float $squareInches) {
    // Table 8-2 of Budynas & Nisbett, coarse and fine series, from memory; 1 in² is 645.16 mm².
    expect(Thread::read($thread)?->stressArea()->value)->toEqualWithDelta($squareInches * 645.16, 0.4);
})->with([['1/4-20', 0.0318], ['1/4-28 UNF', 0.0364], ['5/16-18', 0.0524], ['3/8-16', 0.0775], ['3/8 UNC', 0.0775], ['3/8-24', 0.0878],
    ['7/16-14', 0.1063], ['7/16 in-20', 0.1187], ['1/2-13 unc', 0.1419], ['1/2-20', 0.1599], ['5/8-11', 0.226], ['1-8', 0.606]]);

it('reads no thread that is none', function (string $written) {
    expect(Thread::read($written))->toBeNull();
})->with(['', '8', 'M8x', '3/8-17', '3/7-16', '3/0-16', '3/8', '3/8-16 UNF', 'M99', 'M8x9', 'screw']);

it('gives a reference by proof load and size', function () {
    // ISO 898-1: 580 N/mm² to M16, 600 above, 830, 970. F = 0.75 × 580 × 36.6; T = 0.2 × 8 mm × F.
    expect(ReferenceTorque::preload(Thread::read('M8'), Grade::G88)->value)->toEqualWithDelta(15_925, 20)
        ->and(ReferenceTorque::of(Thread::read('M8'), Grade::G88, false)->value)->toEqualWithDelta(25.5, 0.1)
        ->and(ReferenceTorque::of(Thread::read('M8'), Grade::G88, true)->value)->toEqualWithDelta(19.1, 0.1)
        ->and(ReferenceTorque::of(Thread::read('M10'), Grade::G109, false)->value)->toEqualWithDelta(72.2, 0.3)
        ->and(Grade::G88->proofStress(Thread::read('M20')->diameter)->value)->toBe(600_000.0)
        ->and(Grade::G129->proofStress(Thread::read('M10')->diameter)->value)->toBe(970_000.0);
});

it('shows a reference only where the maker says nothing, and never takes it for the torque', function () {
    $without = bolted(['cover' => ['bolts' => 6, 'thread' => 'M8', 'grade' => '8.8']]);
    $with = bolted(['cover' => ['bolts' => 6, 'thread' => 'M8', 'grade' => '8.8', 'torque' => '25 N·m']]);

    expect($without->figure('fastening.cover.reference_torque'))->toEqualWithDelta(25.5, 0.1)
        ->and($without->find('fastening.cover_torque')?->verdict)->toBe(Verdict::Unmeasured)
        ->and($without->find('fastening.cover_torque')?->say(metric()))->toContain('a reference only')
        ->and($with->figure('fastening.cover.reference_torque'))->toBeNull()
        ->and($with->find('fastening.cover_torque')?->verdict)->toBe(Verdict::Within)
        ->and($with->figure('fastening.cover.order'))->toBe([1, 4, 2, 5, 3, 6]);
});

it('questions a torque that cannot be, and one the wrench cannot do', function (
    array $group,
    array $wrench,
    string $said,
    Verdict $verdict = Verdict::Near,
) {
    $a = bolted(['cover' => ['bolts' => 6, ...$group]], $wrench);

    expect($a->find('fastening.cover_torque')?->verdict)->toBe($verdict)
        ->and(plain((string) $a->find('fastening.cover_torque')?->say(metric())))->toContain($said);
})->with([
    'ten times as much' => [['thread' => 'M8', 'grade' => '8.8', 'torque' => '250 N·m'], [], 'A digit or a unit slipped?',
        Verdict::Out],
    // M8 8.8 takes about 25 N·m; a third of it is another bolt's, a little under half may be a soft casting's. From memory.
    'a third' => [['thread' => 'M8', 'grade' => '8.8', 'torque' => '8 N·m'], [], 'much less than such a bolt takes', Verdict::Out],
    'under half' => [['thread' => 'M8', 'grade' => '8.8', 'torque' => '11 N·m'], [], 'much less than such a bolt takes'],
    'twice' => [['thread' => 'M8', 'grade' => '8.8', 'torque' => '50 N·m'], [], 'more than such a bolt takes'],
    'pound-feet read as newton metres of inches' => [['torque' => '2 N·m'], [], 'unusual for these bolts'],
    'beyond the wrench' => [['torque' => '30 N·m'], ['wrench_from' => '5 N·m', 'wrench_to' => '25 N·m'], 'beyond the wrench'],
    'at the low end of a large wrench' => [['torque' => '25 N·m'], ['wrench_from' => '10 N·m', 'wrench_to' => '200 N·m'],
        'to be trusted from 40 N·m'],
]);

it('takes a little torque for the seat where an angle follows', function () {
    $seat = ['thread' => 'M8', 'grade' => '8.8', 'torque' => '8 N·m', 'angle' => '90 °'];

    expect(bolted(['cover' => ['bolts' => 6, ...$seat]])->find('fastening.cover_torque')?->verdict)->toBe(Verdict::Within);
});

it('says when rounds are ticked that there are not', function (array $group, ?Verdict $verdict) {
    expect(bolted(['cover' => ['bolts' => 6, 'torque' => '24 N·m', ...$group]])->find('fastening.cover_ticked')?->verdict)->toBe($verdict);
})->with([
    'bolts that there are not' => [['done_hand' => [1, 8]], Verdict::Near],
    'an angle that nobody entered' => [['done_angle' => [1]], Verdict::Near],
    'with the angle' => [['done_angle' => [1], 'angle' => '90 °'], null],
]);

it('is not done until every bolt went through every round', function () {
    $six = ['bolts' => 6, 'torque' => '24 N·m'];
    $all = range(1, 6);
    $rounds = ['done_hand' => $all, 'done_seat' => $all, 'done_half' => [1, 4]];
    $plan = TighteningPlan::of(boltedSheet(['cover' => [...$six, ...$rounds]]), BoltGroup::Cover);
    $half = bolted(['cover' => [...$six, ...$rounds]])->find('fastening.cover_rounds');

    expect($plan?->stage())->toBe(TighteningStage::Half)->and($plan?->next())->toBe(2)
        ->and($plan?->torqueAt(TighteningStage::Half)?->value)->toEqualWithDelta(12.0, 1e-9)
        ->and($half?->verdict)->toBe(Verdict::Unmeasured)
        ->and(plain((string) $half?->say(metric())))->toContain('12.0 N·m, 2 of 6; next is bolt 2')
        // A bolt ticked twice is one bolt, and one that is not there is none.
        ->and(bolted(['cover' => [...$six, ...$rounds, 'done_half' => [1, 1, 4, 2, 5, 3, 9]]])->find('fastening.cover_rounds')?->verdict)
        ->toBe(Verdict::Unmeasured)
        ->and(bolted(['cover' => [...$six, ...$rounds, 'done_half' => $all, 'done_full' => $all]])
            ->find('fastening.cover_rounds')?->verdict)
        ->toBe(Verdict::Within)
        // With an angle there is one round more.
        ->and(bolted(['cover' => [...$six, ...$rounds, 'done_half' => $all, 'done_full' => $all, 'angle' => '90°']])
            ->find('fastening.cover_rounds')?->verdict)->toBe(Verdict::Unmeasured);
});

it('watches the cover come down square', function (array $gaps, ?bool $slides, string $finding, Verdict $verdict) {
    $a = bolted(['cover' => ['bolts' => 6, 'gap' => $gaps, ...($slides === null ? [] : ['tool_slides' => $slides])]]);

    expect($a->find($finding)?->verdict)->toBe($verdict);
})->with([
    'even' => [['1.0 mm', '1.1 mm', '1.1 mm', '1.0 mm'], true, 'fastening.cover_gap', Verdict::Within],
    'tilted' => [['1.0 mm', '1.8 mm', '2.1 mm', '1.4 mm'], null, 'fastening.cover_gap', Verdict::Out],
    'the tool binds' => [['1.0 mm', '1.1 mm'], false, 'fastening.cover_tool', Verdict::Out],
]);

it('keeps what is particular about single bolts', function () {
    $plan = TighteningPlan::of(boltedSheet(['housing' => ['bolts' => 9, 'layout' => 'row',
        'differ' => "3: M10x1.5, 60 long\n7) 3/8 in, earth strap\nnot a line"]]), BoltGroup::Housing);

    expect($plan?->notes)->toBe([3 => 'M10x1.5, 60 long', 7 => '3/8 in, earth strap'])->and($plan?->order[0])->toBe(5)
        ->and(TighteningPlan::of(boltedSheet(['housing' => (object) []]), BoltGroup::Housing))->toBeNull();
});

it('takes bolts that are given an angle through it, whatever rounds were chosen', function () {
    $all = range(1, 6);
    $cover = ['bolts' => 6, 'thread' => 'M8x1.25', 'grade' => '8.8', 'torque' => '25 Nm', 'stages' => ['hand', 'full'],
        'done_hand' => $all, 'done_full' => $all];

    expect(bolted(['cover' => $cover])->find('fastening.cover_rounds')?->verdict)->toBe(Verdict::Within)
        ->and(bolted(['cover' => [...$cover, 'angle' => '90 °']])->find('fastening.cover_rounds')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(bolted(['cover' => [...$cover, 'angle' => '90 °', 'done_angle' => $all]])->find('fastening.cover_rounds')?->verdict)
        ->toBe(Verdict::Within);
});
