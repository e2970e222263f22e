<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Area;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;

/*
 * Uncertainty of computed figures against the closed forms of JCGM 100:2008 (GUM), 5.1.2: of a difference the root of the sum of
 * squares, of a quotient and a product the relative ones, of a mean u ÷ √n. Uncertainties of the instruments are defaults from
 * memory: calliper and depth gauge 0.03 mm, dial 0.01 mm, rule 0.5 mm.
 */

/** @param  array<string, mixed>  $readings */
function measured(array $readings, array $more = []): JobSheet
{
    return sheetOfJson(
        (string) json_encode(
            ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car'], 'readings' => (object) $readings] +
                $more,
        ),
    );
}

$one = static fn (string $key): Closure => static fn (JobSheet $s): ?Length => $s->values->one(Length::class, $key);

it('agrees with the closed forms', function (array $readings, Closure $figure, array $keys, float $uncertainty, string $decidedBy) {
    $estimate = Estimate::of(measured($readings), $figure, ...$keys);

    expect($estimate?->uncertainty?->value)
        ->toEqualWithDelta($uncertainty, 1e-6 + 1e-4 * $uncertainty)
        ->and($estimate->decidedBy)
        ->toBe($decidedBy);
})->with([
    'one reading' => [['disc.runout' => '0.3 mm'], $one('disc.runout'), ['disc.runout'], 0.01, 'disc.runout'],
    'a difference' => [
        ['pilot.bore' => '15.2 mm', 'shaft.tip_diameter' => '15.0 mm'],
        static fn (JobSheet $s): ?Length => $s->values
            ->one(Length::class, 'pilot.bore')
            ?->minus($s->values->one(Length::class, 'shaft.tip_diameter') ?? Length::mm(0.0)),
        ['pilot.bore', 'shaft.tip_diameter'],
        hypot(0.03, 0.03),
        'pilot.bore',
    ],
    'a quotient a ÷ b: the root of (u(a) ÷ b)² + (a u(b) ÷ b²)²' => [
        ['two_stage.travel_to_first' => '20 mm', 'two_stage.travel_total' => '40 mm'],
        static fn (JobSheet $s): ?Ratio => $s->values
            ->one(Length::class, 'two_stage.travel_to_first')
            ?->ratioTo($s->values->one(Length::class, 'two_stage.travel_total') ?? Length::mm(1.0)),
        ['two_stage.travel_to_first', 'two_stage.travel_total'],
        hypot(0.5 / 40, (20 * 0.5) / 40 ** 2),
        'two_stage.travel_to_first',
    ],
    'a product a × b: the root of (b u(a))² + (a u(b))²' => [
        ['pilot.bore' => '15 mm', 'shaft.tip_diameter' => '20 mm'],
        static fn (JobSheet $s): ?Area => Area::of(
            ($s->values->one(Length::class, 'pilot.bore')->value ?? 0.0) *
                ($s->values->one(Length::class, 'shaft.tip_diameter')->value ?? 0.0),
        ),
        ['pilot.bore', 'shaft.tip_diameter'],
        hypot(20 * 0.03, 15 * 0.03),
        'pilot.bore',
    ],
    'a mean of three: u ÷ √3' => [
        ['release.depth_to_fingers' => ['69.0 mm', '69.1 mm', '69.2 mm']],
        static fn (JobSheet $s): Length => Length::mm(
            array_sum(array_map(static fn (Length $l): float => $l->value, $s->values->all(Length::class, 'release.depth_to_fingers'))) /
                3,
        ),
        ['release.depth_to_fingers'],
        0.03 / sqrt(3),
        'release.depth_to_fingers',
    ],
    'the least of three that lie apart: that one alone' => [
        ['disc.thickness' => ['7.0 mm', '7.2 mm', '7.4 mm']],
        static fn (JobSheet $s): Length => Length::least(array_values($s->values->all(Length::class, 'disc.thickness'))),
        ['disc.thickness'],
        0.03,
        'disc.thickness',
    ],
    'a spread: both ends' => [
        ['cover.finger_heights' => ['32.0 mm', '32.2 mm', '32.6 mm']],
        static fn (JobSheet $s): Length => Length::spread($s->values->all(Length::class, 'cover.finger_heights')),
        ['cover.finger_heights'],
        hypot(0.03, 0.03),
        'cover.finger_heights',
    ],
]);

it('takes the instrument that was used, and the shop\'s own figure for it', function (array $more, float $uncertainty) use ($one) {
    expect(
        Estimate::of(measured(['disc.thickness_new' => '8.3 mm'], $more), $one('disc.thickness_new'), 'disc.thickness_new')?->uncertainty
            ?->value,
    )->toEqualWithDelta($uncertainty, 1e-9);
})->with([
    'usual' => [[], 0.03],
    'with a rule' => [['instruments' => ['disc.thickness_new' => 'steel_rule']], 0.5],
    'the shop trusts its calliper more' => [['uncertainties' => ['calliper' => '0.02 mm']], 0.02],
]);

