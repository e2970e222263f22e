<?php

declare(strict_types=1);

use Spindle\Limit\Concession;
use Spindle\Limit\ConcessionError;
use Spindle\Limit\Verdict;

/* How far a reason reaches. Common practice, no source: what was not measured and then is found out has not been let pass. */

it('covers what it was given for and what is better, never what is worse', function (Verdict $reach, array $covered) {
    $waiver = Concession::of('the customer drives it to the scrapyard', $reach);
    foreach (Concession::REACHES as $found) {
        expect($waiver->covers($found))->toBe(in_array($found, $covered, true), "{$reach->value} and {$found->value}");
    }
})->with([
    'out' => [Verdict::Out, [Verdict::Out, Verdict::Unmeasured, Verdict::Near]],
    'unmeasured' => [Verdict::Unmeasured, [Verdict::Unmeasured, Verdict::Near]],
    'near' => [Verdict::Near, [Verdict::Near]],
]);

it('is not given for what needs none', function (Verdict $found, string $said) {
    expect(fn () => Concession::of('because', $found))->toThrow(ConcessionError::class, $said);
})->with([
    [Verdict::Within, 'there is nothing to let pass: it is within'],
    [Verdict::NotApplicable, 'there is nothing to let pass: it is not applicable'],
]);

it('reads from a sheet how far it reaches, and holds what is then measured as out', function (array $waiver, bool $isMeasured,
    bool $passes) {
    $sheet = ['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car'], 'readings' => $isMeasured
        ? ['flywheel.flatness' => ['0.9 mm', '0.9 mm', '0.9 mm']] : new stdClass, 'waivers' => ['flywheel.flatness' => $waiver]];
    $finding = Spindle\Assessment\Assessment::of(sheetOfJson((string) json_encode($sheet)))->find('flywheel.flatness');

    expect($finding?->verdict)->toBe($isMeasured ? Verdict::Out : Verdict::Unmeasured)->and($finding?->isWaived())->toBe($passes);
})->with([
    'given for unmeasured, unmeasured' => [['reason' => 'no straight edge here', 'for' => 'unmeasured'], false, true],
    'given for unmeasured, then out' => [['reason' => 'no straight edge here', 'for' => 'unmeasured'], true, false],
    'given for out' => [['reason' => 'it is scrapped next week', 'for' => 'out'], true, true],
    'a file that does not say' => [['reason' => 'it is scrapped next week'], true, true],
    'given for near, unmeasured' => [['reason' => 'a hair over', 'for' => 'near'], false, false],
]);
