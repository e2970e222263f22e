<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Verdict;

/*
 * Limits that maker or shop give for one job. Rules are common practice, no source; numbers are made up.
 */

/**
 * @param  array<string, mixed>  $readings
 * @param  array<string, array<string, string>>  $limits
 */
function limited(array $readings, array $limits, string $class = 'car'): Assessment
{
    return Assessment::of(
        sheetOfJson(
            (string) json_encode([
                'format' => 'jade-spindle/job-sheet',
                'version' => 1,
                'vehicle' => ['class' => $class, ...$class === 'tractor' ? ['stages' => 'two'] : []],
                'readings' => (object) $readings,
                'limits' => (object) array_map(static fn (array $l): array => $l + ['source' => 'maker'], $limits),
            ]),
        ),
    );
}

it('holds both bounds against the one reading there is', function (string $tip, Verdict $verdict) {
    expect(
        limited(['shaft.tip_diameter' => $tip], ['shaft.tip_diameter' => ['min' => '14.90 mm', 'max' => '15.00 mm']])->find(
            'shaft.tip_diameter',
        )?->verdict,
    )->toBe($verdict);
})->with([
    ['14.95 mm', Verdict::Within],
    ['14.98 mm', Verdict::Near],
    ['14.92 mm', Verdict::Near],
    ['14.85 mm', Verdict::Out],
    ['15.05 mm', Verdict::Out],
]);

it('judges places by the end that is worse', function (array $heights, Verdict $verdict) {
    expect(
        limited(['cover.finger_heights' => $heights], ['cover.finger_heights' => ['min' => '30.0 mm', 'max' => '32.0 mm']])->find(
            'cover.finger_heights_given',
        )?->verdict,
    )->toBe($verdict);
})->with([
    // Before, only the greatest was held against the band.
    'one too low, none too high' => [['29.5 mm', '31.0 mm'], Verdict::Out],
    'one too high' => [['31.0 mm', '32.5 mm'], Verdict::Out],
    'one at the lower edge' => [['30.01 mm', '31.0 mm'], Verdict::Near],
    'all inside' => [['30.5 mm', '31.0 mm'], Verdict::Within],
]);

it('does not let a band for heights silence their spread', function () {
    $assessment = limited(
        ['cover.finger_heights' => ['30.5 mm', '31.6 mm', '30.8 mm']],
        ['cover.finger_heights' => ['min' => '30.0 mm', 'max' => '32.0 mm']],
    );

    expect($assessment->find('cover.finger_heights_given')?->verdict)
        ->toBe(Verdict::Within)
        ->and($assessment->find('cover.finger_heights')?->verdict)
        ->toBe(Verdict::Out);
});

it("uses the maker's air gap of a two-stage set", function (string $gap, Verdict $verdict) {
    expect(
        limited(['two_stage.air_gap_travel' => $gap], ['two_stage.air_gap_travel' => ['min' => '0.6 mm']], 'tractor')->find(
            'two_stage.air_gap_travel',
        )?->verdict,
    )->toBe($verdict);
})->with([['0.5 mm', Verdict::Out], ['0.6 mm', Verdict::Near], ['0.7 mm', Verdict::Within]]);

it(
    'uses a limit given for one side of the disc, or for the second disc',
    fn () => expect(
        limited(['disc.rivet_depth_cover' => '0.9 mm'], ['disc.rivet_depth_cover' => ['min' => '1.0 mm']])->find('disc.rivet_depth_cover')
            ?->verdict,
    )
        ->toBe(Verdict::Out)
        ->and(limited(['disc2.runout' => '0.6 mm'], ['disc2.runout' => ['max' => '0.5 mm']], 'tractor')->find('disc2.runout')?->verdict)
        ->toBe(Verdict::Out),
);

