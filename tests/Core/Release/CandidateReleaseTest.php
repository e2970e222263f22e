<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Release\CandidateRelease;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetReader;

/* A candidate on the vehicle's own chain comes to just what the chosen kit would: one rule, held against the assessment of the job. */

/** @param  array<string, mixed>  $release  @param  array<string, mixed>  $kit */
function onTheChain(array $release = [], array $kit = []): JobSheet
{
    return sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1,
        'vehicle' => ['class' => 'car', 'actuation' => 'slave', 'flywheel' => 'solid'],
        'release' => array_filter(['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '8 mm', 'master_bore' => '15.87 mm',
            'slave_bore' => '20.64 mm', 'fork_ratio' => 1.9, 'clearance' => '1.5 mm', 'finger_ratio' => 3.8, 'cushion' => '0.6 mm',
            ...$release], static fn (mixed $v): bool => $v !== null),
        ...($kit === [] ? [] : ['kit' => ['name' => 'K', ...$kit]])]));
}

/** @param  array<string, mixed>  $kit */
function candidateOf(array $kit): FieldValues
{
    return (new SheetReader(Subjects::dictionary()))->kit((object) $kit);
}

it('gives of a candidate what the assessment gives of the kit once it is chosen', function (array $kit) {
    $chosen = Assessment::of(onTheChain([], $kit));
    $on = CandidateRelease::of(onTheChain(), candidateOf(['name' => 'K', ...$kit]));

    expect($on->pedalForce?->value)->toEqualWithDelta($chosen->figure('release.pedal_force'), 1e-9)
        ->and($on->bearingTravel?->value)->toEqualWithDelta($chosen->figure('release.bearing_travel'), 1e-9)
        ->and($on->airGap?->value)->toEqualWithDelta($chosen->figure('release.air_gap_face'), 1e-9)
        ->and(100 * ($on->takeUp->value ?? 0.0))->toEqualWithDelta($chosen->figure('release.take_up_percent'), 1e-9);
})->with([[['release_load' => '1.5 kN', 'release_travel_max' => '9 mm']], [['release_load' => '2.4 kN', 'discs' => 2]]]);

it('does not take the kit that is chosen for the one that is looked at', function () {
    $on = CandidateRelease::of(onTheChain([], ['release_load' => '3.0 kN']), candidateOf(['name' => 'Other', 'release_load' => '1.5 kN']));
    $without = CandidateRelease::of(onTheChain([], ['release_load' => '3.0 kN']), candidateOf(['name' => 'Other']));

    expect($on->pedalForce?->value)
        ->toEqualWithDelta(Assessment::of(onTheChain([], ['release_load' => '1.5 kN']))->figure('release.pedal_force'), 1e-9)
        ->and($without->pedalForce)->toBeNull()->and($without->missing)->toContain('kit.release_load');
});

it('says what is missing, and whether the cover takes the travel', function () {
    $unknown = CandidateRelease::of(onTheChain(['master_bore' => null]), candidateOf(['release_load' => '1.5 kN']));
    $on = static fn (string $most): ?bool => CandidateRelease::of(
        onTheChain(), candidateOf(['release_travel_max' => $most]),
    )->overTravels();

    expect($unknown->pedalForce)->toBeNull()->and($unknown->missing)->toContain('release.master_bore')
        ->and($on('20 mm'))->toBeFalse()->and($on('2 mm'))->toBeTrue()
        ->and(CandidateRelease::of(onTheChain(), candidateOf([]))->overTravels())->toBeNull();
});
