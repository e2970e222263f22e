<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\SignOff;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Station;

/*
 * How far a job goes, by what triage comes to. Common practice, no source: an adjustment or a bleeding is proved and signed without
 * anything being taken apart; once a clutch is open everything in it is looked at.
 */

/**
 * @param  array<string, mixed>  $readings
 * @param  array<string, mixed>  $more
 */
function jobOf(array $readings, string $actuation = 'slave', array $more = []): Assessment
{
    // What is empty is an object in a file, not a list.
    return Assessment::of(
        sheetOfJson(
            str_replace(
                ['"readings":[]', '"hydraulics":[]'],
                ['"readings":{}', '"hydraulics":{}'],
                (string) json_encode(
                    array_replace_recursive(
                        [
                            'format' => 'jade-spindle/job-sheet',
                            'version' => 1,
                            'vehicle' => ['class' => 'car', 'actuation' => $actuation, 'flywheel' => 'solid'],
                            'readings' => $readings,
                        ],
                        $more,
                    ),
                ),
            ),
        ),
    );
}

/** Spongy after hydraulic work, better for pumping, and soft with the slave blocked. */
const AIRY = ['triage.signs' => ['spongy', 'pumping_helps', 'after_hydraulic', 'reverse_grinds'], 'triage.t_blocked' => 'positive'];

const LOOKED_AT = [
    'disc.conditions' => ['none'],
    'cover.conditions' => ['none'],
    'flywheel.conditions' => ['none'],
    'bearing.conditions' => ['none'],
    'pilot.conditions' => ['none'],
    'shaft.conditions' => ['none'],
    'seals.conditions' => ['none'],
    'fork.conditions' => ['none'],
];

/** What every job owes is seen on complete jobs; here is what the outcome adds. */
function isOwed(Finding $finding): bool
{
    return str_contains($finding->id, '.owed_') || $finding->id === 'prove.tests';
}

/** @return list<string> */
function missing(Assessment $assessment): array
{
    $asked = array_filter($assessment->findings, static fn (Finding $f): bool => $f->verdict === Verdict::Unmeasured && ! isOwed($f));

    return array_values(array_unique(array_merge(...array_map(static fn (Finding $f): array => $f->missing, array_values($asked)))));
}

/** @return list<string> */
function blockers(Assessment $assessment, bool $kit = false): array
{
    $open = array_filter(SignOff::of($assessment->findings, $kit)->blockers, static fn (Finding $f): bool => ! isOwed($f));

    return array_map(static fn (Finding $f): string => $f->id, array_values($open));
}

it('signs a bleeding with its proof, and without a kit', function (?string $proof, array $blockers) {
    $readings = ['triage.kind' => 'bleed', ...AIRY];
    $assessment = jobOf($readings, more: ['release' => ['free_play' => '3 mm'], 'hydraulics' => array_filter(['proof' => $proof])]);

    expect(blockers($assessment))->toBe($blockers)
        ->and($assessment->find('capacity.margin')?->verdict)->toBe(Verdict::NotApplicable)
        ->and($assessment->find('capacity.margin')?->say(metric()))->toBe('Not reached: this job is to bleed, not to take apart.')
        ->and($assessment->find('demand.engine_torque')?->verdict)->toBe(Verdict::NotApplicable)
        ->and($assessment->find('disc.wear')?->verdict)->toBe(Verdict::NotApplicable)
        ->and(missing($assessment))->toBe($proof === null || $proof === 'not_opened' ? ['hydraulics.proof'] : []);
})->with([
    'hard as a wall' => ['hard', []], 'firm' => ['firm', []], 'still soft' => ['soft', ['hydraulics.proof']],
    'no proof' => [null, ['hydraulics.proof']], 'nothing was opened' => ['not_opened', ['hydraulics.proof']],
]);

it('asks what the job comes to before it is signed on the strength of a sum', function () {
    $assessment = jobOf(AIRY, more: ['release' => ['free_play' => '3 mm'], 'hydraulics' => ['proof' => 'hard']]);

    expect($assessment->reach?->outcome->value)->toBe('bleed')
        ->and(blockers($assessment))->toBe(['triage.outcome'])
        ->and(missing($assessment))->toBe(['triage.kind']);
});

it('goes all the way while triage is not sure, and with nothing said', function (array $readings) {
    expect(blockers(jobOf($readings)))->toContain('capacity.margin', 'disc.wear', 'disc.conditions', 'demand.engine_torque');
})->with([
    'nothing entered' => [[]],
    'one sign' => [['triage.signs' => ['reverse_grinds']]],
    'said so' => [['triage.kind' => 'strip', ...AIRY]],
]);

it('grows into a strip and keeps what it has', function () {
    $before = jobOf(['triage.kind' => 'bleed', ...AIRY], more: ['hydraulics' => ['proof' => 'hard'], 'release' => ['free_play' => '3 mm']]);
    $after = jobOf(['triage.kind' => 'strip', ...AIRY], more: ['hydraulics' => ['proof' => 'hard'], 'release' => ['free_play' => '3 mm']]);

    expect(blockers($before))->toBe([])->and(blockers($after))->toContain('disc.conditions', 'capacity.margin')
        ->and($after->find('hydraulics.proof')?->verdict)->toBe(Verdict::Within)
        ->and($after->find('release.free_play')?->verdict)->toBe(Verdict::Within);
});

it(
    'goes all the way once a kit is chosen, whatever was said',
    fn () => expect(jobOf(['triage.kind' => 'bleed'], more: ['kit' => ['name' => 'K']])->find('disc.wear')?->verdict)->toBe(
        Verdict::Unmeasured,
    ),
);