it('has one owner for every finding, whatever limits are given', function (string $class) {
    // Everything read, everything limited: no two parts of the assessment may judge under one name.
    $readings = $limits = [];
    foreach (Subjects::dictionary()->all() as $key => $field) {
        if ($field->path()[0] === 'readings' && $field->dimension !== null && $field->kind->name === 'Quantities') {
            [$least, $greatest] = $field->range?->bounds() ?? [0.0, 1.0];
            $readings[$key] = [$least + 0.4 * ($greatest - $least), $least + 0.5 * ($greatest - $least)];
        }
        if ($field->dimension !== null) {
            [$least, $greatest] = $field->range?->bounds() ?? [0.0, 1.0];
            $limits[$key] = ['min' => max(-1.0, $least), 'max' => min(1000.0, $greatest)];
        }
    }
    foreach (
        [
            ...Subjects::dictionary()->figures->all(),
            ...array_map(static fn ($row): string => $row->name, Subjects::dictionary()->practice->rows),
        ] as $name
    ) {
        if (Subjects::dictionary()->figures->dimension($name) !== null) {
            $limits[$name] ??= ['min' => 1, 'max' => 2];
        }
    }
    $readings += [
        'flywheel.thickness' => '26 mm',
        'flywheel.machined' => '0.3 mm',
        'flywheel.mounting_cut' => '0.2 mm',
        'cover.clamp_load' => '5 kN',
        'cover.clamp_load_new' => '6 kN',
        'pilot.bore' => '15 mm',
        'shaft.tip_diameter' => '15 mm',
    ];
    $sheet = [
        'format' => 'jade-spindle/job-sheet',
        'version' => 1,
        'vehicle' => ['class' => $class, 'flywheel' => 'pot', 'actuation' => 'pull', 'stages' => 'two'],
        'readings' => $readings,
        'limits' => array_map(static fn (array $l): array => $l + ['source' => 'maker'], $limits),
    ];
    $ids = array_map(static fn ($finding): string => $finding->id, Assessment::of(sheetOfJson((string) json_encode($sheet)))->findings);

    expect(count($ids))->toBe(count(array_unique($ids)))->and(count($ids))->toBeGreaterThan(40);
})->with(['car', 'truck', 'tractor']);

it('says of a limit on something that is only shown that it is not used', function (string $name, array $limit, bool $isUsed) {
    $finding = limited([], [$name => $limit])->find("limits.{$name}");

    expect($finding?->verdict)
        ->toBe($isUsed ? null : Verdict::Near)
        ->and($isUsed || str_contains((string) $finding?->say(metric()), 'it is not used'))
        ->toBeTrue();
})->with([
    'heat in all' => ['launch.energy', ['max' => '20000 J'], false],
    'torque when new' => ['capacity.new', ['min' => '300 Nm'], false],
    'lift' => ['release.lift', ['min' => '1 mm'], false],
    'margin' => ['capacity.margin', ['min' => '1.3'], true],
    'a reading' => ['disc.thickness', ['min' => '7 mm'], true],
    'air gap' => ['release.air_gap_face', ['min' => '0.5 mm'], true],
]);

it('says of a reading that nothing judges that it is only recorded', function (
    string $key,
    string $reading,
    array $limit,
    ?Verdict $verdict,
) {
    expect(limited([$key => $reading], $limit === [] ? [] : [$key => $limit])->find($key)?->verdict)->toBe($verdict);
})->with([
    'play in the bearing' => ['bearing.play', '0.2 mm', [], Verdict::NotApplicable],
    'with the maker\'s figure, out' => ['bearing.play', '0.2 mm', ['max' => '0.1 mm'], Verdict::Out],
    'with the maker\'s figure, near' => ['bearing.play', '0.2 mm', ['max' => '0.205 mm'], Verdict::Near],
    'with the maker\'s figure, within' => ['bearing.play', '0.2 mm', ['max' => '0.3 mm'], Verdict::Within],
    'bolts' => ['flywheel.bolt_torque', '60 Nm', [], Verdict::NotApplicable],
    'bolts, loose' => ['flywheel.bolt_torque', '30 Nm', ['min' => '60 Nm'], Verdict::Out],
]);
