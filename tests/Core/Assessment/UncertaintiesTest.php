<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Torque;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;

/*
 * How far a reading is trusted: by the instrument noted, by the shop's own figure for it, else by the one built in. The rule
 * is ISO 14253-1; the built-in figures are from memory.
 */

/** A car's sheet with these sections. */
function trusting(array $sections): JobSheet
{
    return sheetOfJson(
        (string) json_encode(
            ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car', 'flywheel' => 'solid']] + $sections,
        ),
    );
}

it('moves a verdict with the instrument and with the shop\'s word on it', function (array $sections, Verdict $verdict) {
    $sheet = trusting(['readings' => ['disc.runout' => '0.47 mm'], ...$sections]);
    expect(Assessment::of($sheet)->find('disc.runout')?->verdict)->toBe($verdict);
})->with([
    'a dial' => [[], Verdict::Within],
    'a rule' => [['instruments' => ['disc.runout' => 'steel_rule']], Verdict::Near],
    'a worn dial' => [['uncertainties' => ['dial_indicator' => '0.05 mm']], Verdict::Near],
    'a worn dial that was not used' => [
        ['uncertainties' => ['dial_indicator' => '0.05 mm'], 'instruments' => ['disc.runout' => 'calliper']],
        Verdict::Near,
    ],
    'a good calliper' => [
        ['uncertainties' => ['calliper' => '0.02 mm'], 'instruments' => ['disc.runout' => 'calliper']],
        Verdict::Within,
    ],
    'in thousandths' => [['uncertainties' => ['dial_indicator' => '2 thou']], Verdict::Near],
]);

it('takes the torque wrench as a share of the reading', function (array $sections, float $newtonMetres) {
    expect(trusting($sections)->uncertaintyOf('flywheel.bolt_torque', Torque::of(80.0))?->value)->toEqualWithDelta($newtonMetres, 1e-9);
})->with([[[], 3.2], [['uncertainties' => ['torque_wrench' => '6 %']], 4.8], [['uncertainties' => ['torque_wrench' => 0.02]], 1.6]]);

it('names the place of an uncertainty that cannot be', function (array $uncertainties, string $message) {
    expect(fn () => trusting(['uncertainties' => $uncertainties]))->toThrow(SheetError::class, $message);
})->with([
    [['sundial' => '1 mm'], 'uncertainties.sundial: no instrument of this name'],
    [['calliper' => '-0.1 mm'], 'uncertainties.calliper: an uncertainty is not negative'],
    [['calliper' => '30 mm'], 'uncertainties.calliper: an uncertainty this large measures nothing'],
    [['torque_wrench' => '3 mm'], 'uncertainties.torque_wrench'],
    [['calliper' => '5 %'], 'uncertainties.calliper'],
]);
