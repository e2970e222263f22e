<?php

declare(strict_types=1);

use Spindle\Release\ChainAtWork;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingOption;
use Spindle\Sheet\JobSheet;

/*
 * What is drawn of the chain is worked out once. By hand: pedal 6 : 1, cable 1.6, fork 1.6; the bearing goes (140 − play) ÷ 15.36.
 */

function cableSheet(array $release = [], array $kit = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_filter([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'actuation' => 'cable'],
        'release' => array_filter(['pedal_travel' => '140 mm', 'pedal_ratio' => 6, 'free_play' => '10 mm', 'rod_pitch' => '1.25 mm',
            'linkage_ratio' => 1.6, 'fork_ratio' => 1.6, 'finger_ratio' => 3.8, 'cushion' => '0.6 mm', 'stroke_loss' => 0,
            'cover_loss' => '0 mm', ...$release], static fn (mixed $v): bool => $v !== null),
        'kit' => $kit,
    ])));
}

it('is one value for a sheet, with a position for each step from rest to the floor', function () {
    $sheet = cableSheet();
    $work = ChainAtWork::of($sheet);

    expect(ChainAtWork::of($sheet))->toBe($work)
        ->and($work->chain)->toBeInstanceOf(ReleaseChain::class)
        ->and($work->positions)->toHaveCount(ChainAtWork::STEPS + 1)
        ->and($work->positions[0]->fingers->value)->toBe(0.0)
        ->and($work->positions[ChainAtWork::STEPS]->fingers->value)->toEqualWithDelta((140 - 10) / 15.36, 1e-9)
        ->and($work->options[0]->kind)->toBe(SettingOption::NOW);
});

it('says what it is not known without, and offers nothing then', function () {
    $work = ChainAtWork::of(cableSheet(['cushion' => null]));

    expect($work->chain)->toBeNull()->and($work->missing)->toBe(['release.cushion'])
        ->and([$work->positions, $work->options, $work->then, $work->stop()])->toBe([[], [], [], null]);
});

it('follows an option only as far as its own pedal goes', function () {
    $work = ChainAtWork::of(cableSheet(['air_gap_wanted' => '0.3 mm']));
    $stop = $work->stop();
    $last = $work->then[SettingOption::STOP][ChainAtWork::STEPS];

    expect($stop?->chain->pedalTravel->value)->toBeLessThan(140.0)
        ->and($last->pad->value)->toEqualWithDelta((float) $stop?->chain->pedalTravel->value, 1e-9);
});

it('takes a stop beneath the floor for none', function () {
    $work = ChainAtWork::of(cableSheet(['air_gap_wanted' => '5 mm']));

    expect(array_column($work->options, 'kind'))->toContain(SettingOption::STOP)
        ->and($work->stop())->toBeNull()->and($work->then)->not->toHaveKey(SettingOption::STOP);
});

it('says too far only where the cover says how far', function () {
    // (140 − 10) ÷ 15.36 = 8.46 mm
    $tooFar = static fn (array $kit): bool => ($work = ChainAtWork::of(cableSheet([], $kit)))->isTooFar($work->options[0]);

    expect($tooFar(['release_travel_max' => '8.4 mm']))->toBeTrue()
        ->and($tooFar(['release_travel_max' => '8.5 mm']))->toBeFalse()
        ->and($tooFar([]))->toBeFalse();
});