it('never hides what was found out because the job does not reach it', function () {
    $assessment = jobOf(
        ['triage.kind' => 'adjust', 'flywheel.flatness' => ['0.4 mm', '0.4 mm', '0.4 mm'], 'pilot.play' => '0.6 mm'],
        more: ['release' => ['free_play' => '3 mm']],
    );

    expect($assessment->find('flywheel.flatness')?->verdict)
        ->toBe(Verdict::Out)
        ->and(blockers($assessment))
        ->toContain('flywheel.flatness', 'pilot.play');
});

it(
    'says when triage points elsewhere than the job',
    fn () => expect(jobOf(['triage.kind' => 'adjust', ...AIRY])->find('triage.outcome')?->verdict)
        ->toBe(Verdict::Near)
        ->and(jobOf(['triage.kind' => 'bleed', ...AIRY])->find('triage.outcome')?->verdict)
        ->toBe(Verdict::Within),
);

it('wants the part that was mended, and the proof where hydraulics are', function (
    string $actuation,
    array $readings,
    array $hydraulics,
    array $missing,
) {
    expect(missing(jobOf(['triage.kind' => 'repair_actuation', ...$readings], $actuation, [
        'release' => ['free_play' => $actuation === 'cable' ? '10 mm' : '3 mm'],
        'hydraulics' => $hydraulics,
    ])))->toBe($missing);
})->with([
    'cable, named' => ['cable', ['triage.repaired' => 'Cable replaced'], ['proof' => null], []],
    'cable, not named' => ['cable', [], ['proof' => null], ['triage.repaired']],
    'slave, no proof' => ['slave', ['triage.repaired' => 'Slave replaced'], ['proof' => null], ['hydraulics.proof']],
    'slave, proved' => ['slave', ['triage.repaired' => 'Slave replaced'], ['proof' => 'firm'], []],
    'slave, bracket only' => ['slave', ['triage.repaired' => 'Bracket welded'], ['proof' => 'not_opened'], []],
]);

it(
    'wants what it is instead of the clutch, and nothing of the pedal',
    fn () => expect(missing(jobOf(['triage.kind' => 'not_the_clutch'])))
        ->toBe(['triage.referred'])
        ->and(missing(jobOf(['triage.kind' => 'not_the_clutch', 'triage.referred' => 'Gearbox, second gear; to the gearbox shop'])))
        ->toBe([]),
);

it('does not ask a bleeding for what shows only with the gearbox off', function () {
    $assessment = jobOf(['triage.kind' => 'bleed', ...AIRY], 'concentric', [
        'release' => ['pedal_travel' => '140 mm', 'free_play' => '3 mm'],
        'hydraulics' => ['proof' => 'hard'],
    ]);

    expect($assessment->find('release.clearance')->verdict ?? Verdict::NotApplicable)
        ->toBe(Verdict::NotApplicable)
        ->and(array_intersect($assessment->unmeasured(), ['release.depth_to_fingers', 'release.cushion', 'release.finger_ratio']))
        ->toBe([]);
});

it('wants every part of an open clutch looked at', function (string $part) {
    $assessment = jobOf(array_diff_key(LOOKED_AT, ["{$part}.conditions" => true]));

    expect($assessment->find("{$part}.conditions")?->verdict)->toBe(Verdict::Unmeasured)
        ->and(jobOf(LOOKED_AT)->find("{$part}.conditions")?->verdict)->toBe(Verdict::Within);
})->with(['disc', 'cover', 'flywheel', 'bearing', 'pilot', 'shaft', 'seals', 'fork']);

it('wants no look at what the vehicle does not have', fn () => expect(jobOf([], 'concentric')->find('fork.conditions'))->toBeNull()
    ->and(jobOf([], 'slave', ['vehicle' => ['pilot' => 'none']])->find('pilot.conditions'))->toBeNull());

it(
    'takes a face that was mapped for one that was looked at',
    fn () => expect(jobOf(['flywheel.marks' => ['heat_spot 3 100 mm']])->find('flywheel.conditions'))
        ->toBeNull()
        ->and(jobOf(['flywheel.flatness' => ['0.02 mm', '0.02 mm', '0.02 mm']])->find('flywheel.conditions')?->verdict)
        ->toBe(Verdict::Unmeasured),
);

it('lets oil block until its leak is named and mended', function (array $readings, ?Verdict $verdict) {
    expect(jobOf($readings + LOOKED_AT)->find('seals.leak')?->verdict)->toBe($verdict);
})->with([
    'dry' => [[], null],
    'oily, nothing named' => [['disc.conditions' => ['oil']], Verdict::Unmeasured],
    'oily by its kind alone' => [['disc.oil' => 'gear'], Verdict::Unmeasured],
    'second disc oily' => [['disc2.conditions' => ['oil']], Verdict::Unmeasured],
    'named' => [['disc.conditions' => ['oil'], 'seals.leak' => 'rear_seal'], Verdict::Unmeasured],
    'named, not mended' => [['disc.conditions' => ['oil'], 'seals.leak' => 'rear_seal', 'seals.leak_mended' => false], Verdict::Out],
    'mended' => [['disc.conditions' => ['oil'], 'seals.leak' => 'rear_seal', 'seals.leak_mended' => true], Verdict::Within],
]);

it(
    'lets oil block although the oily disc itself is replaced',
    fn () => expect(blockers(jobOf(['disc.conditions' => ['oil']] + LOOKED_AT), true))
        ->toContain('seals.leak')
        ->not->toContain('disc.conditions'),
);

it('knows which stations a job reaches', function () {
    $reach = jobOf(['triage.kind' => 'adjust'])->reach;

    expect(array_map(static fn (Station $s): bool => $reach?->reaches($s) ?? false, Station::cases()))->toBe([
        true,
        true,
        false,
        false,
        false,
        false,
        false,
        true,
        true,
        true,
    ]);
});
