<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

/*
 * New against old. What a difference means is a fact of the trade: common practice, no source. A calliper and a depth gauge are trusted
 * to 0.03 mm each, so two readings differ for sure only beyond 0.03 · √2 = 0.042 mm (GUM 5.1.2).
 */

function bench(array $readings, array $kit = []): Assessment
{
    return Assessment::of(sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'slave'],
        'readings' => (object) $readings, ...($kit === [] ? [] : ['kit' => $kit]),
    ])));
}

it('marks a difference above what two new parts differ by, and what the readings can be trusted', function (
    string $pair, string $old, string $new, Verdict $expected,
) {
    expect(bench(["bench.{$pair}_old" => $old, "bench.{$pair}_new" => $new])->find("bench.{$pair}")?->verdict)->toBe($expected);
})->with([
    ['fingers', '37.40 mm', '37.40 mm', Verdict::Within], ['fingers', '37.40 mm', '37.44 mm', Verdict::Within],
    // 0.2 mm less the doubt of both, 0.042 mm: just inside, just outside, far outside.
    ['fingers', '37.40 mm', '37.55 mm', Verdict::Within], ['fingers', '37.40 mm', '37.57 mm', Verdict::Near],
    ['fingers', '37.4 mm', '35.0 mm', Verdict::Near],
    ['outer', '240.0 mm', '240.05 mm', Verdict::Within], ['outer', '240.0 mm', '239.6 mm', Verdict::Within],
    ['outer', '240.0 mm', '239.5 mm', Verdict::Near], ['outer', '240.0 mm', '215.0 mm', Verdict::Near],
    ['hub_flywheel', '4.0 mm', '4.1 mm', Verdict::Within], ['hub_flywheel', '4.0 mm', '4.3 mm', Verdict::Near],
    ['hub_gearbox', '14.0 mm', '13.9 mm', Verdict::Within], ['hub_gearbox', '14.0 mm', '14.3 mm', Verdict::Near],
    ['bolt_circle', '256.0 mm', '256.2 mm', Verdict::Within], ['bolt_circle', '256.0 mm', '256.3 mm', Verdict::Near],
    ['bolt_circle', '256.0 mm', '256.4 mm', Verdict::Out],
    // Thinner than the old one, which was worn.
    ['thickness', '8.20 mm', '8.15 mm', Verdict::Within], ['thickness', '8.20 mm', '8.00 mm', Verdict::Near],
]);

it('says of a small difference how large it is', function () {
    $said = static fn (string $new): string => plain(
        bench(['bench.outer_old' => '240.00 mm', 'bench.outer_new' => $new])->find('bench.outer')?->say(metric()) ?? '',
    );

    expect($said('240.05 mm'))->toContain('0.05 mm more than before, no more than between two new ones')
        ->and($said('239.50 mm'))->toContain('0.50 mm less than before: it carries less');
});

it('says what the difference means for the work', function () {
    $said = static fn (array $r, string $id): string => plain(bench($r)->find("bench.{$id}")?->say(metric()) ?? '');

    expect($said(['bench.fingers_old' => '37 mm', 'bench.fingers_new' => '39 mm'], 'fingers'))->toContain('clearance shrinks')
        ->and($said(['bench.fingers_old' => '39 mm', 'bench.fingers_new' => '37 mm'], 'fingers'))->toContain('clearance grows')
        ->and($said(['bench.hub_flywheel_old' => '4 mm', 'bench.hub_flywheel_new' => '6 mm'], 'hub_flywheel'))->toContain('crank bolts');
});

it('does not take a worn disc for a wrong one', function () {
    expect(bench(['bench.thickness_old' => '7.1 mm', 'bench.thickness_new' => '8.4 mm'])->find('bench.thickness')?->verdict)
        ->toBe(Verdict::Within)
        ->and(bench(['bench.thickness_old' => '8.4 mm', 'bench.thickness_new' => '7.1 mm'])->find('bench.thickness')?->verdict)
        ->toBe(Verdict::Near);
});

it('rejects what does not meet shaft or flywheel', function (array $readings, string $id) {
    expect(bench($readings)->find("bench.{$id}")?->verdict)->toBe(Verdict::Out);
})->with([
    [['bench.splines_old' => 26, 'bench.splines_new' => 23], 'splines'], [['bench.bolts_old' => 6, 'bench.bolts_new' => 9], 'bolts'],
    [['bench.bolt_circle_old' => '256.0 mm', 'bench.bolt_circle_new' => '258.0 mm'], 'bolt_circle'],
    [['bench.clears' => 'stands'], 'clears'], [['bench.slides' => false], 'slides'], [['bench.tool' => false], 'tool'],
    [['bench.sits' => false], 'sits'], [['bench.release_test' => 'drags'], 'release_test'], [['bench.damage' => ['bent_strap']], 'damage'],
    [['bench.accepted' => 'sent_back', 'bench.reason' => 'Strap bent'], 'accepted'],
    [['bench.orientation' => 'long', 'bench.orientation_by' => 'rule'], 'orientation'],
]);

