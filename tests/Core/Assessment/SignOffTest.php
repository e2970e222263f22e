<?php

declare(strict_types=1);

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