it('has none where nothing in it has one, and is nothing where it cannot be worked out', function () use ($one) {
    expect(Estimate::of(measured(['disc.thickness_new' => '8.3 mm']), $one('disc.thickness_new'))?->uncertainty)->toBeNull()
        ->and(Estimate::of(measured([]), $one('disc.runout'), 'disc.runout'))->toBeNull();
});

it('names the reading that decides where only the doubt keeps a verdict from being plain', function (
    string $now,
    array $instruments,
    Verdict $verdict,
    string $says,
) {
    $finding = Assessment::of(
        measured(
            ['disc.thickness_new' => '8.30 mm', 'disc.thickness' => $now, 'disc.usable_per_side' => '1.00 mm'],
            ['instruments' => (object) $instruments],
        ),
    )->find('disc.wear');

    expect($finding?->verdict)->toBe($verdict)->and(str_replace("\u{00A0}", ' ', $finding->say(metric())))->toContain($says);
})->with([
    // 1.0 mm a side: 80 % is 1.6 mm. The calliper gives ± 2.1 %, the depth gauge at this wear ± 2.4 %: together ± 3.2 %.
    'just under the limit it is watched anyway' => ['6.72 mm', [], Verdict::Near, 'Replace while it is open'],
    'just over the limit, which decides' => ['6.68 mm', [], Verdict::Near, 'decides: measure it again, more finely'],
    'just over the limit' => ['6.68 mm', [], Verdict::Near, 'It is known to ± 3.2 %'],
    'plainly out' => ['6.60 mm', [], Verdict::Out, 'Replace.'],
    'a rule decides nothing' => ['6.50 mm', ['disc.thickness' => 'steel_rule'], Verdict::Near, 'disc thickness now decides'],
]);

it(
    'says nothing of doubt where the watch band alone is reached',
    fn () => expect(
        Assessment::of(
            measured(['disc.thickness_new' => '8.30 mm', 'disc.thickness' => '7.10 mm', 'disc.usable_per_side' => '1.00 mm']),
        )->find('disc.wear')?->say(metric()),
    )->not->toContain('±'),
);

it('gives each judged figure its uncertainty in its own unit', function () {
    $figures = Assessment::of(
        measured(
            [
                'disc.thickness_new' => '8.30 mm',
                'disc.thickness' => '7.30 mm',
                'disc.usable_per_side' => '1.00 mm',
                'release.depth_to_fingers' => ['69.0 mm', '69.1 mm', '69.2 mm'],
                'release.bearing_height' => '65.2 mm',
            ],
            ['vehicle' => ['class' => 'car', 'actuation' => 'concentric']],
        ),
    )->figures;

    // Half worn: √(0.03² + 0.03²) ÷ 2 of the thickness, 0.5 × 0.06 ÷ 2 of the usable lining; in per cent.
    expect($figures['wear.percent']->uncertainty)
        ->toEqualWithDelta(100 * hypot(hypot(0.03, 0.03) / 2, (0.5 * 0.06) / 2), 1e-2)
        ->and($figures['wear.percent']->decidedBy)
        ->toBeIn(['disc.thickness_new', 'disc.thickness', 'disc.usable_per_side'])
        ->and($figures['release.clearance']->uncertainty)
        ->toEqualWithDelta(hypot(0.03 / sqrt(3), 0.03), 1e-6);
});

it('is near where an assumed worn clamp load could go either way, and names what to enter', function (
    string $torque,
    ?string $worn,
    Verdict $verdict,
) {
    // Organic, 240/160 mm, 6.2 kN: hot 310 N·m. A coil cover is assumed to press 80 % when worn, give or take ten: 260 to 335 N·m.
    $kit =
        ['discs' => 1, 'lining_outer' => 240, 'lining_inner' => 160, 'material' => 'organic', 'clamp_load' => 6200, 'spring' => 'coil'] +
        ($worn === null ? [] : ['clamp_load_worn' => $worn]);
    $finding = Assessment::of(
        sheetOfJson(
            (string) json_encode([
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => ['class' => 'car'],
                'engine' => ['peak_torque' => $torque],
                'duty' => 'town',
                'kit' => $kit,
            ]),
        ),
    )->find('capacity.floor');

    expect($finding?->verdict)
        ->toBe($verdict)
        ->and(str_contains($finding->say(metric()), 'enter the clamp load at the wear limit'))
        ->toBe($verdict === Verdict::Near);
})->with([
    'strong enough at any' => ['240 Nm', null, Verdict::Within],
    'could be either' => ['260 Nm', null, Verdict::Near],
    'too weak at any' => ['310 Nm', null, Verdict::Out],
    'given, and enough' => ['260 Nm', '5000 N', Verdict::Within],
]);