it('trusts the old disc and a trial, and the usual rule only half', function (string $by, Verdict $expected) {
    expect(bench(['bench.orientation' => 'short', 'bench.orientation_by' => $by])->find('bench.orientation')?->verdict)->toBe($expected);
})->with([['old_disc', Verdict::Within], ['trial', Verdict::Within], ['marked', Verdict::Within], ['rule', Verdict::Near]]);

it('asks nothing before it is begun or a kit is chosen, and then what decides', function () {
    $kit = ['name' => 'K', 'clamp_load' => '6 kN', 'contents' => 'Disc, cover'];

    expect(bench([])->find('bench.accepted'))->toBeNull()
        ->and(bench([], ['name' => 'K', 'clamp_load' => '6 kN'])->find('bench.accepted')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(bench([], $kit)->find('bench.accepted')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(bench([], $kit)->find('bench.clears')?->verdict)->toBe(Verdict::Unmeasured)
        ->and(bench(['bench.damage' => ['none']])->find('bench.orientation')?->missing)
        ->toBe(['bench.orientation', 'bench.orientation_by'])
        ->and(bench(['bench.accepted' => 'sent_back'])->find('bench.accepted')?->missing)->toBe(['bench.reason'])
        // That the release was not tried is said, and passes nothing and fails nothing.
        ->and(bench(['bench.release_test' => 'not_done'])->find('bench.release_test'))->toBeNull();
});

it('makes every figure of what was measured, and says what the list said', function () {
    $kit = ['name' => 'K', 'clamp_load' => '6 kN', 'lining_outer' => '240 mm', 'lining_inner' => '160 mm', 'material' => 'organic',
        'spline_count' => 23, 'contents' => 'Disc, cover'];
    $listed = bench([], $kit);
    $measured = bench(['bench.outer_new' => '215 mm', 'bench.splines_new' => 24], $kit);
    $said = static fn (Assessment $a, string $id): string => plain($a->find($id)?->say(metric()) ?? '');

    // T = n mu F (Ro + Ri) / 2 with 2 faces and mu 0.30: by hand.
    expect($listed->figure('capacity.run_in'))->toEqualWithDelta(2 * 0.30 * 6000 * (0.240 + 0.160) / 4, 0.01)
        ->and($measured->figure('capacity.run_in'))->toEqualWithDelta(2 * 0.30 * 6000 * (0.215 + 0.160) / 4, 0.01)
        ->and($listed->find('bench.as_listed'))->toBeNull()
        ->and($said($measured, 'bench.as_listed'))->toContain('240.0 mm in the list, 215.0 mm measured')
        ->and($said($measured, 'bench.splines_listed'))->toContain('24 splines counted, 23 in the list');
});

it('takes what a list leaves out from the bench, and no part on a bench for a kit', function () {
    $kit = ['name' => 'K', 'clamp_load' => '6 kN', 'contents' => 'Disc, cover'];
    $with = bench(['bench.fingers_new' => '37 mm', 'match.stack_height' => '37 mm'], $kit);

    expect($with->find('kit.stack_height')?->missing ?? [])->not->toContain('kit.finger_height')
        ->and($with->find('bench.as_listed'))->toBeNull()
        ->and(bench(['bench.fingers_new' => '37 mm'])->find('kit.stack_height'))->toBeNull();
});

it('takes what was read before the bench for the old part, and says nothing of a comparison nobody began', function () {
    // Counted at Strip: the holes of the flywheel are those of the old cover. Common practice, no source.
    $counted = bench(['match.bolt_count' => 6, 'bench.bolts_new' => 9]);
    expect($counted->find('bench.bolts')?->verdict)->toBe(Verdict::Out)
        ->and(bench(['match.bolt_count' => 6])->find('bench.bolts'))->toBeNull()
        // Whatever was read before, nothing is asked of a bench that nobody has begun.
        ->and(array_filter(bench(['match.bolt_count' => 6, 'match.stack_height' => '37 mm', 'disc.lining_outer' => '215 mm'])->findings,
            static fn (Finding $f): bool => str_starts_with($f->id, 'bench.')))->toBe([])
        ->and(bench(['bench.bolts_old' => 6])->find('bench.bolts')?->verdict)->toBe(Verdict::Unmeasured)
        // What was counted on the part itself counts for it, whatever was said elsewhere.
        ->and(bench(['match.bolt_count' => 6, 'bench.bolts_old' => 9, 'bench.bolts_new' => 9])->find('bench.bolts')?->verdict)
        ->toBe(Verdict::Within);
});

it('trusts what stands in for a reading as far as what it was read with', function () {
    $by = static fn (string $instrument): ?Verdict => Assessment::of(sheetOfJson((string) json_encode([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'slave'],
        'readings' => ['match.stack_height' => '37.40 mm', 'bench.fingers_new' => '37.80 mm'],
        'instruments' => ['match.stack_height' => $instrument],
    ])))->find('bench.fingers')?->verdict;

    // A depth gauge to 0.03 mm tells 0.40 mm apart, a steel rule to 0.5 mm does not.
    expect($by('depth_gauge'))->toBe(Verdict::Near)->and($by('steel_rule'))->toBe(Verdict::Within);
});
