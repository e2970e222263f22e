<?php

declare(strict_types=1);

use Spindle\Assessment\Owed\Debt;
use Spindle\Assessment\Owed\Table;
use Spindle\Assessment\SignOff;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;

it('lets nothing unmeasured or out be signed without a reason', function (Finding $finding, bool $kit, bool $allowed) {
    expect(SignOff::of([Finding::of('demand.engine_torque', Verdict::Within, aSentence()), $finding], $kit)->isAllowed())->toBe($allowed);
})->with([
    'unmeasured' => [fn () => Finding::unmeasured('flywheel.thickness', aSentence(), 'flywheel.thickness'), true, false],
    'unmeasured, waived' => [
        fn () => Finding::unmeasured('flywheel.thickness', aSentence(), 'flywheel.thickness')->waived('replaced'), true, true,
    ],
    'near' => [fn () => Finding::of('flywheel.face_runout', Verdict::Near, aSentence()), true, true],
    'not applicable' => [fn () => Finding::notApplicable('flywheel.thickness', aSentence()), true, true],
    'old disc out, new kit in' => [fn () => Finding::of('disc.wear', Verdict::Out, aSentence()), true, true],
    'old disc out, nothing new' => [fn () => Finding::of('disc.wear', Verdict::Out, aSentence()), false, false],
    'kit too weak' => [fn () => Finding::of('capacity.margin', Verdict::Out, aSentence()), true, false],
    'flywheel out' => [fn () => Finding::of('flywheel.face_runout', Verdict::Out, aSentence()), true, false],
    'flywheel out, waived' => [
        fn () => Finding::of('flywheel.face_runout', Verdict::Out, aSentence())->waived('ground, second reading 0.04'),
        true,
        true,
    ],
]);

it('has a sentence for every debt, and a debt for every sentence', function () {
    $said = array_map(static fn (Debt $debt): string => $debt->why->in(metric()), Table::rows());
    $source = (string) file_get_contents(dirname(__DIR__, 3).'/core/Assessment/Owed/OwedSentences.php');
    preg_match_all("/^        '([a-z_]+\\.[a-z_]+)' =>/m", $source, $named);

    expect(array_filter($said, static fn (string $s): bool => strlen($s) < 20))->toBe([])
        ->and(array_values(array_diff($named[1], array_map(static fn (Debt $debt): string => $debt->id, Table::rows()))))->toBe([]);
});
