<?php

declare(strict_types=1);

use Spindle\Inspection\Condition;
use Spindle\Limit\Verdict;

/*
 * What rejects a part at once, once more by hand. Common practice, no source.
 */
it('rejects a part for what is seen on it, or does not', function (string $part, string $word, Verdict $verdict, string $advice) {
    $condition = Condition::find($part, $word);

    expect($condition)->not->toBeNull()
        ->and($condition?->verdict)->toBe($verdict)
        ->and($condition?->consequence)->toContain($advice);
})->with([
    ['disc', 'oil', Verdict::Out, 'leak'],
    ['disc', 'cracks', Verdict::Out, 'replace'],
    ['disc', 'loose_lining', Verdict::Out, 'pieces'],
    ['disc', 'broken_spring', Verdict::Out, 'find the piece'],
    ['disc', 'loose_spring', Verdict::Out, 'replace'],
    ['disc', 'cracked_cushion', Verdict::Out, 'replace'],
    ['disc', 'bent', Verdict::Out, 'replace'],
    ['disc', 'blue', Verdict::Out, 'overheated'],
    ['disc', 'glazed', Verdict::Out, 'overheated'],
    ['cover', 'cracks', Verdict::Out, 'replace'],
    ['cover', 'heat_spots', Verdict::Out, 'how many and where'],
    ['cover', 'scoring', Verdict::Out, 'replace'],
    ['cover', 'broken_finger', Verdict::Out, 'find the piece'],
    ['cover', 'bent_strap', Verdict::Out, 'dropped'],
    ['cover', 'broken_lug', Verdict::Out, 'find the piece'],
    ['cover', 'missing_spring', Verdict::Out, 'find the spring'],
    ['cover', 'uneven_lever', Verdict::Out, 'pivot lug'],
    ['flywheel', 'faint_marks', Verdict::Within, 'scuff'],
    ['flywheel', 'heat_spots', Verdict::Out, 'grind'],
    ['flywheel', 'scoring', Verdict::Out, 'grind'],
    ['flywheel', 'cracks', Verdict::Out, 'bolt hole'],
    ['flywheel', 'loose_bolts', Verdict::Near, 'judders'],
    ['flywheel', 'ring_gear', Verdict::Out, 'replace'],
    ['pilot', 'rough', Verdict::Out, 'replace'],
    ['pilot', 'loose', Verdict::Out, 'replace'],
    ['pilot', 'seized', Verdict::Out, 'shaft'],
    ['pilot', 'dry', Verdict::Out, 'replace'],
    ['pilot', 'seal_torn', Verdict::Out, 'replace'],
    ['bearing', 'rough', Verdict::Out, 'replace'],
    ['bearing', 'dry', Verdict::Out, 'replace'],
    ['bearing', 'noisy', Verdict::Out, 'replace'],
    ['bearing', 'wet', Verdict::Out, 'complete'],
    ['bearing', 'face_track', Verdict::Near, 'replace'],
]);

it('has no condition beyond these that nobody checked', function () {
    $count = array_sum(array_map(static fn (string $part): int => count(Condition::of($part)), ['disc', 'cover', 'flywheel', 'pilot', 'bearing']));

    expect($count)->toBe(33);
});
